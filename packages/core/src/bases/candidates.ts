import type { Plate } from '../layers/plate.js'
import type { Stack } from '../layers/stack.js'
import type { Steps } from '../numerics/steps.js'
import type { Place } from '../techniques/technique.js'
import { type BaseStack, basesIn } from './base-stacks.js'
import { type ChosenBases, chooseBases } from './fewest-bases.js'
import { type OperationReader, PASS_COST, type Served, type SharedBase } from './operation-reader.js'
import { groupBy } from '../numerics/group-by.js'

/** A base that might be kept, with what it does in every cell. */
export interface Candidate {
  readonly base: SharedBase
  readonly key: string
  /** Without shims. */
  readonly stack: Stack
  readonly served: readonly (Served | undefined)[]
}

/** Costs below this only settle ties: together over all cells they never make up for a pass. */
export const TIES = 2e-3
/** What a caution weighs against a chance, in ties. */
const CAUTION_IN_TIES = 0.5

/** Every base of the shelf that might serve some of the cells, by its name: each in all series of places that it can stand in. */
export const sharedBasesOf = (
  readers: readonly (OperationReader | undefined)[],
  shelf: readonly Plate[],
): Map<string, SharedBase> => {
  const bySeries = groupBy(
    readers.filter((reader) => reader !== undefined),
    ({ placesKey }) => placesKey,
  )
  const shared = new Map<string, Map<string, BaseStack>>()
  for (const [series, its] of bySeries) {
    const reaches = its.flatMap((reader) => {
      const reach = reader.reach()
      return reach ? [reach] : []
    })
    if (reaches.length === 0) continue
    const first = its[0] as OperationReader
    const basesOf = (places: readonly Place[]): BaseStack[] =>
      basesIn(
        places,
        shelf,
        (place, plate) => its.some((reader) => reader.mayStand(place, plate)),
        [Math.min(...reaches.map(([low]) => low)), Math.max(...reaches.map(([, high]) => high))],
        first.bedRole,
      )
    // As the plan: other sequences where the usual one does not reach.
    const bases = first.sequences.reduce<BaseStack[]>((found, each) => (found.length > 0 ? found : basesOf(each)), [])
    for (const base of bases) {
      const variants = shared.get(base.key) ?? new Map<string, BaseStack>()
      variants.set(series, base)
      shared.set(base.key, variants)
    }
  }
  return shared
}

/** Every base of the shelf that serves some cell, those that differ in nothing but where they come on the shelf once. */
export function* baseCandidateSteps(
  readers: readonly (OperationReader | undefined)[],
  shelf: readonly Plate[],
): Steps<Candidate[]> {
  const shared = sharedBasesOf(readers, shelf)
  const found: Candidate[] = []
  const seen = new Set<string>()
  let done = 0
  for (const [key, base] of [...shared].sort(([a], [b]) => (a < b ? -1 : 1))) {
    const served = readers.map((reader) => (reader?.reaches(base) ? reader.bestOn(base) : undefined))
    yield 0.05 + (0.9 * ++done) / shared.size
    if (served.every((each) => each === undefined)) continue
    // Plates that are alike make bases that are alike: one of them is enough.
    const does = JSON.stringify(served.map((each) => each && [each.cost, each.chance, each.cautions.length]))
    if (seen.has(does)) continue
    seen.add(does)
    const at = served.findIndex((each) => each !== undefined)
    found.push({ base, key, stack: (readers[at] as OperationReader).stack(base, []), served })
  }
  return undominated(found)
}

const isNoWorse = (one: Served | undefined, other: Served | undefined): boolean =>
  other === undefined ||
  (one !== undefined &&
    (one.cost < other.cost ||
      (one.cost === other.cost && one.cautions.length <= other.cautions.length && one.chance >= other.chance)))

/** Without the bases that another one makes up for in every cell. */
const undominated = (candidates: readonly Candidate[]): Candidate[] => {
  const cells = ({ served }: Candidate): number => served.filter((each) => each !== undefined).length
  const most = [...candidates].sort((a, b) => cells(b) - cells(a) || (a.key < b.key ? -1 : 1))
  const kept: Candidate[] = []
  for (const each of most)
    if (!kept.some((other) => each.served.every((its, at) => isNoWorse(other.served[at], its)))) kept.push(each)
  return kept
}

/** What each candidate costs in each cell beyond the fewest passes there, and the same with ties settled. */
const costsOf = (candidates: readonly Candidate[], cells: number) => {
  const fewest = Float64Array.from({ length: cells }, (_, cell) =>
    candidates.reduce((least, { served }) => Math.min(least, served[cell]?.passes ?? Infinity), Infinity),
  )
  const plain = new Float64Array(candidates.length * cells).fill(Infinity)
  const settled = plain.slice()
  candidates.forEach(({ served }, base) => {
    served.forEach((each, cell) => {
      if (!each) return
      const cost = each.cost - PASS_COST * (fewest[cell] as number)
      plain[base * cells + cell] = cost
      const worse = Math.min(1, CAUTION_IN_TIES * each.cautions.length + (1 - each.chance))
      settled[base * cells + cell] = cost + (TIES / cells) * worse
    })
  })
  return { plain, settled }
}

/** Which candidates are kept, and what each costs in each cell: as it is, and with ties settled. */
export interface Choosing {
  readonly chosen: ChosenBases
  readonly plain: Float64Array
  readonly settled: Float64Array
}

/** Chooses the base stacks among candidates. */
export const chooseAmong = (candidates: readonly Candidate[], cells: number, perBase: number): Choosing => {
  const { plain, settled } = costsOf(candidates, cells)
  const chosen = chooseBases({ cells, bases: candidates.length, costs: settled, perBase, emptyCost: 1 })
  return { chosen, plain, settled }
}
