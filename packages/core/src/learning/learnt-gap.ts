import type { GapEstimate } from '../press/gap.js'
import { gapOfClass } from '../press/press-class.js'
import type { Press } from '../press/press.js'
import { type DoubtNode, type Knowledge, knowledgeOf, unlearntNodes } from './knowledge.js'
import { CELLS } from './axes.js'
import { logOfFelt } from './felt.js'
import type { Learnt } from './learnt.js'
import { REPEAT_SPREAD_MM } from './repeat-spread.js'
import { gridOf, logNormal, normalized, OFFSET_SPREAD_MM, priorGrid, together } from './posterior.js'

/** What is known of a press's gap, and of the sheet with it, once the log has spoken too. */
export interface LearntGap extends GapEstimate {
  /** Ways the press and the sheet may be; spreads of the nodes count against `ownSpreadMm`. */
  readonly nodes: readonly DoubtNode[]
  /** What the log says; absent where it says nothing. */
  readonly learnt?:
    (Knowledge & Pick<Learnt, 'pressRuns' | 'sheetRuns' | 'pieces'> & { readonly share: number }) | undefined
}

/** The known stacks' gap as one normal value: how vague they are, and the plates in them. */
const knownSpreadMm = ({ ownSpreadMm, witnesses }: GapEstimate): number => {
  const pieces = new Map<string, number>()
  const dies: number[] = []
  for (const { known, weight } of witnesses) {
    for (const { id, thickness } of known.plates) pieces.set(id, (pieces.get(id) ?? 0) + weight * thickness.spreadMm)
    dies.push(weight * known.dieHeight.spreadMm)
  }
  return Math.hypot(ownSpreadMm, ...pieces.values(), ...dies)
}

const piecesVariance = (estimate: GapEstimate, knownShare: number, learnt: Learnt, runsShare: number): number => {
  const spreads = new Map<string, number>()
  const add = (id: string, mm: number) => spreads.set(id, (spreads.get(id) ?? 0) + mm)
  for (const { known, weight } of estimate.witnesses)
    for (const { id, thickness } of known.plates) add(id, knownShare * weight * thickness.spreadMm)
  for (const [id, { count, spreadMm }] of Object.entries(learnt.pieces)) add(id, runsShare * count * spreadMm)
  return [...spreads.values()].reduce((sum, mm) => sum + mm ** 2, 0)
}

/** Chances over the grid by everything there is: the class, the known stacks (`known` is their estimate alone), what was felt, the runs. */
export const beliefOf = (press: Press, known: GapEstimate, learnt: Learnt | undefined): Float64Array => {
  const grids: ArrayLike<number>[] = [priorGrid()]
  if (learnt) grids.push(learnt.log)
  if (press.felt.length > 0) grids.push(logOfFelt(press.felt, gapOfClass(press.pressClass).valueMm))
  if (known.basis === 'known-good') {
    const offsetMm = known.gapMm - gapOfClass(press.pressClass).valueMm
    const spreadMm = knownSpreadMm(known)
    const ofKnown = gridOf(
      (mm) => logNormal(mm, offsetMm, spreadMm),
      () => 0,
    )
    grids.push(ofKnown)
  }
  return normalized(together(...grids))
}

/** What is learnt, with the plates that a gap was felt out on beside those of the runs, on average a run or a gap. */
const withFelt = (felt: Press['felt'], learnt: Learnt | undefined): Learnt => {
  const runs = learnt?.pressRuns ?? 0
  const pieces = new Map<string, { count: number; spreadMm: number }>()
  const add = (id: string, count: number, spreadMm: number): void => {
    const there = pieces.get(id)
    pieces.set(id, { count: (there?.count ?? 0) + count / Math.max(1, runs + felt.length), spreadMm })
  }
  for (const [id, { count, spreadMm }] of Object.entries(learnt?.pieces ?? {})) add(id, count * runs, spreadMm)
  for (const { plates } of felt) for (const { id, spreadMm } of plates) add(id, 1, spreadMm)
  return {
    log: new Float64Array(CELLS),
    pressRuns: 0,
    sheetRuns: 0,
    ...learnt,
    ...(felt.length > 0 ? { pieces: Object.fromEntries(pieces) } : { pieces: learnt?.pieces ?? {} }),
  }
}

/**
 * Brings together what a press's class, its known stacks and its logged runs say of its gap, and what was felt of it, mm. `known` is what the known stacks
 * say alone (or the class, where there are none). What the same plates in the evidence and in a new stack have in common cancels
 * later, so that part is taken out of the doubt that is the gap's own.
 */
export const learntGap = (press: Press, known: GapEstimate, logged: Learnt | undefined): LearntGap => {
  const isFelt = press.felt.length > 0
  if (!isFelt && (!logged || logged.pressRuns + logged.sheetRuns === 0)) return { ...known, nodes: unlearntNodes }
  const learnt = withFelt(press.felt, logged)
  const classGapMm = gapOfClass(press.pressClass).valueMm
  const hasKnown = known.basis === 'known-good'
  const knownMm = knownSpreadMm(known)
  const knowledge = knowledgeOf(beliefOf(press, known, learnt))
  const spreadMm = knowledge.offsetMm.spread
  const fromPrior = OFFSET_SPREAD_MM ** -2
  const fromKnown = hasKnown ? knownMm ** -2 : 0
  const fromRuns = Math.max(0, spreadMm ** -2 - fromPrior - fromKnown)
  const all = fromPrior + fromKnown + fromRuns
  const share = fromRuns / all
  const variance = piecesVariance(known, fromKnown / all, learnt, share)
  // Never less than half: pieces are not the whole story. On top comes what differs from one time to the next.
  const gapsOwnMm = Math.sqrt(Math.max(spreadMm ** 2 - variance, (spreadMm / 2) ** 2))
  const ownSpreadMm = Math.hypot(gapsOwnMm, REPEAT_SPREAD_MM)
  const scale = gapsOwnMm / spreadMm
  return {
    gapMm: classGapMm + knowledge.offsetMm.mean,
    ownSpreadMm,
    basis: known.basis,
    witnesses: known.witnesses.map((witness) => ({ ...witness, weight: (witness.weight * fromKnown) / all })),
    nodes: knowledge.nodes.map((node) => ({
      ...node,
      shiftMm: node.shiftMm * scale,
      lessVariance: node.lessVariance * scale ** 2,
    })),
    learnt: { ...knowledge, pressRuns: learnt.pressRuns, sheetRuns: learnt.sheetRuns, pieces: learnt.pieces, share },
  }
}
