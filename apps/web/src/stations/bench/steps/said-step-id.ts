import type { GuideStep } from '@bold-heron/core'

/** Steps that are told in words. */
export type SaidStepId = Extract<
  GuideStep,
  | 'mirror'
  | 'one-sheet'
  | 'barely-felt'
  | 'gives-way'
  | 'both-sides'
  | 'close-folder'
  | 'open-folder'
  | 'warm-up'
  | 'foil-wait'
  | 'foil-look'
>
