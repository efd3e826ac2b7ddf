import { LONGEST_MM } from '@bold-heron/core'
import { z } from 'zod'

/** Text that a database and a screen can both hold: trimmed, no control characters but line breaks and tabs. */
const plainText = (longest: number) =>
  z
    .string()
    .trim()
    .max(longest)
    // eslint-disable-next-line no-control-regex -- refusing control characters is the point
    .regex(/^[^\u0000-\u0008\u000b\u000c\u000e-\u001f\u007f]*$/, 'control-characters')

export const nameField = plainText(120).min(1)
/** A name that may be left out. */
export const labelField = plainText(120).default('')
export const noteField = plainText(2000).default('')
export const shortTextField = plainText(80).default('')
export const idField = z.uuid()
/** A plate of the shelf, and which of its leaves are closed where it has any: the places of those, from 1, at the end. */
export const setPlateField = z.union([idField, z.string().regex(/^[0-9a-f-]{36}\/leaves-[1-9]{1,2}$/)])

/** mm; anything that can lie on a craft table. */
export const sizeMmField = z.number().min(1).max(LONGEST_MM)
/** mm; from a plastic film to the thickest platform. */
export const thicknessMmField = z.number().min(0.01).max(60)
export const countField = z.int().min(0).max(10_000)
/** Of things there must be one of at least. */
export const someField = z.int().min(1).max(10_000)

/** What every stored row carries beside what the user entered. */
export const rowFields = {
  id: idField,
  /** Counts the saves; a save must name the version it was made from. */
  version: z.int().min(1),
  createdAt: z.iso.datetime(),
  updatedAt: z.iso.datetime(),
}

/** For rows that can be put aside without losing them. */
export const shelfRowFields = {
  ...rowFields,
  /** Set while the thing is kept but no longer used. */
  retiredAt: z.iso.datetime().nullable(),
}
