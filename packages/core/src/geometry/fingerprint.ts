import type { Polyline } from './polyline.js'

/** A short name for numbers that are the same to the last bit; FNV-1a over their bytes, twice with different seeds. */
export const fingerprintOf = (lines: readonly Polyline[]): string => {
  let one = 0x811c9dc5
  let two = 0x01000193
  const value = new Float64Array(1)
  const bytes = new Uint32Array(value.buffer)
  for (const line of lines) {
    one = Math.imul(one ^ line.length, 0x01000193)
    for (let at = 0; at < line.length; at++) {
      value[0] = line[at] as number
      one = Math.imul(one ^ (bytes[0] as number), 0x01000193)
      one = Math.imul(one ^ (bytes[1] as number), 0x01000193)
      two = Math.imul(two ^ (bytes[1] as number), 0x85ebca6b) + (bytes[0] as number)
    }
  }
  return `${(one >>> 0).toString(36)}${(two >>> 0).toString(36)}`
}
