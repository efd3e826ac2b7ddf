import { signedAreaOf } from '@bold-heron/core'
import { z } from 'zod'
import type { Of } from '../plain.js'
import { idField, nameField, noteField, shelfRowFields } from './fields.js'
import { sheetFields } from './sheet.js'

/** mm². Less is no leftover. */
const LEAST_MM2 = 25
const MOST_POINTS = 4000

/** A closed outline: x0, y0, x1, y1, … and the first point again, mm. */
const closedLoop = z
  .array(z.number().min(-4000).max(4000))
  .min(8)
  .max(2 * MOST_POINTS)
  .refine((numbers) => numbers.length % 2 === 0, { error: 'not-x-and-y' })

/** The outline of a leftover first, then its holes. */
const offcutLoops = z
  .array(closedLoop)
  .min(1)
  .max(100)
  .refine(([outer]) => outer === undefined || Math.abs(signedAreaOf(outer)) >= LEAST_MM2, { error: 'not-an-outline' })

/** How an offcut's outline came to be known: typed, traced from a picture, or what a run left over. */
const offcutSources = ['typed', 'traced', 'left-over'] as const

const offcutFields = {
  name: nameField,
  sheetId: idField,
  loops: offcutLoops,
  source: z.enum(offcutSources).default('typed'),
  /** How thick it is itself, mm, where that was measured; null: as its sheet. */
  caliperMm: sheetFields.caliperMm.nullable().default(null),
  /** The run that left it over; undoing that run takes it away again. */
  fromRunId: idField.nullable().default(null),
  note: noteField,
}

/** What a user enters for a leftover of a sheet. Lengths in mm. */
export const offcutInput = z.object(offcutFields)
export type OffcutInput = Of<typeof offcutInput>

export const offcutRow = z.object({
  ...offcutFields,
  ...shelfRowFields,
  sheetName: z.string(),
  lengthMm: z.number(),
  widthMm: z.number(),
  areaMm2: z.number(),
  /** Jobs not yet done that are to be cut from it. */
  claims: z.array(z.object({ jobId: idField, jobName: z.string() })),
})
export type OffcutRow = Of<typeof offcutRow>

/** Where dies lie on the sheet or leftover that a run is cut from: turned about the middle of their unturned box, which is put at x, y. */
export const cutFrom = z.object({
  /** The leftover; null for a whole sheet. */
  offcutId: idField.nullable(),
  poses: z
    .array(
      z.object({
        dieId: idField,
        xMm: z.number().min(-4000).max(4000),
        yMm: z.number().min(-4000).max(4000),
        rotationDeg: z.number().min(-360).max(360),
      }),
    )
    .min(1)
    .max(200),
})
export type CutFrom = Of<typeof cutFrom>
