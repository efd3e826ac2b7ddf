import type { CutContext } from '../job/cut-context.js'
import type { Assessment } from './plan.js'
import { SURE_ENOUGH, MOST_OF_DOUBT, SHARE_WORTH_MEASURING } from './constants.js'

/** What would make a stack surer: feeling the gap out, measuring a layer, or pressing it and looking. */
export type Surer =
  | { readonly by: 'feeling-gap' }
  | { readonly by: 'measuring'; readonly layerIndex: number }
  | { readonly by: 'looking' }
/** The best next step where a stack is not sure to come out well; undefined where it is, or nothing was simulated. */
export const surerBy = (
  { certainty, window, prediction }: Pick<Assessment, 'certainty' | 'window' | 'prediction'>,
  { press }: CutContext,
): Surer | undefined => {
  const isSure = certainty.chance >= SURE_ENOUGH && (prediction?.sure ?? true)
  if (isSure) return undefined
  if (press.felt.length === 0 && (window.gapSpreadMm / certainty.spreadMm) ** 2 > MOST_OF_DOUBT)
    return { by: 'feeling-gap' }
  const { worstLayer } = certainty
  if (worstLayer && worstLayer.share >= SHARE_WORTH_MEASURING) return { by: 'measuring', layerIndex: worstLayer.index }
  return { by: 'looking' }
}
