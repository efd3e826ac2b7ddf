import type { GapEstimate } from '../press/gap.js'
import type { PiecesInGap, SqueezeWindow } from './window.js'

/** What a window takes from the gap it is counted from: its doubt, and the pieces whose errors cancel against it. */
export const countedFrom = (
  gap: GapEstimate,
): Pick<SqueezeWindow, 'gapMm' | 'ownSpreadMm' | 'piecesInGap' | 'basis'> => {
  const piecesInGap: Record<string, PiecesInGap> = {}
  for (const { known, weight } of gap.witnesses)
    for (const { id, thickness } of known.plates)
      piecesInGap[id] = { count: (piecesInGap[id]?.count ?? 0) + weight, spreadMm: thickness.spreadMm }
  const knownDiesMm = gap.witnesses.map(({ known, weight }) => weight * known.dieHeight.spreadMm)
  return {
    gapMm: gap.gapMm,
    ownSpreadMm: Math.hypot(gap.ownSpreadMm, ...knownDiesMm),
    piecesInGap,
    basis:
      gap.basis === 'known-good'
        ? {
            kind: 'known-good',
            witnesses: gap.witnesses.map(({ known, heightMm, wantedMm, gapMm, weight }) => ({
              id: known.id,
              heightMm,
              wantedMm,
              gapMm,
              weight,
            })),
          }
        : { kind: 'press-class' },
  }
}
