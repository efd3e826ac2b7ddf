import { Said } from './Said.js'
import type { SaidStepId } from './said-step-id.js'
import type { ShownStep } from './step.js'

/** Minutes that a heated plate takes to warm up, and foil under it to give way. From memory; the maker's instructions come first. */
const WARM_UP_MINUTES = 5
const FOIL_MINUTES = 1

const said =
  <Id extends SaidStepId>(id: Id, more: { readonly care?: true; readonly minutes?: number } = {}): ShownStep<Id> =>
  () => <Said id={id} {...more} />

/** Each of them as it is shown. */
export const saidSteps: { readonly [Id in SaidStepId]: ShownStep<Id> } = {
  mirror: said('mirror'),
  'one-sheet': said('one-sheet'),
  'barely-felt': said('barely-felt', { care: true }),
  'gives-way': said('gives-way', { care: true }),
  'both-sides': said('both-sides'),
  'close-folder': said('close-folder'),
  arrow: said('arrow'),
  'warm-up': said('warm-up', { care: true, minutes: WARM_UP_MINUTES }),
  'foil-wait': said('foil-wait', { care: true, minutes: FOIL_MINUTES }),
}
