import type { HandleFeel, QuestionId } from '@bold-heron/core'
import type { ReactNode } from 'react'

/** What stands in for a press and the log at a practice bench: it says what a pass did, and nothing is written down for good. */
export interface StandIn {
  /** How the passes so far felt, and whether the handle stopped; undefined for the moment that it takes to work that out. */
  readonly felt: { readonly feel: HandleFeel; readonly stopped: boolean } | undefined
  /** What the sheet shows. */
  readonly picture: ReactNode
  /** Another way to go on than the one advised. */
  readonly otherWay: ReactNode
  readonly finish: ReactNode
  /** What a look shows of what is asked when something went wrong; absent where nothing is hidden, or a real one is asked. */
  readonly lookUp?: ((question: QuestionId) => boolean) | undefined
}
