import type { Assessment, Plan } from './plan.js'

/** Passes spared from which another stack is worth naming beside one that comes clean too. From memory. */
const WORTH_NAMING = 2

/**
 * Another stack of a plan that is surely clean in fewer passes: where the one shown is not sure to come clean, or takes many more.
 * Undefined where there is none, or the press was not simulated.
 */
export const cleanerStack = (plan: Plan, shown: Assessment): Assessment | undefined => {
  const { prediction } = shown
  if (!prediction) return undefined
  const most = prediction.recommended - (prediction.sure ? WORTH_NAMING : 1)
  const all = [...(plan.best ? [plan.best] : []), ...plan.alternatives.map(({ assessment }) => assessment)]
  return all
    .filter((each) => each.prediction?.sure && each.prediction.recommended <= most)
    .sort((a, b) => (a.prediction?.recommended ?? 0) - (b.prediction?.recommended ?? 0))[0]
}
