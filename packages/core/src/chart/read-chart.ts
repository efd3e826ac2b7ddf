import type { ResponseRecord } from '../goals/response-record.js'
import type { Plate } from '../layers/plate.js'
import type { Stack } from '../layers/stack.js'
import { type StackReference, referenceOf } from '../layers/stack-reference.js'
import type { SimulatedResponses } from '../planner/simulated-responses.js'
import type { Steps } from '../planner/steps.js'
import type { Place } from '../techniques/technique.js'
import { type BaseStack, basesIn } from './base-stacks.js'
import { type Cell, type CellFigures, type EmptyReason, RecordedResponses } from './cell.js'
import { cellRequest, type ChartRequest } from './chart-request.js'
import { type ChosenBases, chooseBases } from './fewest-bases.js'
import { CellReader, PASS_COST, type Served, type SharedBase } from './serve-cell.js'

/** In what the best stack for a cell alone is better than the one the chart shows. */
export const betterIn = ['passes', 'chance', 'cautions'] as const
type BetterIn = (typeof betterIn)[number]

/** A cell as the chart shows it. */
interface ChartCell {
  /** On a base with these shims; or only a stack of its own, as no base earns its place for it; or nothing. */
  readonly is: 'base' | 'own' | 'empty'
  readonly base?: number | undefined
  readonly shimIds: readonly string[]
  readonly figures?: CellFigures | undefined
  readonly stack?: StackReference | undefined
  /** Where the best for this cell alone is better: in what, and that stack. */
  readonly better: readonly BetterIn[]
  readonly own?: Cell['own']
  readonly why?: EmptyReason | undefined
  /** 0.1 · shims + 0.05 · passes beyond the fewest of any base here. */
  readonly cost?: number | undefined
}

/** A base stack that the chart keeps. */
interface ChartBase {
  readonly stack: StackReference
  /** Without shims, dies and sheets, mm. */
  readonly heightMm: number
  readonly cells: number
}

/** What a press cuts: few base stacks, and for every cell the one that serves it. */
export interface Chart {
  readonly bases: readonly ChartBase[]
  /** Row by row. */
  readonly cells: readonly (readonly ChartCell[])[]
  /** Cells left empty + λ · bases + 0.1 · shims + 0.05 · passes beyond the fewest. */
  readonly cost: number
  readonly bound: number
  readonly proven: boolean
  readonly candidates: number
}

/** A base that might be kept, with what it does in every cell. */
export interface Candidate {
  readonly base: SharedBase
  readonly key: string
  /** Without shims. */
  readonly stack: Stack
  readonly served: readonly (Served | undefined)[]
}

/** Costs below this only settle ties: together over all cells they never make up for a pass. */
const TIES = 2e-3
/** What a caution weighs against a chance, in ties. */
const CAUTION_IN_TIES = 0.5

/** The readers of all cells, row by row in one list. */
function* readersOf(
  request: ChartRequest,
  kept: ReadonlyMap<string, ResponseRecord>,
  live: SimulatedResponses,
): Steps<CellReader[]> {
  const answering = new RecordedResponses(request.technique, kept, live)
  const readers: CellReader[] = []
  for (const row of request.rows)
    for (const column of request.columns) {
      readers.push(new CellReader(cellRequest(request, row, column), answering))
      yield readers.length / (request.rows.length * request.columns.length)
    }
  return readers
}

