import { mapped, ontoCorners, type Pixel } from './homography.js'

/** A picture as pixels of red, green, blue and opacity, row by row, as a canvas gives it. */
export interface Picture {
  readonly width: number
  readonly height: number
  readonly rgba: Uint8ClampedArray
}

/** A picture squared up: so many pixels a millimetre both ways. */
export interface SquarePicture extends Picture {
  readonly pixelsPerMm: number
}

/** How a picture gets its scale: by the corners of a sheet of known size, or by two ends of a known length on a ruler in it. */
export type Scale =
  | {
      readonly by: 'sheet'
      /** Top left, top right, bottom right, bottom left, pixels. */
      readonly corners: readonly [Pixel, Pixel, Pixel, Pixel]
      readonly widthMm: number
      readonly heightMm: number
    }
  | { readonly by: 'ruler'; readonly ends: readonly [Pixel, Pixel]; readonly lengthMm: number }

/** The finest a picture is squared up to, and the most pixels it may have then. */
const FINEST_PER_MM = 10
const MOST_PIXELS = 6_000_000

/** Red, green, blue and opacity at a place between pixels, by their weighted mean. */
const sample = ({ width, height, rgba }: Picture, { x, y }: Pixel, into: Uint8ClampedArray, at: number): void => {
  const [fx, fy] = [Math.min(width - 1, Math.max(0, x - 0.5)), Math.min(height - 1, Math.max(0, y - 0.5))]
  const [x0, y0] = [Math.floor(fx), Math.floor(fy)]
  const [x1, y1] = [Math.min(width - 1, x0 + 1), Math.min(height - 1, y0 + 1)]
  const [u, v] = [fx - x0, fy - y0]
  for (let channel = 0; channel < 4; channel++) {
    const value = (px: number, py: number): number => rgba[4 * (py * width + px) + channel] as number
    into[at + channel] =
      (1 - v) * ((1 - u) * value(x0, y0) + u * value(x1, y0)) + v * ((1 - u) * value(x0, y1) + u * value(x1, y1))
  }
}

/** Squares a picture up: the sheet's corners become a rectangle at true proportion. Undefined where the corners make no sheet. */
export const squareUp = (picture: Picture, scale: Scale): SquarePicture | undefined => {
  if (scale.by === 'ruler') {
    const [from, to] = scale.ends
    const pixels = Math.hypot(to.x - from.x, to.y - from.y)
    return pixels > 1 ? { ...picture, pixelsPerMm: pixels / scale.lengthMm } : undefined
  }
  const { corners, widthMm, heightMm } = scale
  const map = ontoCorners(widthMm, heightMm, corners)
  if (!map) return undefined
  const edges = corners.map((corner, at) => {
    const next = corners[(at + 1) % 4] as Pixel
    return Math.hypot(next.x - corner.x, next.y - corner.y) / (at % 2 === 0 ? widthMm : heightMm)
  })
  // As fine as the picture is at its nearest edge, within reason.
  const finest = Math.min(FINEST_PER_MM, Math.max(...edges), Math.sqrt(MOST_PIXELS / (widthMm * heightMm)))
  const [width, height] = [Math.round(widthMm * finest), Math.round(heightMm * finest)]
  const rgba = new Uint8ClampedArray(4 * width * height)
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++)
      sample(
        picture,
        mapped(map, ((x + 0.5) * widthMm) / width, ((y + 0.5) * heightMm) / height),
        rgba,
        4 * (y * width + x),
      )
  return { width, height, rgba, pixelsPerMm: finest }
}

/** Brightness of every pixel, 0 black to 255 white (weights of ITU-R BT.601). */
export const brightnessOf = ({ width, height, rgba }: Picture): Float32Array => {
  const values = new Float32Array(width * height)
  for (let at = 0; at < values.length; at++)
    values[at] =
      0.299 * (rgba[4 * at] as number) + 0.587 * (rgba[4 * at + 1] as number) + 0.114 * (rgba[4 * at + 2] as number)
  return values
}

/** The brightness that best parts light from dark (N. Otsu, a threshold selection method from gray-level histograms, 1979). */
export const thresholdOf = (brightness: Float32Array): number => {
  const counts = new Float64Array(256)
  for (const value of brightness) counts[Math.min(255, Math.max(0, Math.round(value)))]!++
  const total = brightness.length
  const sum = counts.reduce((all, count, level) => all + level * count, 0)
  let [below, sumBelow, best, bestLevel] = [0, 0, -1, 127]
  for (let level = 0; level < 255; level++) {
    below += counts[level] as number
    sumBelow += level * (counts[level] as number)
    const above = total - below
    if (below === 0 || above === 0) continue
    const apart = sumBelow / below - (sum - sumBelow) / above
    const spread = below * above * apart * apart
    if (spread > best) [best, bestLevel] = [spread, level]
  }
  return bestLevel + 0.5
}
