import type { BaseStack } from '../bases/base-stacks.js'
import { baseCandidateSteps, type Candidate, chooseAmong, type Choosing, TIES } from '../bases/candidates.js'
import type { StackFigures } from '../bases/figures.js'
import { OperationReader } from '../bases/operation-reader.js'
import { RecordedResponses } from '../bases/recorded-responses.js'
import type { ResponseRecord } from '../goals/response-record.js'
import { type StackReference, referenceOf } from '../layers/stack-reference.js'
import type { Steps } from '../numerics/steps.js'
import type { SimulatedResponses } from '../planner/simulated-responses.js'
import type { Cell, EmptyReason } from './cell.js'
import { cellRequest, type ChartRequest } from './chart-request.js'

/** In what the best stack for a cell alone is better than the one the chart shows. */
export const betterIn = ['passes', 'chance', 'cautions'] as const
type BetterIn = (typeof betterIn)[number]

/** A cell as the chart shows it. */
interface ChartCell {
  /** On a base with these shims; or only a stack of its own, as no base earns its place for it; or nothing. */
  readonly is: 'base' | 'own' | 'empty'
  readonly base?: number | undefined
  readonly shimIds: readonly string[]
  readonly figures?: StackFigures | undefined
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

/** The readers of all cells, row by row in one list. */
function* readersOf(
  request: ChartRequest,
  kept: ReadonlyMap<string, ResponseRecord>,
  live: SimulatedResponses,
): Steps<OperationReader[]> {
  const answering = new RecordedResponses(request.technique, kept, live)
  const readers: OperationReader[] = []
  for (const row of request.rows)
    for (const column of request.columns) {
      readers.push(new OperationReader(cellRequest(request, row, column), answering))
      yield readers.length / (request.rows.length * request.columns.length)
    }
  return readers
}

const percentOf = (chance: number): number => Math.round(100 * chance)

const betterThan = (figures: StackFigures, own: Cell['own']): BetterIn[] => {
  if (!own?.counts) return []
  const found: BetterIn[] = []
  if (own.passes < figures.passes) found.push('passes')
  if (own.passes <= figures.passes && percentOf(own.chance) > percentOf(figures.chance)) found.push('chance')
  if (own.cautions.length < figures.cautions.length) found.push('cautions')
  return found
}

/** Puts a chart together of cells that were worked out: chooses the base stacks, and says of every cell what it gets. */
const chartOf = (
  request: ChartRequest,
  cells: readonly Cell[],
  readers: readonly (OperationReader | undefined)[],
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
      stack: referenceOf((readers[at] as OperationReader).stack(candidate.base, shims)),
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
