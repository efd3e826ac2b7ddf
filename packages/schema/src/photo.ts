import { z } from 'zod'
import { idField } from './fields.js'

/** A photo of a run; its pixels are asked for by themselves. */
export const photoRow = z.object({
  id: idField,
  runId: idField,
  createdAt: z.iso.datetime(),
  width: z.int(),
  height: z.int(),
})
export type PhotoRow = z.infer<typeof photoRow>

/** A photo in the workshop file, with its pixels. */
export const photoInFile = z.object({
  id: idField,
  runId: idField,
  createdAt: z.iso.datetime(),
  deletedAt: z.iso.datetime().nullable(),
  jpegBase64: z.base64().min(1).max(6_000_000),
})
export type PhotoInFile = z.infer<typeof photoInFile>
