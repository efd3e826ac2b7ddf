import { isClosed, type Polyline } from './polyline.js'

interface End {
  readonly line: number
  readonly atStart: boolean
}

/** The ends in a cell; those before `from` are taken, so that none is passed over twice. */
interface Ends {
  readonly all: End[]
  from: number
}

const reversed = (line: readonly number[]): number[] => {
  const back: number[] = []
  for (let at = line.length - 2; at >= 0; at -= 2) back.push(line[at] as number, line[at + 1] as number)
  return back
}

/**
 * Joins open polylines whose ends meet within `tolerance` into longer ones, and closes those that come back to their start.
 * Drawings often hold a shape as loose lines and arcs. Where more than two ends meet, the first two found are joined.
 */
export const joinLines = (lines: readonly Polyline[], tolerance: number): number[][] => {
  const done: number[][] = []
  const open: number[][] = []
  for (const line of lines) {
    const copy = [...line]
    if (copy.length < 4) continue
    if (isClosed(copy)) done.push(copy)
    else open.push(copy)
  }

  const cellOf = (value: number): number => Math.round(value / tolerance)
  const ends = new Map<string, Ends>()
  const keyOf = (x: number, y: number): string => `${x} ${y}`
  const endPoint = ({ line, atStart }: End): readonly [number, number] => {
    const points = open[line] as number[]
    return atStart
      ? [points[0] as number, points[1] as number]
      : [points[points.length - 2] as number, points[points.length - 1] as number]
  }
  open.forEach((_, line) => {
    for (const atStart of [true, false]) {
      const [x, y] = endPoint({ line, atStart })
      const key = keyOf(cellOf(x), cellOf(y))
      const there = ends.get(key)
      if (there) there.all.push({ line, atStart })
      else ends.set(key, { all: [{ line, atStart }], from: 0 })
    }
  })
  const used = new Set<number>()
  /** Another open line's end near this point. */
  const partnerAt = (x: number, y: number): End | undefined => {
    for (let dx = -1; dx <= 1; dx++)
      for (let dy = -1; dy <= 1; dy++) {
        const there = ends.get(keyOf(cellOf(x) + dx, cellOf(y) + dy))
        if (!there) continue
        while (there.from < there.all.length && used.has((there.all[there.from] as End).line)) there.from++
        for (let at = there.from; at < there.all.length; at++) {
          const end = there.all[at] as End
          if (used.has(end.line)) continue
          const [ex, ey] = endPoint(end)
          if ((ex - x) ** 2 + (ey - y) ** 2 <= tolerance * tolerance) return end
        }
      }
    return undefined
  }
  const grow = (chain: number[]): number[] => {
    for (;;) {
      const partner = partnerAt(chain[chain.length - 2] as number, chain[chain.length - 1] as number)
      if (!partner) return chain
      used.add(partner.line)
      const next = open[partner.line] as number[]
      const piece = partner.atStart ? next : reversed(next)
      for (let at = 2; at < piece.length; at++) chain.push(piece[at] as number)
    }
  }
  open.forEach((line, index) => {
    if (used.has(index)) return
    used.add(index)
    // Grown at its end, then, turned round, at its beginning; in the end it runs as it was drawn.
    const chain = reversed(grow(reversed(grow([...line]))))
    const gap = Math.hypot(
      (chain[0] as number) - (chain[chain.length - 2] as number),
      (chain[1] as number) - (chain[chain.length - 1] as number),
    )
    if (chain.length >= 8 && gap <= tolerance) {
      chain[chain.length - 2] = chain[0] as number
      chain[chain.length - 1] = chain[1] as number
    }
    done.push(chain)
  })
  return done
}
