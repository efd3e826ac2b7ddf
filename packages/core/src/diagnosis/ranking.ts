import type { CauseId } from './cause-ids.js'
import type { Part } from './hypotheses.js'
import type { Weighed } from './weighing.js'

/** A cause, or two at once, as it is believed after everything that was told. */
export interface RankedCause {
  readonly causes: readonly CauseId[]
  /** 0…1; all together make 1. */
  readonly chance: number
  /** Its likeliest way. */
  readonly squeezeMm: number
  readonly mm?: number | undefined
  readonly of?: string | undefined
  /** Chance that each stretch of line (`stretchesOf`) would be seen to hang by it; empty where no line can. */
  readonly hangs: Float64Array
}

const nameOf = (parts: readonly Part[]): string => parts.map(({ cause }) => cause.id).join(' + ')

/** Causes with the chances of all their ways added up, likeliest first. */
export const ranked = (
  all: readonly Weighed[],
  weights: Float64Array,
): (RankedCause & { readonly best: readonly Part[] })[] => {
  const byName = new Map<string, { chance: number; most: number; best: Weighed }>()
  all.forEach((each, at) => {
    const weight = weights[at] as number
    const name = nameOf(each.parts)
    const known = byName.get(name)
    if (!known) byName.set(name, { chance: weight, most: weight, best: each })
    else {
      known.chance += weight
      if (weight > known.most) [known.most, known.best] = [weight, each]
    }
  })
  return [...byName.values()]
    .map(({ chance, best: { parts, hangs } }) => ({
      causes: parts.map(({ cause }) => cause.id),
      chance,
      squeezeMm: parts.reduce((sum, { degree }) => sum + degree.variation.squeezeMm, 0),
      mm: parts[0]?.degree.mm,
      of: parts.find(({ degree }) => degree.of !== undefined)?.degree.of,
      hangs,
      best: parts,
    }))
    .sort((a, b) => b.chance - a.chance)
}

/** A cause less likely than this is nothing to be done about. */
const WORTH_CURING = 0.02

/** The causes, alone or with another, that are likely enough for something to be done about them. */
export const likelyCauses = (hypotheses: readonly Weighed[], weights: Float64Array): ReadonlySet<CauseId> => {
  const chances = new Map<CauseId, number>()
  hypotheses.forEach(({ parts }, at) => {
    for (const { cause } of parts) chances.set(cause.id, (chances.get(cause.id) ?? 0) + (weights[at] as number))
  })
  return new Set([...chances].flatMap(([id, chance]) => (chance >= WORTH_CURING ? [id] : [])))
}
