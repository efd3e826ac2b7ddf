import type { TriedRound } from '../../packages/core/src/planner/trial.js'
import type { BlindPress } from '../../packages/core/src/practice/blind-press.js'
import type { Situation, Way } from './ways.js'

/** Nobody tries longer. */
export const MOST_ROUNDS = 15

export interface TrialResult {
  readonly rounds: readonly TriedRound[]
  readonly solved: boolean
  readonly overloads: number
  readonly overcutMm: number
}

/** Tries until the cut is clean and not too deep: sheets that hang go on, sheets that are spoilt are laid anew. */
export const runTrial = (way: Way, situation: Situation, press: BlindPress): TrialResult => {
  const rounds: TriedRound[] = []
  let freshSheets = true
  let overloads = 0
  let overcutMm = 0
  while (rounds.length < MOST_ROUNDS) {
    const next = way(situation, rounds)
    if (!next) break
    if (freshSheets) press.layFresh(situation.cut)
    const outcome = press.press(next.stack, next.passes)
    rounds.push({ stack: next.stack, look: outcome.look, freshSheets })
    overcutMm = Math.max(overcutMm, outcome.overcutMm)
    if (outcome.isOverload) overloads++
    if (outcome.isGood) return { rounds, solved: true, overloads, overcutMm }
    freshSheets = outcome.isOverload || outcome.look.seen === 'cut-into-pad'
  }
  return { rounds, solved: false, overloads, overcutMm }
}
