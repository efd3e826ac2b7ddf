import type { DieClass } from '../../dies/classes/list.js'
import { factsOfDieClass } from '../../dies/classes/list.js'
import { landingOf, type Stack } from '../../layers/stack.js'
import type { PlateKind } from '../../materials/plate-kind.js'
import { estimateGap } from '../../press/gap.js'
import type { KnownGoodStack } from '../../press/press.js'
import { type CutContext, dieClassOf } from '../../job/cut-context.js'
import type { MeasuredMm } from '../../units/measured.js'
import type { Advice, PassAdvice, PassReason } from '../advice.js'
import { countedFrom } from '../../learning/counted-from.js'
import type { SqueezeWindow } from '../../learning/squeeze-window.js'

/** Squeeze in mm that a die class wants over a pile of sheets of this thickness in mm: overtravel + pile. */
export const usualSqueezeMm = (dieClass: DieClass, pileMm: number): number =>
  factsOfDieClass(dieClass).overtravelMm + pileMm

/** mm. A stack remembered as cutting clean sits this near the best one; common practice, no source. */
export const USUAL_HALF_WINDOW_MM = 0.15

/** mm. Extra doubt where the known stack was for thin dies and the new one is for cased dies, or the other way round. From memory. */
const OTHER_BUILD_SPREAD_MM = 0.12

const isSameBuild = (one: DieClass, other: DieClass): boolean =>
  factsOfDieClass(one).cased === factsOfDieClass(other).cased

/** What a known stack's squeeze was, by the rule: its window taken as evenly likely, wider across builds. */
const wantedBy =
  (dieClass: DieClass) =>
  (known: KnownGoodStack): MeasuredMm => ({
    valueMm: usualSqueezeMm(known.dieClass, known.sheetCount * known.sheetCaliper.valueMm),
    spreadMm: Math.hypot(
      USUAL_HALF_WINDOW_MM / Math.sqrt(3),
      isSameBuild(known.dieClass, dieClass) ? 0 : OTHER_BUILD_SPREAD_MM,
    ),
  })

const windowOf = (cut: CutContext): SqueezeWindow => {
  const dieClass = dieClassOf(cut)
  const midMm = usualSqueezeMm(dieClass, cut.sheetCount * cut.sheet.caliper.valueMm)
  return {
    lowMm: midMm - USUAL_HALF_WINDOW_MM,
    midMm,
    highMm: midMm + USUAL_HALF_WINDOW_MM,
    scaleMm: USUAL_HALF_WINDOW_MM,
    ...countedFrom(estimateGap(cut.press, wantedBy(dieClass))),
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
  const { cased, lacy } = factsOfDieClass(dieClass)
  if (cut.sheet.kind === 'craft-foam') return { passes: 2, atMost: 3, reason: 'foam' }
  if (bed === 'soft-mat' && !cased)
    return { passes: 2 * sheets, atMost: sheets < 3 ? 2 * sheets : 2 * sheets + 2, reason: 'soft-mat' }
  if (lacy && bed === 'hard-plate') return { passes: sheets, atMost: sheets + 1, reason: 'lace-on-hard-plate' }
  if (lacy && cut.sheet.kind === 'foil-paper') return { passes: 2, atMost: 3, reason: 'lace-foil' }
  if (lacy) return { passes: 1 + sheets, atMost: 2 + sheets, reason: 'lace-on-pad' }
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
export const ruleOfThumb: Advice = { window: windowOf, passes: passesOf }
