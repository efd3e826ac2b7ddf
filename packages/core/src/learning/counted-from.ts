import { unlearntNodes } from './knowledge.js'
import type { LearntGap } from './learnt-gap.js'
import type { GapEstimate } from '../press/gap.js'
import type { BasisOfWindow, PiecesInGap, SqueezeWindow } from './squeeze-window.js'

/** A gap, with what was learnt of it where something was. */
type Counted = GapEstimate & Partial<Pick<LearntGap, 'nodes' | 'learnt'>>

const basisOf = ({ basis, learnt, witnesses: all }: Counted): BasisOfWindow => {
  const witnesses = all.map(({ known, heightMm, wantedMm, gapMm, weight }) => ({
    id: known.id,
    heightMm,
    wantedMm,
    gapMm,
    weight,
  }))
  if (learnt) {
    const { pressRuns, sheetRuns, share, logStrength } = learnt
    return { kind: 'log', pressRuns, sheetRuns, share, logStrength, witnesses }
  }
  return basis === 'known-good' ? { kind: 'known-good', witnesses } : { kind: 'press-class' }
}

/** What a window takes from the gap it is counted from: its doubt, and the pieces whose errors cancel against it. */
export const countedFrom = (
  gap: Counted,
): Pick<SqueezeWindow, 'gapMm' | 'ownSpreadMm' | 'piecesInGap' | 'basis' | 'nodes'> => {
  const piecesInGap: Record<string, PiecesInGap> = {}
  for (const { known, weight } of gap.witnesses)
    for (const { id, thickness } of known.plates)
      piecesInGap[id] = { count: (piecesInGap[id]?.count ?? 0) + weight, spreadMm: thickness.spreadMm }
  const { learnt } = gap
  if (learnt)
    for (const [id, { count, spreadMm }] of Object.entries(learnt.pieces))
      piecesInGap[id] = { count: (piecesInGap[id]?.count ?? 0) + learnt.share * count, spreadMm }
  const knownDiesMm = gap.witnesses.map(({ known, weight }) => weight * known.dieHeight.spreadMm)
  return {
    gapMm: gap.gapMm,
    ownSpreadMm: Math.hypot(gap.ownSpreadMm, ...knownDiesMm),
    piecesInGap,
    nodes: gap.nodes ?? unlearntNodes,
    basis: basisOf(gap),
  }
}
