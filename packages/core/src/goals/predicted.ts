import type { Outlook } from './outlook.js'
import type { PassFigures, PredictedPass, Prediction } from './prediction.js'
const finite = (mm: number | undefined): number | undefined =>
  mm !== undefined && Number.isFinite(mm) ? mm : undefined

/** What is said of passes that were simulated, with the chances that the outlook gives them. */
export const predicted = (
  passes: readonly PassFigures[],
  { passes: recommended, sure, chances: { goodBy, goodFromMm, stops } }: Outlook,
  worst: Prediction['worst'],
): Prediction => {
  const even = goodBy.findIndex((chance) => chance >= 0.5)
  return {
    passes: passes.map((pass, at): PredictedPass => ({
      ...pass,
      chance: goodBy[at] ?? 0,
      goodFromMm: finite(goodFromMm[at]),
    })),
    recommended,
    sure,
    lookAfter: even === -1 ? recommended : Math.min(even + 1, recommended),
    stops,
    worst,
  }
}
