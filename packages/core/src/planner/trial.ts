import { keyOfStack } from '../layers/stack-reference.js'
import { heightOf, platesIn, type Stack } from '../layers/stack.js'
import type { Computed } from '../goals/computed.js'
import { NOT_LOOKED, type Round, sheetsGoOn } from '../goals/looks.js'
import type { CutContext } from '../job/cut-context.js'
import type { Learnt } from '../learning/learnt.js'
import { countedOn, piecesOfAll, type Says } from '../learning/on-average.js'
import { piecesOfPlates } from '../learning/pieces.js'
import type { Pressed, PressedRound } from '../learning/pressed.js'
import { lookAtAll } from './dies-that-hung.js'
import { REPEAT_SPREAD_MM } from '../learning/repeat-spread.js'

/** One round of a trial: what lay in the press, what came of it, and whether it began on whole sheets. */
export interface TriedRound {
  readonly stack: Stack
  readonly look: Round
  readonly freshSheets: boolean
}

/** How unsure the height of a stack is beside its plates and from one time to the next, one standard deviation, mm. */
const besidePlatesMm = (stack: Stack): number => {
  const others = stack.filter(({ is }) => is !== 'plate')
  return Math.hypot(others.length > 0 ? heightOf(others).spreadMm : 0, REPEAT_SPREAD_MM)
}

/** The rounds of a trial pile by pile: rounds that went on with the same sheets belong together. */
export const pilesOf = (goal: Computed, cut: CutContext, rounds: readonly TriedRound[]): Pressed[] => {
  const piles: (Omit<Pressed, 'rounds'> & { readonly rounds: PressedRound[] })[] = []
  for (const { stack, look, freshSheets } of rounds) {
    const bed = goal.bedOfStack(stack)
    // What nobody looked at tells nothing.
    if (!bed || look.seen === NOT_LOOKED) continue
    const round = { bed, heightMm: heightOf(stack).valueMm, look: lookAtAll(look, cut.dies) }
    const pile = piles.at(-1)
    if (pile && !freshSheets) pile.rounds.push(round)
    else
      piles.push({
        cut,
        rounds: [round],
        pieces: piecesOfPlates(platesIn(stack)),
        ownSpreadMm: besidePlatesMm(stack),
      })
  }
  return piles
}

/** What a trial says of the press and the sheet, counted on the plates of its stacks on average. */
export const evidenceOfTrial = (goal: Computed, cut: CutContext, rounds: readonly TriedRound[]): Required<Says> => {
  const piles = pilesOf(goal, cut, rounds)
  const says = piles.map((pile) => ({ log: goal.evidence.logEvidenceOf(pile), pieces: pile.pieces }))
  const pieces = piecesOfAll(says)
  return { log: countedOn(pieces, says), pieces, times: piles.length }
}

/** Height of a stack without its sheets, mm. */
export const heightWithoutSheetsMm = (stack: Stack): number =>
  heightOf(stack.filter(({ is }) => is !== 'sheets')).valueMm

/** Greatest height without its sheets that a trial pressed, mm; undefined before any. */
export const tightestOf = (rounds: readonly TriedRound[]): number | undefined =>
  rounds.length > 0 ? Math.max(...rounds.map(({ stack }) => heightWithoutSheetsMm(stack))) : undefined

/** What is learnt once a trial is added to what the log said before. */
export const learntFromTrial = (
  goal: Computed,
  cut: CutContext,
  rounds: readonly TriedRound[],
  before?: Learnt,
): Learnt => {
  const own = evidenceOfTrial(goal, cut, rounds)
  const all = [...(before ? [{ log: before.log, pieces: before.pieces, times: before.pressRuns }] : []), own]
  const pieces = piecesOfAll(all)
  const tried = [before?.tightestMm, tightestOf(rounds)].filter((mm) => mm !== undefined)
  return {
    log: countedOn(pieces, all),
    pressRuns: (before?.pressRuns ?? 0) + own.times,
    sheetRuns: (before?.sheetRuns ?? 0) + own.times,
    pieces,
    tightestMm: tried.length > 0 ? Math.max(...tried) : undefined,
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
      if (keyOfStack(round.stack) !== keyOfStack(last.stack)) break
      passesSoFar += round.look.passes
      if (round.freshSheets) break
    }
  return { stack: last.stack, look: last.look, passesSoFar }
}
