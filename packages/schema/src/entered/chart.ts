import { dieClasses, type TechniqueId, techniqueIds, USUAL_PER_BASE } from '@bold-heron/core'
import { z } from 'zod'
import type { Of } from '../plain.js'
import { idField, nameField, noteField, rowFields, thicknessMmField } from './fields.js'

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
