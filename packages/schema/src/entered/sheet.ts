import { compositeParts, HEAVIEST_GRAMMAGE, LIGHTEST_GRAMMAGE, measuringWays, sheetKinds } from '@bold-heron/core'
import { z } from 'zod'
import type { Of } from '../plain.js'
import { field, type FieldTable, zodOf } from './field-table.js'
import { countField, nameField, noteField, shelfRowFields, shortTextField } from './fields.js'

/** How a caliper came to be known: measured, from a table, or worked out from the weight. */
export const caliperWays = [...measuringWays, 'weight'] as const

export const grains = ['unknown', 'along-length', 'along-width'] as const

/** What goes through the press with a sheet, as one pile: its caliper in mm, null for what is usual. */
const compositePart = z.object({
  part: z.enum(compositeParts),
  caliperMm: z.number().min(0.01).max(5).nullable().default(null),
})

export const sheetTable = {
  name: field.text(nameField),
  kind: field.choice(z.enum(sheetKinds)),
  /** g/m²; null for sheets that are not sold by weight. */
  grammage: field.number(z.number().min(LIGHTEST_GRAMMAGE).max(HEAVIEST_GRAMMAGE).nullable().default(null), {
    heading: 'grammage_g_m2',
  }),
  /** The weight as it was typed, such as `110 lb index`. */
  weightTyped: field.text(shortTextField),
  /** Thickness of one sheet, mm. */
  caliperMm: field.thickness(z.number().min(0.02).max(20)),
  caliperBy: field.choice(z.enum(caliperWays)),
  /** How hard it is to cut and to squash, MPa; null: as usual for the kind. */
  shearStrengthMPa: field.number(z.number().min(0.1).max(500).nullable().default(null)),
  squashModulusMPa: field.number(z.number().min(0.01).max(1000).nullable().default(null)),
  lengthMm: field.size(),
  widthMm: field.size(),
  /** Sheets on hand. */
  stock: field.whole(countField),
  /** Which way its fibres run: it tears, folds and curls more easily along them. */
  grain: field.choice(z.enum(grains).default('unknown')),
  /** Whether its face has a pattern that must stay up, and may not stand on its head. */
  patterned: field.flag(),
  colour: field.text(shortTextField),
  note: field.text(noteField),
} satisfies FieldTable
export const sheetFields = zodOf(sheetTable)

/** What a user enters for a kind of sheet. Lengths in mm. */
export const sheetInput = z.object({
  ...sheetFields,
  /** Absent leaves them as they are. */
  parts: z.array(compositePart).max(6).optional(),
})
export type SheetInput = Of<typeof sheetInput>

export const sheetRow = z.object({
  ...sheetFields,
  parts: z.array(compositePart).max(6).default([]),
  ...shelfRowFields,
})
export type SheetRow = Of<typeof sheetRow>
