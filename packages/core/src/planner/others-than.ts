import { differenceOf, type StackDifference } from '../layers/stack-changes.js'
import { keyOfStack } from '../layers/stack-reference.js'
import type { Stack } from '../layers/stack.js'
import type { Assessment, Plan } from './plan.js'

/** The stacks of a plan, best first. */
export const stacksOfPlan = ({ best, alternatives }: Plan): readonly Assessment[] =>
  best ? [best, ...alternatives] : alternatives

/**
 * What a plan found beside the stack that is looked at, best first, each with what is different from that one: whoever has kept another than
 * the best is told of the plates before them, not of plates that they do not see.
 */
export const othersThan = (
  plan: Plan,
  shown: Stack,
): readonly { readonly assessment: Assessment; readonly difference: StackDifference }[] =>
  stacksOfPlan(plan)
    .filter(({ stack }) => keyOfStack(stack) !== keyOfStack(shown))
    .map((assessment) => ({ assessment, difference: differenceOf(shown, assessment.stack) }))
