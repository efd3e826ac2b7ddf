import { type DieClass, factsOfDieClass } from '../dies/classes/list.js'
import { Mistake } from '../faults/guards.js'
import { creasing } from './crease.js'
import { cutting } from './cut.js'
import { foiling } from './foil.js'
import { folding } from './folder.js'
import { raising } from './raise.js'
import type { Technique } from './technique.js'

const listed = [cutting, creasing, raising, folding, foiling] as const

const byId = new Map<string, Technique>()
for (const technique of listed) {
  if (byId.has(technique.id)) throw new Mistake(`technique ${technique.id} is listed twice`)
  byId.set(technique.id, technique)
}

export type TechniqueId = (typeof listed)[number]['id']

/** Names of all techniques, in the order they are offered. */
export const techniqueIds: readonly TechniqueId[] = listed.map((technique) => technique.id)

/** The technique of this name. */
export const techniqueOf = (id: TechniqueId): Technique => {
  const technique = byId.get(id)
  if (!technique) throw new Mistake(`no technique ${id}`)
  return technique
}

/** The technique that a kind of die is there for: the first that takes it, so that a die with blades cuts. */
export const usualTechniqueFor = (dieClass: DieClass): TechniqueId => {
  const { use } = factsOfDieClass(dieClass)
  const usual = listed.find(({ takes }) => takes.includes(use))
  if (!usual) throw new Mistake(`no technique takes a ${dieClass}`)
  return usual.id
}
