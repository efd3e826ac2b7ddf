import { padAdvices } from '@bold-heron/core'
import { z } from 'zod'
import type { Of } from '../plain.js'
import { idField } from '../entered/fields.js'

const faceWear = z.object({
  /** Passes with a blade on it, and mm of line cut into it. */
  passes: z.number(),
  cutMm: z.number(),
  /** mm of cut in each zone, row by row across. */
  zonesMm: z.array(z.number()),
})

/** What a cutting pad has borne, by the log, on average a piece. */
export const padWear = z.object({
  plateId: idField,
  name: z.string(),
  zoneMm: z.number(),
  columns: z.int(),
  rows: z.int(),
  faces: z.object({ a: faceWear, b: faceWear }),
  /** Bow in mm; positive where face A was at the blade more often. */
  bowMm: z.number(),
  /** Passes like those so far until every place that is used is scored; null where there is no cut yet. */
  passesLeft: z.number().nullable(),
  advice: z.enum(padAdvices),
})
export type PadWearRow = Of<typeof padWear>
