import type { CutContext } from '../job/cut-context.js'
import type { Bed } from '../press/bed.js'
import type { Laying } from './laying.js'
import type { Proposal } from './proposal.js'

/** Something that might do better with the stack at hand, and what it changes. */
export interface Change {
  readonly proposal: Proposal
  readonly cut?: CutContext
  readonly bed?: Bed
  readonly laying?: Laying
  readonly squeezeMm?: number
  /** The plates around it change too, so it is taken at its own best squeeze. */
  readonly atItsBest?: true
}

/** Changes to weigh, in the order in which they are looked at. */
export interface Changes {
  /** Each by itself; of a list, the one with the easiest handle. */
  readonly weighed: readonly (Change | readonly Change[])[]
  /** What does not change the pressing itself, and is said in any case. */
  readonly saidAnyway: readonly Proposal[]
}
