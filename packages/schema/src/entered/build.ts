import { baseKinds, layerJoins, layerLies, piecesWanted } from '@bold-heron/core'
import { z } from 'zod'
import type { Of } from '../plain.js'
import { idField, labelField, nameField, noteField, rowFields, someField } from './fields.js'
import { namedOnce } from './named-once.js'

const MOST_WANTED = 10_000

/** A layer of what is built, from the base up; what is cut for it is a job, or nothing where it is only a panel. */
const buildLayer = z.object({
  id: z.string().min(1).max(60),
  name: labelField,
  jobId: idField.nullable().default(null),
  sheetId: idField,
  /** How many of it are in one build, and of how many cut sheets each is glued up. */
  each: z.int().min(1).max(100).default(1),
  sheets: z.int().min(1).max(12).default(1),
  join: z.enum(layerJoins).default('wet-glue'),
  /** Height of the join, mm; null: as usual for it. */
  joinMm: z.number().min(0).max(20).nullable().default(null),
  lies: z.enum(layerLies).default('on'),
})
export type BuildLayerInput = Of<typeof buildLayer>

const buildFields = {
  name: nameField,
  /** How many are made. */
  wanted: someField,
  base: z.enum(baseKinds).default('side-fold'),
  /** Its front, mm. */
  frontWidthMm: z.number().min(10).max(1000),
  frontHeightMm: z.number().min(10).max(1000),
  /** The thickest the mail service takes, mm; null: no limit. Postage is not ours. */
  mostHighMm: z.number().min(0.1).max(100).nullable().default(null),
  layers: z.array(buildLayer).min(1).max(40),
  note: noteField,
}

/** How many pieces a job is to make for a build: of all layers that are cut by it. */
export const wantedOfJobs = ({ wanted, layers }: Pick<BuildInput, 'wanted' | 'layers'>): Map<string, number> => {
  const pieces = new Map<string, number>()
  for (const layer of layers)
    if (layer.jobId) pieces.set(layer.jobId, (pieces.get(layer.jobId) ?? 0) + piecesWanted(wanted, layer))
  return pieces
}

/** What a user enters for a build: what is made, of which layers, how many times. */
export const buildInput = z.object(buildFields).superRefine((build, context) => {
  namedOnce(context, 'layers', build.layers, { key: 'id', says: 'names-two-layers' })
  for (const [jobId, pieces] of wantedOfJobs(build))
    if (pieces > MOST_WANTED) {
      const at = build.layers.findIndex((layer) => layer.jobId === jobId)
      context.addIssue({
        code: 'custom',
        path: ['layers', at, 'each'],
        message: 'too-many-pieces',
        params: { limit: MOST_WANTED },
      })
    }
})
export type BuildInput = Of<z.ZodObject<typeof buildFields>>

export const buildRow = z.object({
  ...buildFields,
  ...rowFields,
  /** The jobs that cut its layers, with how far they are. */
  jobs: z.array(z.object({ id: idField, name: z.string(), wanted: z.int(), cut: z.int() })),
})
export type BuildRow = Of<typeof buildRow>
