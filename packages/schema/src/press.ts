import { dieClasses, pressClasses } from '@bold-heron/core'
import { z } from 'zod'
import { idField, nameField, noteField, shelfRowFields, sizeMmField, thicknessMmField } from './fields.js'

/** Where a known-good stack is known from. */
export const knownFrom = ['booklet', 'own-use'] as const

/** A stack that cuts clean with the handle feeling normal. Lengths in mm. */
export const knownGoodStack = z.object({
  from: z.enum(knownFrom),
  dieClass: z.enum(dieClasses),
  dieHeightMm: thicknessMmField,
  sheetCaliperMm: z.number().min(0.02).max(20),
  sheetCount: z.int().min(1).max(12),
  /** A plate id a piece, bottom to top; the same id twice for two pieces. */
  plateIds: z.array(idField).min(1).max(16),
})
export type KnownGoodStackRow = z.infer<typeof knownGoodStack>

const pressFields = {
  name: nameField,
  pressClass: z.enum(pressClasses),
  throatMm: sizeMmField,
  knownGood: z.array(knownGoodStack).max(20).default([]),
  note: noteField,
}

/** What a user enters for a press. */
export const pressInput = z.object(pressFields)
export type PressInput = z.infer<typeof pressInput>

export const pressRow = z.object({ ...pressFields, ...shelfRowFields })
export type PressRow = z.infer<typeof pressRow>
