import { cleanCut } from '../goals/clean-cut/goal.js'
import type { ListedGoal } from '../goals/list.js'
import { type TechniqueId, techniqueOf } from './list.js'

/** What a press run of a technique is for. */
export const goalOf = ({ technique }: { readonly technique: TechniqueId }): ListedGoal => techniqueOf(technique).goal

/** Whether what is done is to cut clean. */
export const isCut = (how: { readonly technique: TechniqueId }): boolean => goalOf(how).id === cleanCut.id
