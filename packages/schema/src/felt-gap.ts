import { feltPlaces } from '@bold-heron/core'
import { z } from 'zod'
import { idField } from './fields.js'

/**
 * A gap that was felt out without a die: on which plates, as thick as they were then, with what paper, and what every try told. Lengths in
 * mm.
 */
export const feltGap = z.object({
  plates: z
    .array(z.object({ id: idField, thicknessMm: z.number().min(0.01).max(120), spreadMm: z.number().min(0).max(10) }))
    .max(16),
  sheetMm: z.number().min(0.02).max(2),
  sheetSpreadMm: z.number().min(0).max(1),
  tries: z
    .array(z.object({ place: z.enum(feltPlaces), sheets: z.int().min(0).max(200), grips: z.boolean() }))
    .min(1)
    .max(60),
})

/** As it stands with its press: when it was felt out, too. */
export const feltGapOfPress = z.object({ at: z.iso.datetime(), ...feltGap.shape })
export type FeltGapOfPress = z.infer<typeof feltGapOfPress>
