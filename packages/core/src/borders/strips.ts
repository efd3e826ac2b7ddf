import { rectangle } from '../geometry/rectangle.js'

/** Which way the fibres of a sheet run: along its length, along its width, or nobody knows. */
type Grain = 'along-length' | 'along-width' | 'unknown'

/** A rectangle, mm along the sheet's length and width. */
interface Size {
  readonly lengthMm: number
  readonly widthMm: number
}

/** One way to cut strips from a sheet. */
export interface StripWay {
  /** The side of the sheet that strips lie along. */
  readonly along: 'length' | 'width'
  /** Whether they lie along its fibres: then they bend and curl least across their width; undefined where nobody knows. */
  readonly withGrain: boolean | undefined
  /** Whole strips that a sheet gives. */
  readonly strips: number
}

/** mm. What is a hair less than a strip or a blank still gives one. */
export const HAIR_MM = 1e-6

/** A sheet's side that strips lie along, and the other one, mm. */
export const sidesOf = (
  { lengthMm, widthMm }: Size,
  along: StripWay['along'],
): readonly [longMm: number, wideMm: number] => (along === 'length' ? [lengthMm, widthMm] : [widthMm, lengthMm])

const gives = (longMm: number, wideMm: number, strip: Size): number =>
  longMm + HAIR_MM < strip.lengthMm ? 0 : Math.floor((wideMm + HAIR_MM) / strip.widthMm)

/** Ways in their order: along the fibres first, as what is cut tears and curls least so (common practice, no source), then whatever gives more. */
export const alongFibresFirst =
  <Way extends Pick<StripWay, 'withGrain'>>(gives: (way: Way) => number) =>
  (one: Way, other: Way): number =>
    Number(other.withGrain ?? 0) - Number(one.withGrain ?? 0) || gives(other) - gives(one)

/**
 * How many whole strips a sheet gives, cut along its length and along its width, those along the fibres first. Ways that give none are
 * left out. Lengths in mm.
 */
export const waysToCutStrips = (sheet: Size & { readonly grain: Grain }, strip: Size): StripWay[] =>
  (['length', 'width'] as const)
    .map((along): StripWay => {
      const [longMm, wideMm] = sidesOf(sheet, along)
      return {
        along,
        withGrain: sheet.grain === 'unknown' ? undefined : sheet.grain === `along-${along}`,
        strips: gives(longMm, wideMm, strip),
      }
    })
    .filter(({ strips }) => strips > 0)
    .sort(alongFibresFirst(({ strips }) => strips))

/**
 * What is left of a sheet when so many strips are cut from one side of it: beside them, and at their ends, each a rectangle at the sheet's own
 * corner, mm; a part that is not there is left out. One long cut first, so that what is beside them stays as long as the sheet.
 */
export const leftBesideStrips = (sheet: Size, strip: Size, along: StripWay['along'], taken: number): number[][] => {
  const [longMm, wideMm] = sidesOf(sheet, along)
  const takenMm = Math.min(wideMm, taken * strip.widthMm)
  const parts: readonly Size[] = [
    { lengthMm: longMm, widthMm: wideMm - takenMm },
    { lengthMm: longMm - strip.lengthMm, widthMm: takenMm },
  ]
  return parts
    .filter(({ lengthMm, widthMm }) => lengthMm > HAIR_MM && widthMm > HAIR_MM)
    .map((part) => {
      const [toX, toY] = sidesOf(part, along)
      return rectangle({ fromX: 0, fromY: 0, toX, toY })
    })
}
