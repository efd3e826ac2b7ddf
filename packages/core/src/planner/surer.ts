import type { CutContext } from '../job/cut-context.js'
import type { Assessment } from './plan.js'

/** What would make a stack surer: feeling the gap out, measuring a layer, or pressing it and looking. */
export type Surer =
  | { readonly by: 'feeling-gap' }
  | { readonly by: 'measuring'; readonly layerIndex: number }
  | { readonly by: 'looking' }

/** A stack that is so likely in its window needs nothing more. From memory. */
const SURE = 0.95
/** Share of the doubt's variance from which one thing is most of it, and from which a thickness is worth measuring. From memory. */
const MOST_OF_DOUBT = 0.5
const WORTH_MEASURING = 0.25

/** The best next step where a stack is not sure to come out well; undefined where it is, or nothing was simulated. */
export const surerBy = (
  { certainty, window, prediction }: Pick<Assessment, 'certainty' | 'window' | 'prediction'>,
  { press }: CutContext,
): Surer | undefined => {
  const isSure = certainty.chance >= SURE && (prediction?.sure ?? true)
  if (isSure) return undefined
  if (press.felt.length === 0 && (window.gapSpreadMm / certainty.spreadMm) ** 2 > MOST_OF_DOUBT)
    return { by: 'feeling-gap' }
  const { worstLayer } = certainty
  if (worstLayer && worstLayer.share >= WORTH_MEASURING) return { by: 'measuring', layerIndex: worstLayer.index }
  return { by: 'looking' }
}
