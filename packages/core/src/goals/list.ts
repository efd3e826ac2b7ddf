import { cleanCut } from './clean-cut/clean-cut.js'

/** Everything that a press run may be for. */
export const goals = [cleanCut] as const

export type GoalId = (typeof goals)[number]['id']

/** The goal whose stacks a press may be known to do well with: the one by which its gap is told. */
export const goalOfKnown = cleanCut
