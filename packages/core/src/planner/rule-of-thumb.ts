import { factsOfDieClass } from '../dies/die-class.js'
import { landingOf, type Stack } from '../layers/stack.js'
import type { PlateKind } from '../layers/plate.js'
import { estimateGap, KNOWN_GOOD_HALF_WINDOW_MM, wantedSqueezeMm } from '../press/gap.js'
import { type CutContext, dieClassOf } from '../techniques/technique.js'
import type { CutAdvice, PassAdvice, PassReason } from './cut-advice.js'
import type { PiecesInGap, SqueezeWindow } from './window.js'

const windowOf = (cut: CutContext): SqueezeWindow => {
  const dieClass = dieClassOf(cut)
  const gap = estimateGap(cut.press, dieClass)
  const midMm = wantedSqueezeMm(dieClass, cut.sheetCount * cut.sheet.caliper.valueMm)
  const piecesInGap: Record<string, PiecesInGap> = {}
  for (const { known, weight } of gap.witnesses)
    for (const { id, thickness } of known.plates)
      piecesInGap[id] = { count: (piecesInGap[id]?.count ?? 0) + weight, spreadMm: thickness.spreadMm }
  const knownDiesMm = gap.witnesses.map(({ known, weight }) => weight * known.dieHeight.spreadMm)
  return {
    lowMm: midMm - KNOWN_GOOD_HALF_WINDOW_MM,
    midMm,
    highMm: midMm + KNOWN_GOOD_HALF_WINDOW_MM,
    gapMm: gap.gapMm,
    ownSpreadMm: Math.hypot(gap.ownSpreadMm, ...knownDiesMm),
    piecesInGap,
    basis:
      gap.basis === 'known-good'
        ? {
            kind: 'known-good',
            witnesses: gap.witnesses.map(({ known, gapMm, weight }) => ({ id: known.id, gapMm, weight })),
          }
        : { kind: 'press-class' },
  }
}

const bedKindOf = (stack: Stack): PlateKind | undefined => {
  const bedIndex = landingOf(stack)?.bedIndex
  const bed = bedIndex === undefined ? undefined : stack[bedIndex]
  return bed?.is === 'plate' ? bed.plate.kind : undefined
}

interface Count {
  readonly passes: number
  readonly atMost: number
  readonly reason: PassReason
}

/** Pass counts as practitioners report them. Common practice, no source; the plain single-sheet and cased counts from memory. */
const reportedCount = (cut: CutContext, stack: Stack): Count => {
  const dieClass = dieClassOf(cut)
  const sheets = cut.sheetCount
  const bed = bedKindOf(stack)
  const { cased } = factsOfDieClass(dieClass)
  if (cut.sheet.kind === 'craft-foam') return { passes: 2, atMost: 3, reason: 'foam' }
  if (bed === 'soft-mat' && !cased)
    return { passes: 2 * sheets, atMost: sheets < 3 ? 2 * sheets : 2 * sheets + 2, reason: 'soft-mat' }
  if (dieClass === 'thin-lace' && bed === 'hard-plate')
    return { passes: sheets, atMost: sheets + 1, reason: 'lace-on-hard-plate' }
  if (dieClass === 'thin-lace' && cut.sheet.kind === 'foil-paper') return { passes: 2, atMost: 3, reason: 'lace-foil' }
  if (dieClass === 'thin-lace') return { passes: 1 + sheets, atMost: 2 + sheets, reason: 'lace-on-pad' }
  if (sheets === 1) return { passes: 1, atMost: 2, reason: 'single-sheet' }
  return { passes: 2, atMost: cased ? 3 : 1 + sheets, reason: 'several-sheets' }
}

const passesOf = (cut: CutContext, stack: Stack): PassAdvice => {
  const { passes, atMost, reason } = reportedCount(cut, stack)
  switch (cut.rules.passes) {
    case 'as-predicted':
      return { passes, atMost, reasons: [reason] }
    case 'there-and-back': {
      const rounds = 2 * Math.ceil(passes / 2)
      return {
        passes: rounds,
        atMost: Math.max(rounds, 2 * Math.ceil(atMost / 2)),
        reasons: [reason, 'rule-there-and-back'],
      }
    }
    case 'one-and-look':
      return { passes: 1, atMost, reasons: [reason, 'rule-one-and-look'] }
  }
}

/**
 * Advice without a press model: the window from known-good stacks (or the class table), pass counts as practitioners report.
 */
export const ruleOfThumb: CutAdvice = { window: windowOf, passes: passesOf }
