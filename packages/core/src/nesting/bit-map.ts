/**
 * A rectangle of bits, a row after another in words of 32: which lattice points of a sheet something holds for. Owns its memory; nothing
 * here allocates but the constructor and `copy`.
 */
export class BitMap {
  readonly perRow: number
  readonly words: Uint32Array

  constructor(
    readonly width: number,
    readonly height: number,
  ) {
    this.perRow = (width + 31) >>> 5
    this.words = new Uint32Array(this.perRow * height)
  }

  copy(): BitMap {
    const copied = new BitMap(this.width, this.height)
    copied.words.set(this.words)
    return copied
  }

  copyFrom(other: BitMap): void {
    this.words.set(other.words)
  }

  has(x: number, y: number): boolean {
    return (((this.words[y * this.perRow + (x >>> 5)] as number) >>> (x & 31)) & 1) === 1
  }

  /** Sets the bits from `from` to `to`, both included, as far as they lie in the map. */
  setSpan(y: number, from: number, to: number): void {
    if (y < 0 || y >= this.height) return
    const first = Math.max(0, from)
    const last = Math.min(this.width - 1, to)
    if (first > last) return
    const row = y * this.perRow
    const [firstWord, lastWord] = [first >>> 5, last >>> 5]
    const firstMask = 0xffffffff << (first & 31)
    const lastMask = 0xffffffff >>> (31 - (last & 31))
    const { words } = this
    if (firstWord === lastWord) {
      words[row + firstWord] = (words[row + firstWord] as number) | (firstMask & lastMask)
      return
    }
    words[row + firstWord] = (words[row + firstWord] as number) | firstMask
    for (let word = firstWord + 1; word < lastWord; word++) words[row + word] = 0xffffffff
    words[row + lastWord] = (words[row + lastWord] as number) | lastMask
  }

  /** Clears every bit that is set in another map, laid so that its origin lies at (dx, dy) of this one. */
  clearUnder(other: BitMap, dx: number, dy: number): void {
    const fromRow = Math.max(0, -dy)
    const toRow = Math.min(other.height, this.height - dy)
    const wordShift = dx >> 5
    const bitShift = dx & 31
    for (let row = fromRow; row < toRow; row++) {
      const source = row * other.perRow
      const target = (row + dy) * this.perRow
      for (let word = 0; word < other.perRow; word++) {
        const bits = other.words[source + word] as number
        if (bits === 0) continue
        const at = word + wordShift
        if (at >= 0 && at < this.perRow)
          this.words[target + at] = (this.words[target + at] as number) & ~(bits << bitShift)
        if (bitShift !== 0 && at + 1 >= 0 && at + 1 < this.perRow)
          this.words[target + at + 1] = (this.words[target + at + 1] as number) & ~(bits >>> (32 - bitShift))
      }
    }
  }

  /** Clears every bit that is not set in another map of the same size. */
  keepUnder(other: BitMap): void {
    for (let word = 0; word < this.words.length; word++)
      this.words[word] = (this.words[word] as number) & (other.words[word] as number)
  }

  /** The first bit that is set in a row, -1 for none. */
  firstIn(y: number): number {
    const row = y * this.perRow
    for (let word = 0; word < this.perRow; word++) {
      const bits = this.words[row + word] as number
      if (bits !== 0) return (word << 5) + 31 - Math.clz32(bits & -bits)
    }
    return -1
  }

  /** The last bit that is set in a row, -1 for none. */
  lastIn(y: number): number {
    const row = y * this.perRow
    for (let word = this.perRow - 1; word >= 0; word--) {
      const bits = this.words[row + word] as number
      if (bits !== 0) return (word << 5) + 31 - Math.clz32(bits)
    }
    return -1
  }
}
