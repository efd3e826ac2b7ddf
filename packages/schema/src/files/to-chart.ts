import {
  asUsedIn,
  type Candidate,
  type ChartRequest,
  defaultHouseRules,
  type Plate,
  type Polyline,
  type WholeChart,
  referenceOf,
  PASS_COST,
} from '@bold-heron/core'
import type { ChartAnswer } from '../wire/chart-answer.js'
import type { ChartFile } from './chart-file.js'
import { overUsual } from './things-in-file.js'
import { toDie, toPlates, toPress, toSheet } from '../stored/to-core.js'

/** A chart's file as the core takes it; `lines` are the drawings of its dies, in their order, undefined for a stand-in. */
export const requestOfChartFile = (
  input: ChartFile,
  lines: readonly (readonly Polyline[] | undefined)[],
): ChartRequest => {
  const shelf = input.plates.flatMap(toPlates)
  return {
    technique: input.technique,
    press: asUsedIn(
      toPress({ ...input.press, id: 'press' }, new Map(shelf.map((plate) => [plate.id, plate]))),
      input.houseRules.passes,
    ),
    bladeSide: input.bladeSide,
    rules: overUsual(defaultHouseRules, input.houseRules),
    shelf,
    rows: input.dies.map(({ svg: _, file: __, id, ...die }, at) => {
      const name = id ?? `die ${at + 1}`
      const drawn = toDie({ ...die, id: name, outline: lines[at] ? { source: 'drawing' } : null }, lines[at])
      return { id: name, name: die.name, dies: [drawn], worn: [], workedBefore: {} }
    }),
    columns: input.sheets.map(({ id, ...sheet }, at) => {
      const name = id ?? `sheet ${at + 1}`
      return { id: name, name: sheet.name, sheet: toSheet({ ...sheet, id: name }) }
    }),
    perBase: input.perBase,
  }
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
