import { feltBelief } from '../learning/felt.js'
import { intervalOf, quantileOf, type Spectrum, spreadOfGap } from '../learning/posterior.js'
import type { FeltGap } from '../press/felt-gap.js'
import { measured } from '../units/measured.js'
import { type GapStory, shownPlaces } from './gap-story.js'
import { USUAL_PAPER_MM, ENDS_DIFFER_MM } from './constants.js'

/** Sheets of copy paper that are measured together, as one alone is too thin for a caliper. */
export const MEASURED_TOGETHER = 10
/** The paper that a gap is felt out with: as measured, ten sheets together, or as such paper is. mm */
export const paperFelt = (tenMm: number | undefined): Pick<FeltGap, 'sheetMm' | 'sheetSpreadMm'> =>
  tenMm === undefined
    ? { sheetMm: USUAL_PAPER_MM, sheetSpreadMm: measured(USUAL_PAPER_MM, 'table').spreadMm / 4 }
    : {
        sheetMm: tenMm / MEASURED_TOGETHER,
        sheetSpreadMm: measured(tenMm, 'caliper').spreadMm / MEASURED_TOGETHER,
      }

/** Shares below this of the greatest are not shown. */
const SHOWN = 0.005

/** What is believed of the gap while it is felt out, as the chart of a press's page shows it, and of its ends. mm */
export const feltStory = (felt: FeltGap, before: Spectrum) => {
  const { gap, tiltMm, middleMm } = feltBelief(felt, before)
  const [from, to] = shownPlaces([[gap.chances, SHOWN]])
  const shown = Array.from({ length: to - from + 1 }, (_, step) => from + step)
  return {
    gapsMm: shown.map((at) => gap.firstMm + at * gap.stepMm),
    prior: shown.map((at) => before.chances[at] as number),
    now: shown.map((at) => gap.chances[at] as number),
    gapMm: quantileOf(gap, 0.5),
    spreadMm: spreadOfGap(gap),
    ninetyMm: intervalOf(gap, 0.9),
    tiltMm,
    middleMm,
  }
}
/** Whether a difference between places of the gap is worth telling, mm. */
export const isWorthTelling = ({ mean, spread }: { readonly mean: number; readonly spread: number }): boolean =>
  Math.abs(mean) > Math.max(ENDS_DIFFER_MM, spread)

/** A story's rows as what is believed of the gap. */
export const spectrumOfStory = ({ gapsMm, now }: Pick<GapStory, 'gapsMm' | 'now'>): Spectrum => ({
  firstMm: gapsMm[0] ?? 0,
  stepMm: (gapsMm[1] ?? 1) - (gapsMm[0] ?? 0),
  chances: Float64Array.from(now),
})
