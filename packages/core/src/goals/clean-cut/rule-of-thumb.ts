import { factsOfDieClass } from '../../dies/classes/list.js'
import { landingOf, type Stack } from '../../layers/stack.js'
import type { PlateKind } from '../../materials/plate-kind.js'
import { type CutContext, dieClassOf } from '../../job/cut-context.js'
import type { Advice, PassAdvice, PassReason } from '../advice.js'
import type { Learnt } from '../../learning/learnt.js'
import { countedFrom, learntGap } from '../../learning/learnt-gap.js'
import type { SqueezeWindow } from '../../learning/squeeze-window.js'
import { usualSqueezeMm, usuallyWantedFor } from '../usually-wanted.js'
import { USUAL_HALF_WINDOW_MM } from '../constants.js'

const windowOf = (cut: CutContext, learnt?: Learnt): SqueezeWindow => {
  const dieClass = dieClassOf(cut)
  const midMm = usualSqueezeMm(dieClass, cut.sheetCount * cut.sheet.caliper.valueMm)
  return {
    lowMm: midMm - USUAL_HALF_WINDOW_MM,
    midMm,
    highMm: midMm + USUAL_HALF_WINDOW_MM,
    scaleMm: USUAL_HALF_WINDOW_MM,
    ...countedFrom(learntGap(cut.press, usuallyWantedFor(dieClass), learnt)),
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

/** Pass counts as practitioners report them. Common practice, no source; the plain single-sheet count from memory. */
const reportedCount = (cut: CutContext, stack: Stack): Count => {
  const dieClass = dieClassOf(cut)
  const sheets = cut.sheetCount
  const bed = bedKindOf(stack)
  const { cased, lacy, rolledOnce } = factsOfDieClass(dieClass)
  if (cut.sheet.kind === 'craft-foam') return { passes: 2, atMost: 3, reason: 'foam' }
  if (rolledOnce) return { passes: 1, atMost: 2, reason: 'rolled-once' }
  if (bed === 'soft-mat' && !cased)
    return { passes: 2 * sheets, atMost: sheets < 3 ? 2 * sheets : 2 * sheets + 2, reason: 'soft-mat' }
  if (lacy && bed === 'hard-plate') return { passes: sheets, atMost: sheets + 1, reason: 'lace-on-hard-plate' }
  if (lacy) return { passes: 1 + sheets, atMost: 2 + sheets, reason: 'lace-on-pad' }
  if (sheets === 1) return { passes: 1, atMost: 2, reason: 'single-sheet' }
  return { passes: 2, atMost: 1 + sheets, reason: 'several-sheets' }
}

/** What is pressed once is pressed once, whatever is usual. */
const unlessOnce = (most: number, count: Count): Count => (most === 1 ? { ...count, passes: 1, atMost: 1 } : count)

const passesOf = (cut: CutContext, stack: Stack): PassAdvice => {
  const { passes, atMost, reason } = unlessOnce(cut.rules.mostPasses, reportedCount(cut, stack))
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
