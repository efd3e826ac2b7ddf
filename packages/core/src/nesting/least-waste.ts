import type { Nest } from './nest.js'

/** What pieces were laid on: a leftover, or a whole sheet. */
interface LaidOn {
  readonly isLeftover: boolean
  readonly nest: Nest
}

/** Leftovers before a whole sheet; of them what takes most of the wanted pieces, and then what is wasted least. */
export const leastWasteFirst = (one: LaidOn, other: LaidOn): number =>
  Number(other.isLeftover) - Number(one.isLeftover) ||
  other.nest.placed.length - one.nest.placed.length ||
  other.nest.usedShare - one.nest.usedShare
