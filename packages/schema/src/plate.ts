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

export const plateFields = {
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
  /** A cutting pad kept for lying beside a hard plate, which bows it. */
  reservedForSteel: z.boolean().default(false),
  faceA: z.enum(faceStates).default('fresh'),
  faceB: z.enum(faceStates).default('fresh'),
  note: noteField,
}

export const edgeFitsPlate = (plate: { readonly fullThicknessWidthMm: number; readonly widthMm: number }): boolean =>
  plate.fullThicknessWidthMm <= plate.widthMm
export const edgeTooWide = {
  path: ['fullThicknessWidthMm'],
  error: 'must not be wider than the plate itself (widthMm)',
}

/** What a user enters for a plate, pad, mat or shim. Lengths in mm. */
export const plateInput = z
  .object(plateFields)
  .refine(edgeFitsPlate, edgeTooWide)
  .refine((plate) => !plate.reservedForSteel || plate.kind === 'cutting-pad', {
    path: ['reservedForSteel'],
    error: 'must be false for anything but a cutting pad',
  })
export type PlateInput = z.infer<typeof plateInput>

export const plateRow = z.object({ ...plateFields, ...shelfRowFields })
export type PlateRow = z.infer<typeof plateRow>
