import type { HeightMap } from '../press/nip/contact-cells.js'

/** How a pressing differs from what was meant: what a cause does to it, or a remedy against it. */
export interface Variation {
  /** mm. More squeeze than counted; less where it is below 0. */
  readonly squeezeMm: number
  /** Times as strong as believed is what resists: the sheet of a cut, the mat of a crease. */
  readonly strength: number
  /** Times as hard goes the handle. */
  readonly effort: number
  /** Sheets that lie there beside those that were counted. */
  readonly moreSheets: number
  /** mm. Where it is locally higher or lower. */
  readonly heights?: HeightMap
  /** mm. How much lower than noted each of the dies is, in their order. */
  readonly lowerMm?: readonly number[]
  /** What is seen whatever the press does, with chances that add up to 1; then nothing is simulated. */
  readonly comesOut?: Readonly<Record<string, number>>
}

/** Nothing is otherwise than was meant. */
export const asMeant: Variation = { squeezeMm: 0, strength: 1, effort: 1, moreSheets: 0 }

/** The same two always make the same map, so that what was laid out on it is found again. */
const made = new WeakMap<HeightMap, WeakMap<HeightMap, HeightMap>>()

const heightsOfBoth = (one: HeightMap | undefined, other: HeightMap | undefined): HeightMap | undefined => {
  if (!one || !other) return one ?? other
  const known = made.get(one)?.get(other)
  if (known) return known
  const both: HeightMap = (x, y) => one(x, y) + other(x, y)
  made.set(one, (made.get(one) ?? new WeakMap<HeightMap, HeightMap>()).set(other, both))
  return both
}

/** Two variations at once: depths add, factors multiply; what comes out whatever the press does goes first. */
export const bothOf = (one: Variation, other: Variation): Variation => {
  const heights = heightsOfBoth(one.heights, other.heights)
  const lowerMm =
    one.lowerMm && other.lowerMm ? one.lowerMm.map((mm, at) => mm + (other.lowerMm?.[at] ?? 0)) : undefined
  const lower = lowerMm ?? one.lowerMm ?? other.lowerMm
  const comesOut = one.comesOut ?? other.comesOut
  return {
    squeezeMm: one.squeezeMm + other.squeezeMm,
    strength: one.strength * other.strength,
    effort: one.effort * other.effort,
    moreSheets: one.moreSheets + other.moreSheets,
    ...(heights ? { heights } : {}),
    ...(lower ? { lowerMm: lower } : {}),
    ...(comesOut ? { comesOut } : {}),
  }
}
