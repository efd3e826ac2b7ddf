import { cosine, sine } from '../numerics/sine.js'
import type { Polyline } from './polyline.js'

/** x' = a·x + c·y + e, y' = b·x + d·y + f: the order in which SVG writes its matrices. */
export type Affine = readonly [a: number, b: number, c: number, d: number, e: number, f: number]

export const identity: Affine = [1, 0, 0, 1, 0, 0]

export const translation = (x: number, y: number): Affine => [1, 0, 0, 1, x, y]

/** A turn about the origin from +x towards +y, degrees. */
export const rotation = (degrees: number): Affine => {
  const angle = (degrees * Math.PI) / 180
  const cos = cosine(angle)
  const sin = sine(angle)
  return [cos, sin, -sin, cos, 0, 0]
}

/** First `second`, then `first`: the product first × second. */
export const after = (first: Affine, second: Affine): Affine => [
  first[0] * second[0] + first[2] * second[1],
  first[1] * second[0] + first[3] * second[1],
  first[0] * second[2] + first[2] * second[3],
  first[1] * second[2] + first[3] * second[3],
  first[0] * second[4] + first[2] * second[5] + first[4],
  first[1] * second[4] + first[3] * second[5] + first[5],
]

export const transformed = (line: Polyline, [a, b, c, d, e, f]: Affine): number[] => {
  const moved: number[] = new Array<number>(line.length)
  for (let at = 0; at + 1 < line.length; at += 2) {
    const x = line[at] as number
    const y = line[at + 1] as number
    moved[at] = a * x + c * y + e
    moved[at + 1] = b * x + d * y + f
  }
  return moved
}
