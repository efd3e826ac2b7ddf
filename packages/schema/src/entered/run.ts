import { handleFeels, hangingPlaces, padFaces, remedyIds, roles, seenOutcomes } from '@bold-heron/core'
import { z } from 'zod'
import type { Of } from '../plain.js'
import { countField, idField, labelField, nameField, noteField, rowFields, setPlateField } from './fields.js'
import { toldJoins } from './border-of-run.js'
import { cutFrom } from './offcut.js'
import { runFromOlder } from './older.js'
import { placementInput, pressRunIdField } from './placement.js'
import { besideFields, pressedHowFields, pressedWhatFields, showsField } from './press-run.js'

/** A stretch of line that hung, mm from the first point of one of its die's lines; which die is told by its id in the plan. */
const hangingStretch = z
  .object({
    dieId: z.string().min(1).max(500),
    line: z.int().min(0).max(20_000),
    fromMm: z.number().min(0).max(100_000),
    toMm: z.number().min(0).max(100_000),
  })
  .refine(({ fromMm, toMm }) => fromMm < toMm, { path: ['toMm'], error: 'ends-before-it-begins' })

/** More than anybody points out: what follows one another is one. */
const MOST_STRETCHES = 4000

/** One set of passes and the look after it. */
const roundFields = z
  .object({
    passes: z.int().min(1).max(20),
    seen: z.enum(seenOutcomes),
    /** Share of the line still hanging, 0…1. */
    hangingShare: z.number().min(0).max(1).nullable().default(null),
    hangingPlace: z.enum(hangingPlaces).nullable().default(null),
    /** Which of several dies side by side hung, where not all did; absent: told of all. */
    hangingDieIds: z.array(idField).min(1).max(6).optional(),
    /** Which stretches hung, where that was pointed out on the outline. */
    hangingAt: z.array(hangingStretch).min(1).max(MOST_STRETCHES).optional(),
    /** How often that was pointed out anew, so that an older state is known as one. */
    pointedOut: z.int().min(1).max(100_000).optional(),
    /** What was tried in this round against what went wrong before. */
    remedy: z.enum(remedyIds).optional(),
    feel: z.enum(handleFeels),
  })
  .refine(
    (round) =>
      round.seen === 'hanging' ||
      (round.hangingShare === null && round.hangingPlace === null && !round.hangingDieIds && !round.hangingAt),
    {
      path: ['seen'],
      error: 'only-with-hanging',
    },
  )

/** A layer as it lay in the press, with the thickness it had then. */
const runLayer = z.object({
  is: z.enum(['plate', 'dies', 'sheets']),
  /** The shelf's plate; null where it has left the shelf. */
  plateId: setPlateField.nullable().default(null),
  name: nameField,
  thicknessMm: z.number().min(0).max(120),
  /** What a plate was there for; null where nobody noted it. */
  role: z.enum(roles).nullable().default(null),
  /** How a pad lay: which face at the blade, and whether turned end for end; null where nobody noted it. */
  lie: z
    .object({ face: z.enum(padFaces), turned: z.boolean() })
    .nullable()
    .default(null),
})
export type RunLayer = Of<typeof runLayer>

const runFields = {
  jobId: idField,
  /** Which of the job's press runs it was; null where nobody noted it. */
  pressRunId: pressRunIdField.nullable().default(null),
  ...pressedHowFields,
  shows: showsField,
  /** Whether a piece was finished by it. */
  finishes: z.boolean().default(true),
  pressId: idField,
  ...pressedWhatFields,
  at: z.iso.datetime(),
  /** When it was begun and when its last look was told, where that is known. */
  beganAt: z.iso.datetime().nullable().default(null),
  endedAt: z.iso.datetime().nullable().default(null),
  layers: z.array(runLayer).min(3).max(24),
  /** Stack height minus the gap as it was taken then, mm. */
  squeezeMm: z.number().min(-100).max(100),
  rounds: z.array(roundFields).min(1).max(10),
  /** The run before, where this one went on with the same sheets in another stack. */
  followsRunId: idField.nullable().default(null),
  /** Not to be learnt from: logged with the wrong sheet, say. */
  setAside: z.boolean().default(false),
  /** Pieces that came out good, and that were spoilt. */
  pieces: countField,
  spoilt: countField.default(0),
  /** Who pressed it, where several do: a person of the evening, or a device. */
  byWhom: labelField,
  note: noteField,
  /** Where things lay on the card, where that was laid out; its run in hand is the one that was pressed. */
  placement: placementInput.nullable().default(null),
  /** How the joins of a border came out; null for a run that was laid once. */
  joins: toldJoins.nullable().default(null),
  /** The leftover or sheet it was cut from. */
  cutFrom: cutFrom.nullable().default(null),
  ...besideFields,
  /** Pieces that came out of it for other jobs, whose dies lay beside. */
  also: z
    .array(z.object({ jobId: idField, pieces: countField, spoilt: countField.default(0) }))
    .max(12)
    .default([]),
}

const runAsItIs = z
  .object(runFields)
  .refine(({ beganAt, endedAt }) => !beganAt || !endedAt || Date.parse(beganAt) <= Date.parse(endedAt), {
    path: ['endedAt'],
    error: 'before-it-began',
  })
/** What a user enters after pressing; a run as it was sent by an older page is read too. */
export const runInput = z.preprocess((run) => runFromOlder(run, () => undefined), runAsItIs)
export type RunInput = Of<typeof runInput>

/** Whether a state of a run tells more than another of it: more rounds, or where the last of them hung pointed out once more. */
export const tellsMore = (one: Pick<RunInput, 'rounds'>, other: Pick<RunInput, 'rounds'>): boolean => {
  const pointed = ({ rounds }: Pick<RunInput, 'rounds'>): number => rounds.at(-1)?.pointedOut ?? 0
  const more = one.rounds.length - other.rounds.length
  return more === 0 ? pointed(one) > pointed(other) : more > 0
}

/** A note written to a run long after it. */
export const runNote = z.object({ note: noteField })
export type RunNoteInput = Of<typeof runNote>

/** What is pointed out long after on the outline of one round that hung: where, and what share and place that comes to. */
export const pointedOutInput = z.object({
  /** Which of the run's rounds, from 0. */
  round: z.int().min(0).max(9),
  hangingShare: z.number().min(0).max(1),
  hangingPlace: z.enum(hangingPlaces),
  hangingAt: z.array(hangingStretch).min(1).max(MOST_STRETCHES),
})
export type PointedOutInput = Of<typeof pointedOutInput>

export const runRow = z.object({
  ...runFields,
  ...rowFields,
  /** Sheets that it took from the stock, which come back if it is undone. */
  stockTaken: z.int().default(0),
  jobName: z.string(),
  pressName: z.string(),
  dieNames: z.array(z.string()),
  sheetName: z.string(),
})
export type RunRow = Of<typeof runRow>
