import { betterIn, dieClasses, emptyReasons } from '@bold-heron/core'
import { z } from 'zod'
import { chartBasis, chartInput } from '../entered/chart.js'
import { stackReference } from '../entered/stack-reference.js'
import type { Of } from '../plain.js'

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
  technique: chartInput.shape.technique.unwrap(),
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
