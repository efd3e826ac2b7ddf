import { type DieClass, factsOfDieClass } from '../dies/classes/list.js'
import type { WantedBy } from '../learning/told.js'
import { USUAL_HALF_WINDOW_MM, OTHER_BUILD_MM } from './constants.js'

/** Squeeze in mm that a die class wants over a pile of sheets of this thickness in mm: overtravel + pile. */
export const usualSqueezeMm = (dieClass: DieClass, pileMm: number): number =>
  factsOfDieClass(dieClass).overtravelMm + pileMm
/** Between which squeezes a known stack must have had its own, by the rule of thumb. */
export const usuallyWanted: WantedBy = ({ dieClass, sheetCount, sheetCaliper }) => {
  const mm = usualSqueezeMm(dieClass, sheetCount * sheetCaliper.valueMm)
  return [{ fromMm: mm - USUAL_HALF_WINDOW_MM, toMm: mm + USUAL_HALF_WINDOW_MM, weight: 1 }]
}

/** The same for whoever plans with dies of a class. */
export const usuallyWantedFor =
  (dieClass: DieClass): WantedBy =>
  (known) => {
    const isSameBuild = factsOfDieClass(known.dieClass).cased === factsOfDieClass(dieClass).cased
    const wider = isSameBuild ? 0 : Math.hypot(USUAL_HALF_WINDOW_MM, OTHER_BUILD_MM) - USUAL_HALF_WINDOW_MM
    return usuallyWanted(known).map((band) => ({ ...band, fromMm: band.fromMm - wider, toMm: band.toMm + wider }))
  }
