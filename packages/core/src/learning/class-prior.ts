import { gapOfClass, type PressClass } from '../press/press-class.js'
import { gapMmOf } from './axes.js'
import { LIKE_THEIR_CLASS, LEAST_GAP_MM, MOST_GAP_MM, BEYOND_GAPS_MM } from './constants.js'

/** Rows between which every press is looked for. */
export const EVERY_GAP_MM = [LEAST_GAP_MM - 4 * BEYOND_GAPS_MM, MOST_GAP_MM + 4 * BEYOND_GAPS_MM] as const

const ROOT_TWO_PI = Math.sqrt(2 * Math.PI)
const bell = (value: number, mean: number, spread: number): number =>
  Math.exp(-0.5 * ((value - mean) / spread) ** 2) / (spread * ROOT_TWO_PI)

/** Chance of a gap per mm for a press that is unlike its class. */
const anyGap = (gapMm: number): number => {
  const outside = Math.max(0, LEAST_GAP_MM - gapMm, gapMm - MOST_GAP_MM)
  return Math.exp(-outside / BEYOND_GAPS_MM) / (MOST_GAP_MM - LEAST_GAP_MM + 2 * BEYOND_GAPS_MM)
}

/**
 * Logarithm of the chance (per mm) of a row of the gap, for a press of a class whose heights are unsure by `unsureMm` beside. With nothing
 * told but the class it is taken for one like its class: the tail would forbid every first try.
 */
export const logOfClass =
  (pressClass: PressClass, { isAllThereIs, unsureMm }: { readonly isAllThereIs: boolean; readonly unsureMm: number }) =>
  (row: number): number => {
    const { valueMm, spreadMm } = gapOfClass(pressClass)
    const usual = bell(gapMmOf(row), valueMm, Math.hypot(spreadMm, unsureMm))
    if (isAllThereIs) return Math.log(Math.max(usual, Number.MIN_VALUE))
    return Math.log(LIKE_THEIR_CLASS * usual + (1 - LIKE_THEIR_CLASS) * anyGap(gapMmOf(row)))
  }

/** Chance, per mm, of what somebody told where that was wrong altogether: it may then be anything. */
export const ANYTHING_PER_MM = 1 / (MOST_GAP_MM - LEAST_GAP_MM)
