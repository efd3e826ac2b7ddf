import { betterIn, dieClasses, emptyReasons, type TechniqueId, techniqueIds, USUAL_PER_BASE } from '@bold-heron/core'
import { z } from 'zod'
import type { Of } from './plain.js'
import { idField, nameField, noteField, rowFields, thicknessMmField } from './fields.js'
import { stackReference } from './stack-reference.js'

/** Most rows and columns of a chart. */
export const MOST_CHART_ROWS = 60
export const MOST_CHART_COLUMNS = 30

const chartFields = {
  name: nameField,
  pressId: idField,
  /** What is done: a leaf of the wall chart. */
  technique: z.enum(techniqueIds as readonly [TechniqueId, ...TechniqueId[]]).default('cut'),
  /** Dies of the shelf, all that the technique takes where none is named; or kinds of die as they usually are. */
  rows: z
    .discriminatedUnion('by', [
      z.object({ by: z.literal('dies'), dieIds: z.array(idField).max(MOST_CHART_ROWS).default([]) }),
      z.object({ by: z.literal('classes'), dieClasses: z.array(z.enum(dieClasses)).min(1).max(dieClasses.length) }),
    ])
    .default({ by: 'dies', dieIds: [] }),
  /** Sheets of the shelf, all where none is named; or plain card of some thicknesses, mm. */
  columns: z
    .discriminatedUnion('by', [
      z.object({ by: z.literal('sheets'), sheetIds: z.array(idField).max(MOST_CHART_COLUMNS).default([]) }),
      z.object({ by: z.literal('thicknesses'), mm: z.array(thicknessMmField.max(6)).min(1).max(MOST_CHART_COLUMNS) }),
    ])
    .default({ by: 'sheets', sheetIds: [] }),
  /** λ: cells that a base stack must earn. */
  perBase: z.number().min(0.1).max(50).default(USUAL_PER_BASE),
  note: noteField,
}

/** What a user enters for a wall chart. */
export const chartInput = z.object(chartFields)
export type ChartInput = Of<typeof chartInput>

/** Short names of all that a chart depends on, part by part: what differs has changed. */
export const chartBasis = z.object({
  press: z.string(),
  plates: z.string(),
  dies: z.string(),
  sheets: z.string(),
  rules: z.string(),
  log: z.string(),
  chart: z.string(),
})
export type ChartBasis = Of<typeof chartBasis>
export const chartParts = Object.keys(chartBasis.shape) as (keyof ChartBasis)[]

export const chartRow = z.object({
  ...chartFields,
  ...rowFields,
  pressName: z.string(),
  /** When it was last printed, and from what; null where it never was. */
  printed: z.object({ at: z.iso.datetime(), basis: chartBasis }).nullable(),
})
export type ChartRow = Of<typeof chartRow>

const figures = {
  passes: z.number(),
  chance: z.number(),
  stops: z.number(),
  effort: z.number(),
  squeezeMm: z.number(),
  cautions: z.array(z.string()),
}

const chartCell = z.object({
  is: z.enum(['base', 'own', 'empty']),
  /** Index among the bases. */
  base: z.number().optional(),
  shimIds: z.array(z.string()),
  figures: z.object(figures).optional(),
  stack: stackReference.optional(),
  better: z.array(z.enum(betterIn)),
  own: z.object({ ...figures, stack: stackReference, counts: z.boolean() }).optional(),
  why: z.enum(emptyReasons).optional(),
  cost: z.number().optional(),
})
export type ChartCellAnswer = Of<typeof chartCell>

/** A chart as it was worked out: what the page shows, prints and gives away. */
export const chartAnswer = z.object({
  technique: chartFields.technique.unwrap(),
  pressName: z.string(),
  perBase: z.number(),
  rows: z.array(z.object({ id: z.string(), name: z.string(), dieClass: z.enum(dieClasses) })),
  columns: z.array(z.object({ id: z.string(), name: z.string(), thicknessMm: z.number() })),
  /** Every plate that stands in a stack of the chart. */
  plates: z.array(z.object({ id: z.string(), name: z.string(), kind: z.string(), thicknessMm: z.number() })),
  bases: z.array(z.object({ stack: stackReference, heightMm: z.number(), cells: z.number() })),
  cells: z.array(z.array(chartCell)),
  cost: z.number(),
  bound: z.number(),
  proven: z.boolean(),
  candidateCount: z.number(),
  ranges: z.array(
    z.object({
      row: z.number(),
      base: z.number(),
      shimIds: z.array(z.string()),
      spans: z.array(z.object({ passes: z.number(), fromMm: z.number(), toMm: z.number() })),
      withShims: z.tuple([z.number(), z.number()]).optional(),
    }),
  ),
  wishes: z.array(
    z.object({
      kind: z.enum(['shim', 'spacer']),
      thicknessMm: z.number(),
      cells: z.array(z.tuple([z.number(), z.number()])),
    }),
  ),
  /** Runs of the log that it rests on. */
  basedOnRuns: z.number(),
  /** Where a file asked for them: every base that was chosen among, with what it costs in each cell; null where it does not serve. */
  candidates: z.array(z.object({ stack: stackReference, costs: z.array(z.array(z.number().nullable())) })).optional(),
})
export type ChartAnswer = Of<typeof chartAnswer>

/** The answer of the server: with what it is made of, and when. */
export const computedChart = z.object({ chart: chartAnswer, basis: chartBasis, at: z.iso.datetime() })
export type ComputedChart = Of<typeof computedChart>

/** What is told while a chart is being worked out: a cell as its own plan has it. */
export const chartCellTold = z.object({
  at: z.number(),
  cell: z.object({ own: chartCell.shape.own, why: chartCell.shape.why }),
})
export type ChartCellTold = Of<typeof chartCellTold>
