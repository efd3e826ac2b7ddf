import { cleanCut } from './clean-cut/goal.js'
import { crease } from './crease/goal.js'
import { foilLine } from './foil-line/goal.js'
import { formed } from './formed/goal.js'
import type { Goal } from './goal.js'
import { relief } from './relief/goal.js'

/** Everything that a press run may be for. */
export const goals = [cleanCut, crease, relief, formed, foilLine] as const

export type GoalId = (typeof goals)[number]['id']

/** A goal that is listed. */
export type ListedGoal = Goal & { readonly id: GoalId }
