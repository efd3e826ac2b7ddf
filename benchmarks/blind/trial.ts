import { sheetsGoOn } from '../../packages/core/src/goals/looks.js'
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
  /** Rounds that cut or tore what was to be pressed only, and those that cut a mat. */
  readonly harms: number
  readonly matCuts: number
}

/** Tries until it came out as wanted and no deeper than it should: sheets that hang go on, sheets that are spoilt are laid anew. */
export const runTrial = (way: Way, situation: Situation, press: BlindPress): TrialResult => {
  const rounds: TriedRound[] = []
  let freshSheets = true
  let overloads = 0
  let overcutMm = 0
  let harms = 0
  let matCuts = 0
  while (rounds.length < MOST_ROUNDS) {
    const next = way(situation, rounds)
    if (!next) break
    if (freshSheets) press.layFresh(situation.cut, situation.technique)
    const outcome = press.press(next.stack, next.passes)
    rounds.push({ stack: next.stack, look: outcome.look, freshSheets })
    overcutMm = Math.max(overcutMm, outcome.overcutMm)
    if (outcome.isOverload) overloads++
    if (outcome.isHarm) harms++
    if (outcome.isMatCut) matCuts++
    if (outcome.isGood) return { rounds, solved: true, overloads, overcutMm, harms, matCuts }
    freshSheets = !sheetsGoOn(outcome.look)
  }
  return { rounds, solved: false, overloads, overcutMm, harms, matCuts }
}
