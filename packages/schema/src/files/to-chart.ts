import {
  type Candidate,
  type ChartRequest,
  PASS_COST,
  type Plate,
  type Polyline,
  referenceOf,
  type WholeChart,
} from '@bold-heron/core'
import { bundleOfFile } from '../bundle/bundle-of-file.js'
import { chartRequestOf } from '../bundle/chart-request-of.js'
import type { ChartAnswer } from '../wire/chart-answer.js'
import type { ChartFile } from './chart-file.js'

/** A chart's file as the core takes it; `lines` are the drawings of its dies, in their order, undefined for a stand-in. */
export const requestOfChartFile = (
  { press, plates, houseRules, technique, bladeSide, perBase, ...input }: ChartFile,
  lines: readonly (readonly Polyline[] | undefined)[],
): ChartRequest => {
  const dies = input.dies.map(({ id, ...die }, at) => ({ ...die, id: id ?? `die ${at + 1}` }))
  const sheets = input.sheets.map(({ id, ...sheet }, at) => ({ ...sheet, id: id ?? `sheet ${at + 1}` }))
  return chartRequestOf(
    bundleOfFile({ plates, presses: [{ ...press, id: 'press' }], dies, sheets, houseRules }, lines),
    {
      technique,
      pressId: 'press',
      bladeSide,
      perBase,
      dieIds: dies.map(({ id }) => id),
      sheetIds: sheets.map(({ id }) => id),
    },
  ) as ChartRequest
}

const platesOf = (shelf: readonly Plate[], chart: WholeChart): ChartAnswer['plates'] => {
  const used = new Set(
    [
      ...chart.bases.map(({ stack }) => stack),
      ...chart.cells.flat().flatMap(({ stack, own }) => [stack ?? [], own?.stack ?? []]),
    ]
      .flat()
      .flatMap((layer) => (layer.is === 'plate' ? [layer.plateId] : [])),
  )
  return shelf
    .filter(({ id }) => used.has(id))
    .map(({ id, name, kind, thickness }) => ({ id, name, kind, thicknessMm: thickness.valueMm }))
}

const listed = (request: ChartRequest, candidates: readonly Candidate[]): NonNullable<ChartAnswer['candidates']> => {
  const columns = request.columns.length
  const fewest = Array.from({ length: request.rows.length * columns }, (_, at) =>
    Math.min(...candidates.map(({ served }) => served[at]?.passes ?? Infinity)),
  )
  return candidates.map(({ served, stack }) => ({
    stack: referenceOf(stack),
    costs: request.rows.map((_, row) =>
      request.columns.map((__, column) => {
        const at = row * columns + column
        const its = served[at]
        return its ? its.cost - PASS_COST * (fewest[at] as number) : null
      }),
    ),
  }))
}

/** A chart as its answer tells it. */
export const answerOfChart = (
  request: ChartRequest,
  chart: WholeChart,
  {
    candidates,
    basedOnRuns = 0,
  }: { readonly candidates?: readonly Candidate[] | undefined; readonly basedOnRuns?: number } = {},
): ChartAnswer => ({
  technique: request.technique,
  pressName: request.press.name,
  perBase: request.perBase,
  rows: request.rows.map(({ id, name, dies }) => ({ id, name, dieClass: dies[0]?.dieClass ?? 'thin-outline' })),
  columns: request.columns.map(({ id, name, sheet }) => ({ id, name, thicknessMm: sheet.caliper.valueMm })),
  plates: platesOf(request.shelf, chart),
  bases: chart.bases,
  cells: chart.cells,
  cost: chart.cost,
  bound: chart.bound,
  proven: chart.proven,
  candidateCount: chart.candidates,
  ranges: chart.ranges,
  wishes: chart.wishes,
  basedOnRuns,
  ...(candidates ? { candidates: listed(request, candidates) } : {}),
})
