import { faceStates, measuringWays, plateKinds } from '@bold-heron/core'
import { z } from 'zod'
import type { Of } from '../plain.js'
import { field, type FieldTable, zodOf } from './field-table.js'
import { nameField, noteField, shelfRowFields, shortTextField, someField } from './fields.js'

export const plateTable = {
  name: field.text(nameField),
  kind: field.choice(z.enum(plateKinds)),
  count: field.whole(someField),
  thicknessMm: field.height(),
  measuredBy: field.choice(z.enum(measuringWays)),
  material: field.text(shortTextField),
  lengthMm: field.size(),
  widthMm: field.size(),
  fullThicknessWidthMm: field.size(),
  magnetic: field.flag(),
  /** A cutting pad kept for lying beside a hard plate, which bows it. */
  reservedForSteel: field.flag(),
  faceA: field.choice(z.enum(faceStates).default('fresh')),
  faceB: field.choice(z.enum(faceStates).default('fresh')),
  note: field.text(noteField),
} satisfies FieldTable
export const plateFields = zodOf(plateTable)

export const edgeFitsPlate = (plate: { readonly fullThicknessWidthMm: number; readonly widthMm: number }): boolean =>
  plate.fullThicknessWidthMm <= plate.widthMm
export const edgeTooWide = {
  path: ['fullThicknessWidthMm'],
  error: 'edge-wider-than-plate',
}

/** What a user enters for a plate, pad, mat or shim. Lengths in mm. */
export const plateInput = z
  .object(plateFields)
  .refine(edgeFitsPlate, edgeTooWide)
  .refine((plate) => !plate.reservedForSteel || plate.kind === 'cutting-pad', {
    path: ['reservedForSteel'],
    error: 'reserved-not-a-pad',
  })
export type PlateInput = Of<typeof plateInput>

export const plateRow = z.object({ ...plateFields, ...shelfRowFields })
export type PlateRow = Of<typeof plateRow>
