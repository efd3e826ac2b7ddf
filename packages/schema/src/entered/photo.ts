import { z } from 'zod'
import type { Of } from '../plain.js'
import { idField } from './fields.js'

/** What may be photographed, each with the field of a photo that names it. */
export const photographed = { runs: 'runId', dies: 'dieId', plates: 'plateId' } as const
export type Photographed = keyof typeof photographed
export const photographedKinds = Object.keys(photographed) as [Photographed, ...Photographed[]]

/** The one thing that a photo is of. */
const ofFields = {
  runId: idField.nullable().default(null),
  dieId: idField.nullable().default(null),
  plateId: idField.nullable().default(null),
}

/** A photo; its pixels are asked for by themselves. */
export const photoRow = z.object({
  id: idField,
  ...ofFields,
  createdAt: z.iso.datetime(),
  width: z.int(),
  height: z.int(),
})
export type PhotoRow = Of<typeof photoRow>

/** The first photo of a thing, by which it is known at sight. */
export const firstPhoto = z.object({ ofId: idField, photoId: idField })

/** A photo in the workshop file, with its pixels. */
export const photoInFile = z
  .object({
    id: idField,
    ...ofFields,
    createdAt: z.iso.datetime(),
    deletedAt: z.iso.datetime().nullable(),
    jpegBase64: z.base64().min(1).max(6_000_000),
  })
  .refine(({ runId, dieId, plateId }) => [runId, dieId, plateId].filter((id) => id !== null).length === 1, {
    path: ['runId'],
    error: 'a photo must be of one run, one die or one plate',
  })
export type PhotoInFile = Of<typeof photoInFile>