/** Every base of the shelf that might serve some of the cells, by its name: each in all series of places that it can stand in. */
export const sharedBasesOf = (
  readers: readonly (CellReader | undefined)[],
  shelf: readonly Plate[],
): Map<string, SharedBase> => {
  const bySeries = new Map<string, CellReader[]>()
  for (const reader of readers)
    if (reader) bySeries.set(reader.placesKey, [...(bySeries.get(reader.placesKey) ?? []), reader])
  const shared = new Map<string, Map<string, BaseStack>>()
  for (const [series, its] of bySeries) {
    const reaches = its.flatMap((reader) => {
      const reach = reader.reach()
      return reach ? [reach] : []
    })
    if (reaches.length === 0) continue
    const first = its[0] as CellReader
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
  readers: readonly (CellReader | undefined)[],
  shelf: readonly Plate[],
): Steps<Candidate[]> {
  const shared = sharedBasesOf(readers, shelf)
  const found: Candidate[] = []
  const seen = new Set<string>()
  let done = 0
  for (const [key, base] of [...shared].sort(([a], [b]) => (a < b ? -1 : 1))) {
    const served = readers.map((reader) => reader?.bestOn(base))
    yield 0.05 + (0.9 * ++done) / shared.size
    if (served.every((each) => each === undefined)) continue
    // Plates that are alike make bases that are alike: one of them is enough.
    const does = JSON.stringify(served.map((each) => each && [each.cost, each.chance, each.cautions.length]))
    if (seen.has(does)) continue
    seen.add(does)
    const at = served.findIndex((each) => each !== undefined)
    found.push({ base, key, stack: (readers[at] as CellReader).stack(base, []), served })
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

const percentOf = (chance: number): number => Math.round(100 * chance)

const betterThan = (figures: CellFigures, own: Cell['own']): BetterIn[] => {
  if (!own?.counts) return []
  const found: BetterIn[] = []
  if (own.passes < figures.passes) found.push('passes')
  if (own.passes <= figures.passes && percentOf(own.chance) > percentOf(figures.chance)) found.push('chance')
  if (own.cautions.length < figures.cautions.length) found.push('cautions')
  return found
}

/** Which candidates are kept, and what each costs in each cell: as it is, and with ties settled. */
interface Choosing {
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

/** Puts a chart together of cells that were worked out: chooses the base stacks, and says of every cell what it gets. */
const chartOf = (
  request: ChartRequest,
  cells: readonly Cell[],
  readers: readonly (CellReader | undefined)[],
  candidates: readonly Candidate[],
  { chosen, plain, settled }: Choosing,
): Chart => {
  const kept = chosen.chosen
  const counts = kept.map(() => 0)
  let cost = kept.length * request.perBase
  const shown = cells.map((cell, at): ChartCell => {
    const costAt = (base: number, costs: Float64Array): number => costs[base * cells.length + at] as number
    const place = kept.reduce(
      (best, base, its) => (best === -1 || costAt(base, settled) < costAt(kept[best] as number, settled) ? its : best),
      -1,
    )
    const candidate = candidates[kept[place] ?? -1]
    const served = candidate?.served[at]
    const its = served ? costAt(kept[place] as number, plain) : Infinity
    if (!candidate || !served || its >= 1) {
      cost += 1
      return cell.own?.counts
        ? { is: 'own', shimIds: [], figures: cell.own, stack: cell.own.stack, better: [], own: cell.own }
        : { is: 'empty', shimIds: [], better: [], own: cell.own, why: cell.why ?? 'not-sure' }
    }
    cost += its
    counts[place]!++
    const { shims, cost: _, ...figures } = served
    const better = betterThan(figures, cell.own)
    return {
      is: 'base',
      base: place,
      shimIds: shims.map(({ id }) => id),
      figures,
      stack: referenceOf((readers[at] as CellReader).stack(candidate.base, shims)),
      better,
      own: better.length > 0 ? cell.own : undefined,
      cost: its,
    }
  })
  const columns = request.columns.length
  return {
    bases: kept.map((base, place): ChartBase => {
      const { base: its, stack } = candidates[base] as Candidate
      return {
        stack: referenceOf(stack),
        heightMm: ([...its.values()][0] as BaseStack).heightMm,
        cells: counts[place] as number,
      }
    }),
    cells: request.rows.map((_, row) => shown.slice(row * columns, (row + 1) * columns)),
    cost,
    bound: chosen.proven ? cost : Math.max(0, Math.min(cost, chosen.bound - TIES)),
    proven: chosen.proven,
    candidates: candidates.length,
  }
}

/** A chart, and the candidates that it was chosen among; `kept` are those of its bases, in their order. */
export interface ReadChart {
  readonly chart: Chart
  readonly candidates: readonly Candidate[]
  readonly kept: readonly Candidate[]
}

/** Reads a chart off cells and the answers kept with them. `cells` row by row in one list. */
export function* readChartSteps(
  request: ChartRequest,
  cells: readonly Cell[],
  answers: ReadonlyMap<string, ResponseRecord>,
  live: SimulatedResponses,
): Steps<ReadChart> {
  const readers = yield* readersOf(request, answers, live)
  const candidates = yield* baseCandidateSteps(readers, request.shelf)
  const { chosen, plain, settled } = chooseAmong(candidates, cells.length, request.perBase)
  const kept = chosen.chosen.map((base) => candidates[base] as Candidate)
  return { chart: chartOf(request, cells, readers, candidates, { chosen, plain, settled }), candidates, kept }
}
