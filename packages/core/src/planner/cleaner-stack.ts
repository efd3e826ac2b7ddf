import { stacksOfPlan } from './others-than.js'
import type { Assessment, Plan } from './plan.js'
import { PASSES_WORTH_NAMING } from './constants.js'
import { WORTH_A_PASS } from '../goals/constants.js'

const chanceOf = ({ prediction }: Assessment): number => prediction?.passes[prediction.recommended - 1]?.chance ?? 0

/**
 * Another stack of a plan that is surely clean in fewer passes than the one shown: where that one is not sure to come clean, less sure by
 * what is worth a pass, or slower by several. Undefined where there is none, or the press was not simulated.
 */
export const cleanerStack = (plan: Plan, shown: Assessment): Assessment | undefined => {
  const { prediction } = shown
  if (!prediction) return undefined
  const isWorthNaming = (other: Assessment): boolean => {
    if (!other.prediction?.sure) return false
    const spared = prediction.recommended - other.prediction.recommended
    if (spared < 1) return false
    return !prediction.sure || spared >= PASSES_WORTH_NAMING || chanceOf(other) - chanceOf(shown) >= WORTH_A_PASS
  }
  return stacksOfPlan(plan)
    .filter(isWorthNaming)
    .sort((a, b) => (a.prediction?.recommended ?? 0) - (b.prediction?.recommended ?? 0))[0]
}
