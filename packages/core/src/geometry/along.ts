import type { Polyline } from './polyline.js'

/** A place on a line, with the unit vector along it there. */
export interface PlaceAlong {
  readonly x: number
  readonly y: number
  readonly alongX: number
  readonly alongY: number
}

/** The places of a line so far from its first point, in the unit of its points; the distances ascend, and what lies beyond its end is at it. */
export const placesAlong = (line: Polyline, distances: readonly number[]): PlaceAlong[] => {
  const places: PlaceAlong[] = []
  let at = 2
  let walked = 0
  for (const aim of distances)
    for (; at + 1 < line.length; at += 2) {
      const [x0, y0, x1, y1] = [line[at - 2], line[at - 1], line[at], line[at + 1]] as [number, number, number, number]
      const piece = Math.hypot(x1 - x0, y1 - y0)
      if (walked + piece >= aim || at + 3 >= line.length) {
        const share = piece > 0 ? Math.min(1, Math.max(0, (aim - walked) / piece)) : 0
        const [alongX, alongY] = piece > 0 ? [(x1 - x0) / piece, (y1 - y0) / piece] : [1, 0]
        places.push({ x: x0 + share * (x1 - x0), y: y0 + share * (y1 - y0), alongX, alongY })
        break
      }
      walked += piece
    }
  return places
}

/** The part of a line between two distances from its first point; empty where it has none there. */
export const partAlong = (line: Polyline, from: number, to: number): number[] => {
  const part: number[] = []
  let walked = 0
  for (let at = 2; at + 1 < line.length && walked < to; at += 2) {
    const [x0, y0, x1, y1] = [line[at - 2], line[at - 1], line[at], line[at + 1]] as [number, number, number, number]
    const piece = Math.hypot(x1 - x0, y1 - y0)
    const [begins, ends] = [Math.max(0, (from - walked) / piece), Math.min(1, (to - walked) / piece)]
    if (piece > 0 && begins < ends) {
      if (part.length === 0) part.push(x0 + begins * (x1 - x0), y0 + begins * (y1 - y0))
      part.push(x0 + ends * (x1 - x0), y0 + ends * (y1 - y0))
    }
    walked += piece
  }
  return part
}
