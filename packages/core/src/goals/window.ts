import type { CutContext } from '../job/cut-context.js'
import { countedFrom } from '../learning/learnt-gap.js'
import type { CountedFrom, SqueezeWindow } from '../learning/squeeze-window.js'
import type { Advice } from './advice.js'
import { outlookOf } from './outlook.js'
import type { Response } from './response.js'
import { USUAL_PIECES_MM } from './constants.js'

const STEP_MM = 0.02

/** The window to count a stack from by rules of thumb alone: where it meets no bed, or no squeeze would do. mm. */
export const windowByThumb = (advice: Advice, gap: CountedFrom, cut: CutContext): SqueezeWindow => ({
  ...advice.window(cut),
  ...countedFrom(gap),
})

/**
 * The window of a press run on one base, simulated: from where it comes out as wanted to where it no longer does, and the best squeeze
 * between by the ranking's own points. Undefined where no squeeze does. mm.
 */
export const windowOf = (
  response: Response,
  gap: CountedFrom,
  cut: Pick<CutContext, 'dies' | 'rules' | 'onlyOne'>,
): SqueezeWindow | undefined => {
  const { rules } = cut
  const between = response.window(rules.mostPasses, rules.handShare)
  if (!between) return undefined
  const { lowMm, highMm, scaleMm } = between
  let midMm = (lowMm + highMm) / 2
  let least = Infinity
  for (let squeezeMm = lowMm; squeezeMm <= highMm; squeezeMm += STEP_MM) {
    const { cost } = outlookOf(response, squeezeMm, USUAL_PIECES_MM, cut, gap.doubt)
    if (cost < least) {
      least = cost
      midMm = squeezeMm
    }
  }
  return { lowMm, midMm, highMm, scaleMm, ...countedFrom(gap) }
}
