import { Mistake } from '../faults/guards.js'
import { cleanCut } from '../goals/clean-cut/clean-cut.js'
import type { Computed, Goal } from '../goals/goal.js'
import { type TechniqueId, techniqueOf } from './list.js'

/** What a press run of a technique is for. */
export const goalOf = ({ technique }: { readonly technique: TechniqueId }): Goal => techniqueOf(technique).goal

/** Whether what is done is to cut clean. */
export const isCut = (how: { readonly technique: TechniqueId }): boolean => goalOf(how).id === cleanCut.id

/** Whether nothing can be computed of it: steps and looks only, as heat or a hand decides. */
export const isGuided = (how: { readonly technique: TechniqueId }): boolean => goalOf(how).computed === undefined

/** What can be computed of it; a technique that is guided only must not get here. */
export const computedOf = (how: { readonly technique: TechniqueId }): Computed => {
  const { id, computed } = goalOf(how)
  if (!computed) throw new Mistake(`nothing can be computed of ${id}`)
  return computed
}
