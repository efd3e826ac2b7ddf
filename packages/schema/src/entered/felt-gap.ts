import { feltPlaces as places } from '@bold-heron/core'
import { z } from 'zod'
import type { Of } from '../plain.js'
import { idField } from './fields.js'

const feltPlates = z
  .array(z.object({ id: idField, thicknessMm: z.number().min(0.01).max(120), spreadMm: z.number().min(0).max(10) }))
  .max(16)

/**
 * A gap that was felt out without a die: on which plates, as thick as they were then, with what paper, and what every try told. Lengths in
 * mm.
 */
const fields = {
  /** Bare plates that were led in. One from before there were any reads as without. */
  leads: z
    .array(z.object({ plates: feltPlates, grips: z.boolean() }))
    .max(12)
    .default([]),
  plates: feltPlates,
  sheetMm: z.number().min(0.02).max(2),
  sheetSpreadMm: z.number().min(0).max(1),
  tries: z.array(z.object({ place: z.enum(places), sheets: z.int().min(0).max(200), grips: z.boolean() })).max(60),
}

const tellsSomething = ({
  leads,
  tries,
}: {
  readonly leads: readonly unknown[]
  readonly tries: readonly unknown[]
}): boolean => leads.length + tries.length > 0
const nothingTold = { path: ['tries'], error: 'needs a try, or a lead of bare plates' }

export const feltGap = z.object(fields).refine(tellsSomething, nothingTold)

/** As it stands with its press: when it was felt out, too. */
export const feltGapOfPress = z.object({ at: z.iso.datetime(), ...fields }).refine(tellsSomething, nothingTold)
export type FeltGapOfPress = Of<typeof feltGapOfPress>
