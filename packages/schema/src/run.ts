import { handleFeels, hangingPlaces, padFaces, seenOutcomes } from '@bold-heron/core'
import { z } from 'zod'
import { countField, idField, nameField, noteField, rowFields } from './fields.js'
import { placementInput } from './placement.js'

/** One set of passes and the look after it. */
export const roundFields = z
  .object({
    passes: z.int().min(1).max(20),
    seen: z.enum(seenOutcomes),
    /** Share of the line still hanging, 0…1. */
    hangingShare: z.number().min(0).max(1).nullable().default(null),
    hangingPlace: z.enum(hangingPlaces).nullable().default(null),
    feel: z.enum(handleFeels),
  })
  .refine((round) => round.seen === 'hanging' || (round.hangingShare === null && round.hangingPlace === null), {
    path: ['seen'],
    error: 'must be "hanging" where a share or place of hanging is given',
  })

/** A layer as it lay in the press, with the thickness it had then. */
export const runLayer = z.object({
  is: z.enum(['plate', 'dies', 'sheets']),
  /** The shelf's plate; null where it has left the shelf. */
  plateId: idField.nullable().default(null),
  name: nameField,
  thicknessMm: z.number().min(0).max(120),
  /** How a pad lay: which face at the blade, and whether turned end for end; null where nobody noted it. */
  lie: z
    .object({ face: z.enum(padFaces), turned: z.boolean() })
    .nullable()
    .default(null),
})
export type RunLayer = z.infer<typeof runLayer>

const runFields = {
  jobId: idField,
  pressId: idField,
  dieIds: z.array(idField).min(1).max(24),
  sheetId: idField,
  sheetCount: z.int().min(1).max(12),
  bladeSide: z.enum(['down', 'up']),
  at: z.iso.datetime(),
  layers: z.array(runLayer).min(3).max(24),
  /** Stack height minus the gap as it was taken then, mm. */
  squeezeMm: z.number().min(-100).max(100),
  rounds: z.array(roundFields).min(1).max(10),
  /** The run before, where this one went on with the same sheets in another stack. */
  followsRunId: idField.nullable().default(null),
  /** Not to be learnt from: logged with the wrong sheet, say. */
  setAside: z.boolean().default(false),
  /** Pieces that came out good. */
  pieces: countField,
  note: noteField,
  /** Where things lay on the card, where that was laid out; its run in hand is the one that was pressed. */
  placement: placementInput.nullable().default(null),
}

/** What a user enters after pressing. */
export const runInput = z.object(runFields)
export type RunInput = z.infer<typeof runInput>

/** A note written to a run long after it. */
export const runNote = z.object({ note: noteField })
export type RunNoteInput = z.infer<typeof runNote>

export const runRow = z.object({
  ...runFields,
  ...rowFields,
  jobName: z.string(),
  pressName: z.string(),
  dieNames: z.array(z.string()),
  sheetName: z.string(),
})
export type RunRow = z.infer<typeof runRow>
