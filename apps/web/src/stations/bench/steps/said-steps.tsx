import { guideMinutes } from '@bold-heron/core'
import { Said } from './Said.js'
import type { SaidStepId } from './said-step-id.js'
import type { ShownStep } from './step.js'

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
  'open-folder': said('open-folder'),
  'warm-up': said('warm-up', { care: true, minutes: guideMinutes['warm-up'] }),
  'foil-look': said('foil-look'),
  'foil-wait': said('foil-wait', { care: true, minutes: guideMinutes['foil-wait'] }),
}
