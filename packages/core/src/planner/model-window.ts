import type { LearntGap } from '../calibration/learnt-gap.js'
import type { HouseRules } from '../techniques/house-rules.js'
import { DEEP_MM } from '../press/constants.js'
import type { CutResponse } from '../response/cut-response.js'
import { countedFrom } from './gap-basis.js'
import { outlookOf } from './model-cost.js'
import { USUAL_HALF_WINDOW_MM } from './rule-of-thumb.js'
import type { SqueezeWindow } from './window.js'

/** mm. Doubt with which the best squeeze is looked for: that of a usual stack on a press with known stacks. From memory. */
const USUAL_DOUBT_MM = 0.12

const STEP_MM = 0.02

/**
 * The window of a cut on one bed, simulated: from the squeeze that comes clean in as many passes as the house would do, to
 * where the handle stops or the blade goes too deep; the best squeeze between by the ranking's own points. Undefined where no
 * squeeze does. mm.
 */
export const modelWindow = (response: CutResponse, gap: LearntGap, rules: HouseRules): SqueezeWindow | undefined => {
  const lowMm = response.cleanFrom(rules.mostPasses)
  const stopMm = response.effortFrom(rules.handShare)
  const deepMm = response.overcutFrom(DEEP_MM)
  const highMm = Math.min(stopMm, Math.max(deepMm, lowMm + USUAL_HALF_WINDOW_MM))
  if (!Number.isFinite(lowMm) || !Number.isFinite(highMm) || highMm <= lowMm) return undefined
  let midMm = (lowMm + highMm) / 2
  let least = Infinity
  for (let squeezeMm = lowMm; squeezeMm <= highMm; squeezeMm += STEP_MM) {
    const { cost } = outlookOf(
      response,
      squeezeMm,
      Math.hypot(USUAL_DOUBT_MM, gap.learnt ? gap.ownSpreadMm : 0),
      rules,
      gap.nodes,
    )
    if (cost < least) {
      least = cost
      midMm = squeezeMm
    }
  }
  return { lowMm, midMm, highMm, scaleMm: USUAL_HALF_WINDOW_MM, ...countedFrom(gap) }
}
