import { faceStates, measuringWays, MOST_LEAVES, plateKinds } from '@bold-heron/core'
import { z } from 'zod'
import type { Of } from '../plain.js'
import { field, type FieldTable, zodOf } from './field-table.js'
import { idField, nameField, noteField, shelfRowFields, shortTextField, someField, thicknessMmField } from './fields.js'

/** A leaf hinged to a platform. */
const leaf = z.object({
  name: nameField,
  thicknessMm: thicknessMmField,
  measuredBy: z.enum(measuringWays),
})
/** Leaves hinged to a platform, which add their thickness where they are closed. */
const leavesField = z.array(leaf).max(MOST_LEAVES)

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
const tableFields = zodOf(plateTable)
/** Everything of a plate as it is kept. */
export const plateFields = { ...tableFields, leaves: leavesField.default([]) }

/** Only a platform has leaves. */
export const leavesOnPlatform = (plate: {
  readonly kind: string
  readonly leaves?: readonly unknown[] | undefined
}): boolean => plate.kind === 'platform' || !plate.leaves?.length
export const leavesElsewhere = { path: ['leaves'], error: 'leaves-not-on-platform' }

export const edgeFitsPlate = (plate: { readonly fullThicknessWidthMm: number; readonly widthMm: number }): boolean =>
  plate.fullThicknessWidthMm <= plate.widthMm
export const edgeTooWide = {
  path: ['fullThicknessWidthMm'],
  error: 'edge-wider-than-plate',
}

/** What a user enters for a plate, pad, mat or shim. Lengths in mm. */
export const plateInput = z
  .object({
    ...tableFields,
    /** Absent leaves them as they are. */
    leaves: leavesField.optional(),
    /** The press that it lies at; null: for all of them. Absent leaves it as it is. */
    pressId: idField.nullable().optional(),
  })
  .refine(edgeFitsPlate, edgeTooWide)
  .refine(leavesOnPlatform, leavesElsewhere)
  .refine((plate) => !plate.reservedForSteel || plate.kind === 'cutting-pad', {
    path: ['reservedForSteel'],
    error: 'reserved-not-a-pad',
  })
export type PlateInput = Of<typeof plateInput>

export const plateRow = z.object({ ...plateFields, pressId: idField.nullable().default(null), ...shelfRowFields })
export type PlateRow = Of<typeof plateRow>
