import { heightOf, isSameStack, type Stack } from '../layers/stack.js'
import type { Computed } from '../goals/goal.js'
import { type Round, sheetsGoOn } from '../goals/looks.js'
import { gapOfClass } from '../press/press-class.js'
import { type CutContext, pileMmOf } from '../job/cut-context.js'
import { CELLS } from '../learning/axes.js'
import type { Learnt } from '../learning/learnt.js'
import { type LogGrid, together } from '../learning/posterior.js'
import type { Pressed, PressedRound } from '../learning/pressed.js'
import { REPEAT_SPREAD_MM } from '../learning/repeat-spread.js'

/** One round of a trial: what lay in the press, what came of it, and whether it began on whole sheets. */
export interface TriedRound {
  readonly stack: Stack
  readonly look: Round
  readonly freshSheets: boolean
}

/** Squeeze of a stack in mm, counted from the gap that is usual for the press's class. */
export const nominalSqueezeMm = (stack: Stack, cut: CutContext): number =>
  heightOf(stack).valueMm - gapOfClass(cut.press.pressClass).valueMm

/** The rounds of a trial pile by pile: rounds that went on with the same sheets belong together. */
export const pilesOf = (goal: Computed, cut: CutContext, rounds: readonly TriedRound[]): Pressed[] => {
  const piles: { cut: CutContext; rounds: PressedRound[]; heightSpreadMm: number }[] = []
  for (const { stack, look, freshSheets } of rounds) {
    const bed = goal.bedOfStack(stack)
    if (!bed) continue
    const round = { bed, nominalSqueezeMm: nominalSqueezeMm(stack, cut), look }
    const pile = piles.at(-1)
    if (pile && !freshSheets) pile.rounds.push(round)
    else piles.push({ cut, rounds: [round], heightSpreadMm: Math.hypot(heightOf(stack).spreadMm, REPEAT_SPREAD_MM) })
  }
  return piles
}

/** What a trial says of the press and the sheet, as logEvidenceOf does of one pile. */
export const evidenceOfPile = (goal: Computed, cut: CutContext, rounds: readonly TriedRound[]): LogGrid => {
  const piles = pilesOf(goal, cut, rounds)
  return piles.length > 0 ? together(...piles.map(goal.evidence.logEvidenceOf)) : new Float64Array(CELLS)
}

/** Greatest squeeze beyond the sheets' own thickness that a trial pressed, mm, counted from the class's gap; undefined before any. */
export const tightestOverMm = (cut: CutContext, rounds: readonly TriedRound[]): number | undefined => {
  const pileMm = pileMmOf(cut)
  const over = rounds.map(({ stack }) => nominalSqueezeMm(stack, cut) - pileMm)
  return over.length > 0 ? Math.max(...over) : undefined
}

/** What is learnt once a trial is added to what the log said before. */
export const learntFromPile = (
  goal: Computed,
  cut: CutContext,
  rounds: readonly TriedRound[],
  before?: Learnt,
): Learnt => {
  const own = evidenceOfPile(goal, cut, rounds)
  const piles = pilesOf(goal, cut, rounds).length
  const tried = [before?.tightestOverMm, tightestOverMm(cut, rounds)].filter((mm) => mm !== undefined)
  return {
    log: before ? together(before.log, own) : own,
    pressRuns: (before?.pressRuns ?? 0) + piles,
    sheetRuns: (before?.sheetRuns ?? 0) + piles,
    pieces: before?.pieces ?? {},
    tightestOverMm: tried.length > 0 ? Math.max(...tried) : undefined,
  }
}

/** The last round, and how many passes its sheets have had in its stack; 0 where the next sheets are whole. */
export interface LastTry {
  readonly stack: Stack
  readonly look: Round
  readonly passesSoFar: number
}

/** The last round of a trial as the next try is to know it. */
export const lastTryOf = (rounds: readonly TriedRound[]): LastTry | undefined => {
  const last = rounds.at(-1)
  if (!last) return undefined
  let passesSoFar = 0
  if (sheetsGoOn(last.look))
    for (const round of [...rounds].reverse()) {
      if (!isSameStack(round.stack, last.stack)) break
      passesSoFar += round.look.passes
      if (round.freshSheets) break
    }
  return { stack: last.stack, look: last.look, passesSoFar }
}
