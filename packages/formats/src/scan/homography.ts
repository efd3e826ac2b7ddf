/** A place in a picture, pixels from its top left corner. */
export interface Pixel {
  readonly x: number
  readonly y: number
}

/** Eight numbers of a projective map: x' = (a·x + b·y + c) / (g·x + h·y + 1), y' = (d·x + e·y + f) / (g·x + h·y + 1). */
export type Homography = readonly [
  a: number,
  b: number,
  c: number,
  d: number,
  e: number,
  f: number,
  g: number,
  h: number,
]

/**
 * The map from a rectangle of w × h onto four corners, in the order top left, top right, bottom right, bottom left. Undefined where
 * three of them lie in a line. Source: the closed form of the unit square's projective map (P. Heckbert, fundamentals of texture
 * mapping and image warping, 1989).
 */
export const ontoCorners = (
  w: number,
  h: number,
  corners: readonly [Pixel, Pixel, Pixel, Pixel],
): Homography | undefined => {
  const [p0, p1, p2, p3] = corners
  const [dx1, dy1] = [p1.x - p2.x, p1.y - p2.y]
  const [dx2, dy2] = [p3.x - p2.x, p3.y - p2.y]
  const [sx, sy] = [p0.x - p1.x + p2.x - p3.x, p0.y - p1.y + p2.y - p3.y]
  const area = dx1 * dy2 - dx2 * dy1
  const ahead = (p1.x - p0.x) * (p3.y - p0.y) - (p3.x - p0.x) * (p1.y - p0.y)
  if (Math.abs(area) < 1e-9 || Math.abs(ahead) < 1e-9) return undefined
  const g = (sx * dy2 - dx2 * sy) / area
  const k = (dx1 * sy - sx * dy1) / area
  return [
    (p1.x - p0.x + g * p1.x) / w,
    (p3.x - p0.x + k * p3.x) / h,
    p0.x,
    (p1.y - p0.y + g * p1.y) / w,
    (p3.y - p0.y + k * p3.y) / h,
    p0.y,
    g / w,
    k / h,
  ]
}

/** Where a place of the rectangle is in the picture. */
export const mapped = ([a, b, c, d, e, f, g, h]: Homography, x: number, y: number): Pixel => {
  const w = g * x + h * y + 1
  return { x: (a * x + b * y + c) / w, y: (d * x + e * y + f) / w }
}
