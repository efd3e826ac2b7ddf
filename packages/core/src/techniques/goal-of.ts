import { cleanCut } from '../goals/clean-cut/clean-cut.js'
import type { Computed, Goal } from '../goals/goal.js'
import { type TechniqueId, techniqueOf } from './list.js'

/** What a press run of a technique is for. */
export const goalOf = ({ technique }: { readonly technique: TechniqueId }): Goal => techniqueOf(technique).goal

/** Whether what is done is to cut clean. */
export const isCut = (how: { readonly technique: TechniqueId }): boolean => goalOf(how).id === cleanCut.id

/** What is computed of it. */
export const computedOf = (how: { readonly technique: TechniqueId }): Computed => goalOf(how).computed
