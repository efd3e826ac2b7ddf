import { jobStates, type TechniqueId, techniqueIds } from '@bold-heron/core'
import { z } from 'zod'
import { idField, nameField, noteField, rowFields, someField } from './fields.js'
import { placementInput } from './placement.js'

/** A press block glued up of card: so many sheets of one of the shelf. */
const gluedField = z.string().regex(/^cards:[0-9a-f-]{36}:\d{1,2}$/)

/** A layer of a chosen stack, by reference: a plate of the shelf, the job's dies, or its sheets. */
export const chosenLayer = z.discriminatedUnion('is', [
  z.object({ is: z.literal('plate'), plateId: z.union([idField, gluedField]) }),
  z.object({ is: z.literal('dies') }),
  z.object({ is: z.literal('sheets') }),
])
export type ChosenLayer = z.infer<typeof chosenLayer>

/** Bottom to top; empty while none is chosen, else with the dies and the sheets once each. */
export const chosenStack = z
  .array(chosenLayer)
  .max(24)
  .refine(
    (layers) =>
      layers.length === 0 ||
      (['dies', 'sheets'] as const).every((is) => layers.filter((layer) => layer.is === is).length === 1),
    { error: 'must hold the dies once and the sheets once, or be empty' },
  )

const techniques = techniqueIds as readonly [TechniqueId, ...TechniqueId[]]

const jobFields = {
  name: nameField,
  state: z.enum(jobStates).default('waiting'),
  technique: z.enum(techniques).default('full-cut'),
  pressId: idField,
  dieIds: z.array(idField).min(1).max(24),
  sheetId: idField,
  sheetCount: z.int().min(1).max(12),
  bladeSide: z.enum(['down', 'up']),
  /** Pieces wanted in all. */
  wanted: someField,
  layers: chosenStack.default([]),
  note: noteField,
  /** Where things lie on the card, for a cut that is not simply a die on a sheet. */
  placement: placementInput.nullable().default(null),
}

/** What a user enters for a job. */
export const jobInput = z.object(jobFields)
export type JobInput = z.infer<typeof jobInput>

export const jobRow = z.object({
  ...jobFields,
  ...rowFields,
  /** Pieces that came out clean so far, by the log. */
  cut: z.int(),
  pressName: z.string(),
  dieNames: z.array(z.string()),
  sheetName: z.string(),
})
export type JobRow = z.infer<typeof jobRow>
