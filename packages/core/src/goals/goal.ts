import type { HandleFeel } from '../outcomes/round.js'
import type { Look } from './look.js'

/** What a press run is for. */
export interface Goal {
  readonly id: string
  /** What can be seen after a round, least first. */
  readonly looks: readonly Look[]
  /** On which scale its handle is felt; coarse where absent. */
  readonly feels?: 'fine' | 'coarse'
  /** Felt so, it was pressed harder than is good for it. */
  readonly feltTooHard?: HandleFeel
}
