import { dieClasses, measuringWays } from '@bold-heron/core'
import { z } from 'zod'
import { nameField, noteField, shelfRowFields, sizeMmField, thicknessMmField } from './fields.js'
import { outlineInput, outlineSummary } from './outline.js'

export const dieFields = {
  name: nameField,
  dieClass: z.enum(dieClasses),
  /** Along the feed and across the throat, as it is usually laid. */
  lengthMm: sizeMmField,
  widthMm: sizeMmField,
  heightMm: thicknessMmField,
  heightMeasuredBy: z.enum(measuringWays),
  bladeHeightMm: thicknessMmField,
  /** Strip of the body that follows each blade; null: as usual for the class. */
  bodyStripMm: z.number().min(0).max(20).nullable().default(null),
  /** How lacy the stand-in for a missing outline is, 0…1; null: as usual for the class. */
  laciness: z.number().min(0).max(1).nullable().default(null),
  fitForFoam: z.boolean().default(false),
  note: noteField,
}

export const bladeFitsDie = (die: { readonly bladeHeightMm: number; readonly heightMm: number }): boolean =>
  die.bladeHeightMm <= die.heightMm
export const bladeTooTall = { path: ['bladeHeightMm'], error: 'must not be taller than the whole die (heightMm)' }

/** What a user enters for a die, but for its lines. Lengths in mm. */
export const dieEntry = z.object(dieFields).refine(bladeFitsDie, bladeTooTall)
export type DieEntry = z.infer<typeof dieEntry>

/** What a user enters for a die. Lengths in mm. */
export const dieInput = z
  .object({
    ...dieFields,
    /** Its cutting lines; null takes them away, absent leaves them as they are. */
    outline: outlineInput.nullable().optional(),
  })
  .refine(bladeFitsDie, bladeTooTall)
export type DieInput = z.infer<typeof dieInput>

export const dieRow = z.object({ ...dieFields, outline: outlineSummary.nullable(), ...shelfRowFields })
export type DieRow = z.infer<typeof dieRow>
