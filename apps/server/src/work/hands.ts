import type { SimulatedResponses } from '@bold-heron/core'

/** What stands around a task in its thread. */
export interface Hands {
  /** What was simulated on this thread is remembered there. */
  readonly responses: SimulatedResponses
  /** Says how far it is, 0…1. */
  tell(share: number): void
  /** Gives away a part of what it makes, where that is too long to be held. */
  give(part: Uint8Array): void
}
