import { dieClasses, measuringWays } from '@bold-heron/core'
import { z } from 'zod'
import { nameField, noteField, shelfRowFields, sizeMmField, thicknessMmField } from './fields.js'

const dieFields = {
  name: nameField,
  dieClass: z.enum(dieClasses),
  /** Along the feed and across the throat, as it is usually laid. */
  lengthMm: sizeMmField,
  widthMm: sizeMmField,
  heightMm: thicknessMmField,
  heightMeasuredBy: z.enum(measuringWays),
  bladeHeightMm: thicknessMmField,
  fitForFoam: z.boolean().default(false),
  note: noteField,
}

/** What a user enters for a die. Lengths in mm. */
export const dieInput = z.object(dieFields).refine((die) => die.bladeHeightMm <= die.heightMm, {
  path: ['bladeHeightMm'],
  error: 'must not be taller than the whole die (heightMm)',
})
export type DieInput = z.infer<typeof dieInput>

export const dieRow = z.object({ ...dieFields, ...shelfRowFields })
export type DieRow = z.infer<typeof dieRow>
