import { regionIds, type TechniqueId, techniqueIds } from '@bold-heron/core'
import { z } from 'zod'
import type { Of } from '../plain.js'
import { borderOfRun } from './border-of-run.js'
import { idField, labelField } from './fields.js'
import { cutFrom } from './offcut.js'
import { placedInRun, pressRunIdField } from './placement.js'
import { chosenStack } from './stack-reference.js'

/** What is done in a press run, and what of the stack is pressed. */
export const pressedHowFields = {
  technique: z.enum(techniqueIds as readonly [TechniqueId, ...TechniqueId[]]).default('cut'),
  region: z.enum(regionIds).default('all'),
}

/** Whether lines and shapes pressed into a mat stand up on the sheet's face or sink into it. */
export const showsField = z.enum(['raised', 'sunk']).default('raised')

/** Waxed paper that is laid between card and die, so that what is cut lets go of it: how thick, mm, and for how many runs a piece of it serves. */
const waxedPaper = z.object({
  /** Null: as usual. */
  caliperMm: z.number().min(0.01).max(0.5).nullable().default(null),
  runsEach: z.int().min(1).max(100).default(5),
})
export type WaxedPaper = Of<typeof waxedPaper>

/** The blanks that a sheet is cut up into before anything is pressed, mm: their length along which side of the sheet. */
const cutToSize = z.object({
  lengthMm: z.number().min(5).max(2000),
  widthMm: z.number().min(5).max(2000),
  along: z.enum(['length', 'width']),
})

/** What a press run has beside what is pressed. */
export const besideFields = {
  waxedPaper: waxedPaper.nullable().default(null),
  /** Whether what falls out of the openings is kept, such as the counters of letters. */
  keepsCounters: z.boolean().default(false),
  /** Null: sheets go in as they are. */
  cutToSize: cutToSize.nullable().default(null),
}

/** What a press run takes: dies, a pile of sheets, and which way the blades look. */
export const pressedWhatFields = {
  dieIds: z.array(idField).min(1).max(24),
  sheetId: idField,
  sheetCount: z.int().min(1).max(12),
  bladeSide: z.enum(['down', 'up']),
}

/** One press run of a job: what is done, with what, of what, where, in which stack. */
export const pressRun = z.object({
  id: pressRunIdField,
  /** What it is called, where it is called anything. */
  name: labelField,
  ...pressedHowFields,
  /** Another press than the job's; null: the job's. */
  pressId: idField.nullable().default(null),
  ...pressedWhatFields,
  /** The stack that was kept for it. */
  layers: chosenStack.default([]),
  shows: showsField,
  /** Whether the sheet or piece cannot be had again: stamped, printed, foiled. */
  onlyOne: z.boolean().default(false),
  /** Whether a piece is finished when this run of it is done. */
  finishes: z.boolean(),
  /** Where its things lie on the job's card; null where nothing is laid out. */
  placed: placedInRun.nullable().default(null),
  /** Laid many times along a strip; null for a run that is laid once. */
  border: borderOfRun.nullable().default(null),
  /** The leftover or sheet it is cut from, and where the dies lie on it; null: wherever the hand lays them. */
  cutFrom: cutFrom.nullable().default(null),
  ...besideFields,
})
export type PressRun = Of<typeof pressRun>

/** A press run as the API shows it. */
export const pressRunRow = z.object({
  ...pressRun.shape,
  /** Of the press that it is pressed on. */
  pressName: z.string(),
  dieNames: z.array(z.string()),
  sheetName: z.string(),
  /** Pieces that came well out of this run so far, by the log. */
  pressed: z.int(),
})
export type PressRunRow = Of<typeof pressRunRow>
