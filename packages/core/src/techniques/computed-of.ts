import type { Computed } from '../goals/computed.js'
import { computedByGoal } from '../goals/computed-by-goal.js'
import { goalOf } from './goal-of.js'
import type { TechniqueId } from './list.js'

/** What is computed of what a technique is done for. */
export const computedOf = (how: { readonly technique: TechniqueId }): Computed => computedByGoal[goalOf(how).id]
