import { blurred, type Gray } from './gray.js'

/** Where light comes through, or would if it lay on the dark: +1 bright, −1 dark. */
export type Sign = 1 | -1

/** For every pixel how much further it is from what lies around it than usual, where it is so in the way light does; else 0. */
export const standingOut = (gray: Gray, sign: Sign, radius: number): Gray => {
  const around = blurred(gray, radius)
  const values = new Float32Array(gray.values.length)
  for (let at = 0; at < values.length; at++)
    values[at] = Math.max(0, sign * ((gray.values[at] as number) - (around.values[at] as number)))
  return { ...gray, values }
}

/** How far every pixel of a picture is from the nearest one that stands out, in pixels, row by row, up to `most`. */
export interface Distances {
  readonly width: number
  readonly height: number
  readonly away: Float32Array
  readonly most: number
}

/** The distance at a place; beyond the edges the most. */
export const awayAt = ({ width, height, away, most }: Distances, x: number, y: number): number => {
  const [px, py] = [Math.floor(x), Math.floor(y)]
  return px >= 0 && py >= 0 && px < width && py < height ? (away[py * width + px] as number) : most
}

/**
 * How far every pixel is from the nearest one that stands out, in pixels, up to `most`: two sweeps of a chamfer of 1 and √2 (G. Borgefors,
 * distance transformations in digital images, 1986; its plain weights).
 */
export const distanceTo = ({ width, height, values }: Gray, level: number, most: number): Distances => {
  const away = new Float32Array(values.length)
  for (let at = 0; at < away.length; at++) away[at] = (values[at] as number) >= level ? 0 : most
  // Every pixel is no farther than its neighbours that were swept before it, and a step; each row's own neighbour comes last.
  const sweep = (y: number, before: number, step: 1 | -1) => {
    const row = y * width
    const isFirst = before < 0 || before >= height
    const beside = isFirst ? row : before * width
    let last = Infinity
    for (let count = 0, x = step === 1 ? 0 : width - 1; count < width; count++, x += step) {
      let least = Math.min(away[row + x] as number, last + 1)
      if (!isFirst) {
        least = Math.min(least, (away[beside + x] as number) + 1)
        if (x > 0) least = Math.min(least, (away[beside + x - 1] as number) + Math.SQRT2)
        if (x < width - 1) least = Math.min(least, (away[beside + x + 1] as number) + Math.SQRT2)
      }
      away[row + x] = least
      last = away[row + x] as number
    }
  }
  for (let y = 0; y < height; y++) sweep(y, y - 1, 1)
  for (let y = height - 1; y >= 0; y--) sweep(y, y + 1, -1)
  return { width, height, away, most }
}

/** What stands out by more than this is no noise: some times what a fifth of all pixels do, and some greys at the least. */
export const noiseOf = ({ values }: Gray): number => {
  const count = Math.min(values.length, 40_000)
  const some = new Float32Array(count)
  for (let at = 0; at < count; at++) some[at] = values[Math.floor((at * values.length) / count)] as number
  some.sort()
  return Math.max(4, 2.5 * (some[Math.floor(0.8 * count)] as number))
}
