import type { ResponseRecord } from '../goals/response-record.js'
import { strengthOfKind } from '../materials/sheet-kind.js'
import type { Sheet } from '../materials/sheet.js'
import { SimulatedResponses } from '../planner/simulated-responses.js'
import { type Steps, within } from '../numerics/steps.js'
import { RecordedResponses, type ResponseRecords } from '../bases/recorded-responses.js'
import { type Cell, cellSteps } from './cell.js'
import { cellRequest, type ChartRequest } from './chart-request.js'
import { type RangeBar, rangeSteps } from './ranges.js'
import { type Candidate, sharedBasesOf } from '../bases/candidates.js'
import { type Chart, readChartSteps } from './read-chart.js'
import { OperationReader } from '../bases/operation-reader.js'
import { type Wish, wishSteps } from './wishes.js'

/** A chart with everything that goes with it on the wall. */
export interface WholeChart extends Chart {
  readonly ranges: readonly RangeBar[]
  readonly wishes: readonly Wish[]
}

/** Plain card, for the ranges: smooth, as strong as by its table. */
const plainCard: Sheet = {
  id: 'plain card',
  name: 'plain card',
  kind: 'smooth-card',
  caliper: { valueMm: 0.3, spreadMm: 0 },
  ...strengthOfKind('smooth-card'),
}

/** One cell of a chart by its place, row by row; `made` is what had to be simulated for it. */
export function* chartCellSteps(
  request: ChartRequest,
  at: number,
  answers: ReadonlyMap<string, ResponseRecord>,
  live: SimulatedResponses,
): Steps<{ readonly cell: Cell; readonly made: ResponseRecords }> {
  const row = request.rows[Math.floor(at / request.columns.length)]
  const column = request.columns[at % request.columns.length]
  if (!row || !column) return { cell: { why: 'nothing-fits' }, made: new Map() }
  const answering = new RecordedResponses(request.technique, answers, live)
  const asked = cellRequest(request, row, column)
  const cell = yield* cellSteps(asked, answering)
  const reader = new OperationReader(asked, answering)
  // What lies behind a mat counts too, and is simulated here rather than when all cells are read.
  if (!reader.answersByBed)
    for (const base of sharedBasesOf([reader], request.shelf).values()) {
      reader.touch(base)
      yield 1
    }
  return { cell, made: answering.made }
}

/** What is left when all cells are known: the choice of bases, their ranges, and what to buy or cut next. */
export function* chartRestSteps(
  request: ChartRequest,
  cells: readonly Cell[],
  answers: ReadonlyMap<string, ResponseRecord>,
  live: SimulatedResponses,
): Steps<{ readonly chart: WholeChart; readonly candidates: readonly Candidate[]; readonly made: ResponseRecords }> {
  const { chart, candidates, kept } = yield* within(readChartSteps(request, cells, answers, live), [0, 0.3])
  const wishes = yield* within(wishSteps(request, chart, kept, answers, live), [0.3, 0.5])
  const answering = new RecordedResponses(request.technique, answers, live)
  const ranges = yield* within(rangeSteps(request, chart, kept, plainCard, answering), [0.5, 1])
  return { chart: { ...chart, ranges, wishes }, candidates, made: answering.made }
}

/** A whole chart on one thread; `answers` grows by what had to be simulated. */
export function* wholeChartSteps(
  request: ChartRequest,
  answers: ResponseRecords = new Map(),
  live = new SimulatedResponses(),
): Steps<{ readonly chart: WholeChart; readonly candidates: readonly Candidate[] }> {
  const all = request.rows.length * request.columns.length
  const cells: Cell[] = []
  const keep = (made: ResponseRecords): void => made.forEach((each, name) => answers.set(name, each))
  for (let at = 0; at < all; at++) {
    const { cell, made } = yield* within(chartCellSteps(request, at, answers, live), [
      (0.9 * at) / all,
      (0.9 * (at + 1)) / all,
    ])
    keep(made)
    cells.push(cell)
  }
  const { chart, candidates, made } = yield* within(chartRestSteps(request, cells, answers, live), [0.9, 1])
  keep(made)
  return { chart, candidates }
}
