import { faceStates, measuringWays, plateKinds } from '@bold-heron/core'
import { z } from 'zod'
import {
  nameField,
  noteField,
  shelfRowFields,
  shortTextField,
  sizeMmField,
  someField,
  thicknessMmField,
} from './fields.js'

const plateFields = {
  name: nameField,
  kind: z.enum(plateKinds),
  count: someField,
  thicknessMm: thicknessMmField,
  measuredBy: z.enum(measuringWays),
  material: shortTextField,
  lengthMm: sizeMmField,
  widthMm: sizeMmField,
  fullThicknessWidthMm: sizeMmField,
  magnetic: z.boolean().default(false),
  faceA: z.enum(faceStates).default('fresh'),
  faceB: z.enum(faceStates).default('fresh'),
  note: noteField,
}

/** What a user enters for a plate, pad, mat or shim. Lengths in mm. */
export const plateInput = z.object(plateFields).refine((plate) => plate.fullThicknessWidthMm <= plate.widthMm, {
  path: ['fullThicknessWidthMm'],
  error: 'must not be wider than the plate itself (widthMm)',
})
export type PlateInput = z.infer<typeof plateInput>

export const plateRow = z.object({ ...plateFields, ...shelfRowFields })
export type PlateRow = z.infer<typeof plateRow>
