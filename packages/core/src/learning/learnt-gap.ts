import { knownHeightMm } from '../press/known-height.js'
import type { Press } from '../press/press.js'
import { logStrengthAt, rowOf } from './axes.js'
import { EVERY_GAP_MM, logOfClass } from './class-prior.js'
import { type Doubt, nodesOf } from './doubt-nodes.js'
import { gridOver, lastRowOf, together } from './gap-grid.js'
import type { Learnt } from './learnt.js'
import { countedOn, piecesOfAll } from './on-average.js'
import { heightSpreadMm, type PiecesById } from './pieces.js'
import {
  type GapChances,
  gapsOf,
  humpsOf,
  logNormal,
  logStrengthMoments,
  normalized,
  spreadOfGap,
  strengthsOf,
} from './posterior.js'
import type { BasisOfGap, CountedFrom } from './squeeze-window.js'
import { STRENGTH_LOG_SPREAD } from './strength-nodes.js'
import { middleOf, toldOf, type WantedBy } from './told.js'
import { LIKE_THEIR_CLASS } from './constants.js'

/** What is believed of a press's gap, with the strength of a sheet, by everything there is. */
export interface GapBelief {
  /** The gap counts as on the plates of `pieces`, as thick as those are noted. */
  readonly chances: GapChances
  readonly pieces: PiecesById
  /** Nothing is known of the press but its class. */
  readonly byClassOnly: boolean
}

/** What is known of a press's gap, and of the sheet with it. */
export interface LearntGap extends CountedFrom {
  readonly belief: GapBelief
}

/** A hump of the gap that is likelier than this is reckoned with, where it is the tightest: too loose does no harm. A house's usual rule. */
const WORTH_FEARING = 0.02

/** Whether nothing is known of a press but its class: no stack, no gap, no run of it. */
export const isKnownByClassOnly = ({ knownGood, gap, felt }: Press, learnt?: Pick<Learnt, 'pressRuns'>): boolean =>
  knownGood.length === 0 && !gap && felt.length === 0 && (learnt?.pressRuns ?? 0) === 0

/** Brings together what a press's class, what was told of it and its logged runs say of its gap and of a sheet's strength. */
export const beliefOf = (press: Press, wantedBy: WantedBy, learnt?: Learnt): GapBelief => {
  const told = toldOf(press, wantedBy)
  const byClassOnly = isKnownByClassOnly(press, learnt)
  const runs = learnt ? [{ log: learnt.log, pieces: learnt.pieces, times: learnt.pressRuns }] : []
  const all = [...told.map(({ says: log, pieces }) => ({ log, pieces })), ...runs]
  const pieces = piecesOfAll(all)
  const says = countedOn(pieces, all)
  const prior = gridOver(
    Math.min(rowOf(EVERY_GAP_MM[0]), says.firstRow),
    Math.max(rowOf(EVERY_GAP_MM[1]), lastRowOf(says)),
    logOfClass(press.pressClass, { isAllThereIs: byClassOnly, unsureMm: heightSpreadMm(pieces) }),
    (column) => logNormal(logStrengthAt(column), 0, STRENGTH_LOG_SPREAD),
  )
  return { chances: normalized(together(prior, says)), pieces, byClassOnly }
}

const basisOf = (
  press: Press,
  wantedBy: WantedBy,
  learnt: Learnt | undefined,
  { chances, byClassOnly }: GapBelief,
): BasisOfGap => {
  const { pressRuns, sheetRuns } = learnt ?? { pressRuns: 0, sheetRuns: 0 }
  return {
    kind: byClassOnly ? 'press-class' : pressRuns > 0 ? 'log' : 'told',
    pressRuns,
    sheetRuns,
    felt: press.felt.length,
    typed: press.gap !== undefined,
    logStrength: logStrengthMoments(strengthsOf(chances)),
    witnesses: press.knownGood.map((known) => {
      const [heightMm, wantedMm] = [knownHeightMm(known), middleOf(wantedBy(known))]
      return { id: known.id, heightMm, wantedMm, gapMm: heightMm - wantedMm }
    }),
  }
}

/** What squeezes on a press are counted from, by everything that is known of it. Some milliseconds. */
export const learntGap = (press: Press, wantedBy: WantedBy, learnt?: Learnt): LearntGap => {
  const belief = beliefOf(press, wantedBy, learnt)
  const gaps = gapsOf(belief.chances)
  const humps = humpsOf(gaps)
  const { meanMm } = humps.find(({ weight }) => weight > WORTH_FEARING) ?? humps[0]
  const doubt: Doubt = {
    nodes: nodesOf(belief.chances, meanMm),
    trust: belief.byClassOnly ? LIKE_THEIR_CLASS : 1,
  }
  return {
    belief,
    gapMm: meanMm,
    gapSpreadMm: spreadOfGap(gaps),
    doubt,
    pieces: belief.pieces,
    basis: basisOf(press, wantedBy, learnt, belief),
  }
}

/** A gap without the whole belief that it was read from. */
export const countedFrom = ({ gapMm, gapSpreadMm, doubt, pieces, basis }: CountedFrom): CountedFrom => ({
  gapMm,
  gapSpreadMm,
  doubt,
  pieces,
  basis,
})
