import type { Stack } from '../layers/stack.js'
import type { HandleFeel } from '../outcomes/round.js'
import type { Variation } from './variation.js'
import { STOPS_ANYWAY } from './constants.js'

/** What pressing the told rounds once more comes to, with something otherwise. */
export interface Replayed {
  /** Logarithm of how likely all that was told is. */
  readonly logChance: number
  /** Chance that each stretch of line would be seen to hang after the last round, 0…1; empty where no line can. */
  readonly hangs: Float64Array
}

/** A round that is still to come: what lies in the press, what is otherwise by then, how often it goes through, and on which sheets. */
export interface RoundToCome {
  readonly stack: Stack
  readonly variation: Variation
  readonly passes: number
  readonly freshSheets: boolean
}

/** How a round to come ends: chances, 0…1. */
export interface Ends {
  readonly good: number
  readonly stops: number
}

/** Presses what was told again and again, each time with something otherwise. Heights that are the same object are laid out once. */
export interface Replay {
  /** With a variation for each of the rounds. */
  of(variations: readonly Variation[]): Replayed
  /** What a round does after those that were told. */
  then(variations: readonly Variation[], next: RoundToCome): Ends
}

/** Logarithm of the chance of a feel there: that of a stop is small, and any of the others is as likely. */
export const logChanceOfAnyFeel = (feel: HandleFeel, feels: readonly HandleFeel[]): number =>
  feel === 'stopped' ? Math.log(STOPS_ANYWAY) : Math.log((1 - STOPS_ANYWAY) / (feels.length - 1))
