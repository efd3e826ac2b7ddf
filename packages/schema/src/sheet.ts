import { HEAVIEST_GRAMMAGE, LIGHTEST_GRAMMAGE, measuringWays, sheetKinds } from '@bold-heron/core'
import { z } from 'zod'
import { countField, nameField, noteField, shelfRowFields, shortTextField, sizeMmField } from './fields.js'

/** How a caliper came to be known: measured, from a table, or worked out from the weight. */
export const caliperWays = [...measuringWays, 'weight'] as const

const sheetFields = {
  name: nameField,
  kind: z.enum(sheetKinds),
  /** g/m²; null for sheets that are not sold by weight. */
  grammage: z.number().min(LIGHTEST_GRAMMAGE).max(HEAVIEST_GRAMMAGE).nullable().default(null),
  /** The weight as it was typed, such as `110 lb index`. */
  weightTyped: shortTextField,
  /** Thickness of one sheet, mm. */
  caliperMm: z.number().min(0.02).max(20),
  caliperBy: z.enum(caliperWays),
  /** How hard it is to cut and to squash, MPa; null: as usual for the kind. */
  shearStrengthMPa: z.number().min(0.1).max(500).nullable().default(null),
  squashModulusMPa: z.number().min(0.01).max(1000).nullable().default(null),
  lengthMm: sizeMmField,
  widthMm: sizeMmField,
  /** Sheets on hand. */
  stock: countField,
  colour: shortTextField,
  note: noteField,
}

/** What a user enters for a kind of sheet. Lengths in mm. */
export const sheetInput = z.object(sheetFields)
export type SheetInput = z.infer<typeof sheetInput>

export const sheetRow = z.object({ ...sheetFields, ...shelfRowFields })
export type SheetRow = z.infer<typeof sheetRow>
