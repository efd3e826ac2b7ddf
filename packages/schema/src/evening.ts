import { noOptionReasons, USUAL_CHANGE_WORTH_MIN, USUAL_LAY_GAP_MM, USUAL_REST_MIN } from '@bold-heron/core'
import { z } from 'zod'
import type { Of } from './plain.js'
import { namedOnce } from './named-once.js'
import { idField, nameField, noteField, rowFields } from './fields.js'
import { stackReference } from './stack-reference.js'

/** Most jobs, presses and people of an evening. */
export const MOST_EVENING_JOBS = 40
export const MOST_EVENING_PRESSES = 6
export const MOST_EVENING_PEOPLE = 12

const personId = z.string().min(1).max(60)

export const eveningPerson = z.object({
  id: personId,
  name: nameField,
  /** What this person's hand can do, as a share of a press's limit: 1, or less for weak or sore hands. */
  handShare: z.number().min(0.1).max(1).default(1),
  /** Minutes of rest in an hour of handwork. */
  restMin: z.number().min(0).max(50).default(USUAL_REST_MIN.strong),
})

/** How an evening was changed by hand. Batches go by the ids of their jobs. */
export const eveningPins = z.object({
  /** Which press a batch is pressed on. */
  pressOf: z.record(z.string(), z.string()).default({}),
  /** Right after which batch it comes on its press; null: first. */
  after: z.record(z.string(), z.string().nullable()).default({}),
  /** Stacks that are not to be laid. */
  forbidden: z.array(z.string().max(2000)).max(200).default([]),
})
export type EveningPinsInput = Of<typeof eveningPins>

const eveningFields = {
  name: nameField,
  /** When it begins; null: whenever. */
  beginsAt: z.iso.datetime().nullable().default(null),
  presses: z
    .array(z.object({ pressId: idField, personId }))
    .min(1)
    .max(MOST_EVENING_PRESSES),
  people: z.array(eveningPerson).min(1).max(MOST_EVENING_PEOPLE),
  jobs: z
    .array(
      z.object({
        jobId: idField,
        /** Minutes after it begins at which the job is due; null: whenever. */
        dueMin: z
          .number()
          .min(0)
          .max(24 * 60)
          .nullable()
          .default(null),
        /** How many of its die there are, to be laid side by side. */
        copies: z.int().min(1).max(12).default(1),
        /** Never laid with other jobs. */
        alone: z.boolean().default(false),
        /** Most sheets at once; null: as class, press and hand bear. */
        sheetsAtMost: z.int().min(1).max(12).nullable().default(null),
      }),
    )
    .min(1)
    .max(MOST_EVENING_JOBS),
  /** Between dies, mm. */
  gapMm: z.number().min(0).max(50).default(USUAL_LAY_GAP_MM),
  /** Minutes that a layer changed is worth beyond the time it takes. */
  changeWorthMin: z.number().min(0).max(60).default(USUAL_CHANGE_WORTH_MIN),
  pins: eveningPins.default({ pressOf: {}, after: {}, forbidden: [] }),
  note: noteField,
}

/** What a user enters for an evening. */
export const eveningInput = z.object(eveningFields).superRefine(({ presses, people, jobs }, context) => {
  const known = new Set(people.map(({ id }) => id))
  namedOnce(context, 'people', people, { key: 'id', says: 'names-two-people' })
  presses.forEach(({ personId: person }, at) => {
    if (!known.has(person))
      context.addIssue({ code: 'custom', path: ['presses', at, 'personId'], message: 'no-such-person' })
  })
  namedOnce(context, 'presses', presses, { key: 'pressId' })
  namedOnce(context, 'jobs', jobs, { key: 'jobId' })
})
export type EveningInput = Of<z.ZodObject<typeof eveningFields>>

export const eveningRow = z.object({
  ...eveningFields,
  ...rowFields,
  /** Its jobs with how far they are, by the log. */
  progress: z.array(z.object({ jobId: idField, name: z.string(), wanted: z.int(), cut: z.int(), spoilt: z.int() })),
})
export type EveningRow = Of<typeof eveningRow>

const laidPlate = z.object({ plateId: z.string(), role: z.string(), lie: z.string().optional() })

/** One way to press a batch. */
const layOptionAnswer = z.object({
  pressId: z.string(),
  stack: stackReference,
  name: z.string(),
  sheetCount: z.number(),
  runs: z.number(),
  passes: z.number(),
  chance: z.number(),
  stops: z.number(),
  effort: z.number(),
  cautions: z.array(z.string()),
  minutes: z.number(),
  turns: z.number(),
})
export type LayOptionAnswer = Of<typeof layOptionAnswer>

const queuedRuns = z.object({
  batchId: z.string(),
  jobIds: z.array(z.string()),
  copies: z.array(z.number()),
  pieces: z.array(z.number()),
  option: layOptionAnswer,
  others: z.array(layOptionAnswer),
  laid: z.object({
    lengthMm: z.number(),
    widthMm: z.number(),
    /** Each die's outline where it lies on the pad, mm: x0, y0, x1, y1 … */
    outlines: z.array(z.array(z.number())),
  }),
  /** What lies in the press when they begin: its plates, bottom to top. */
  inPress: stackReference,
  changes: z.object({
    out: z.array(laidPlate),
    into: z.array(laidPlate),
    turned: z.array(laidPlate),
    count: z.number(),
  }),
  fromMin: z.number(),
  toMin: z.number(),
  restMin: z.number(),
  /** When each rest begins: before handwork goes on, never after the last of it. */
  restsAtMin: z.array(z.number()),
})
export type QueuedRunsAnswer = Of<typeof queuedRuns>

/** An evening as it was worked out. */
export const eveningAnswer = z.object({
  queues: z.array(
    z.object({ pressId: z.string(), personId: z.string(), runs: z.array(queuedRuns), changes: z.number() }),
  ),
  unplaced: z.array(
    z.object({
      batchId: z.string(),
      jobIds: z.array(z.string()),
      why: z.enum([...noOptionReasons, 'no-pad', 'nothing-left']),
    }),
  ),
  jobs: z.array(z.object({ jobId: z.string(), pieces: z.number(), doneMin: z.number(), lateMin: z.number() })),
  runs: z.number(),
  passes: z.number(),
  turns: z.number(),
  changes: z.number(),
  finishMin: z.number(),
  /** Minutes late of all jobs together, and what no order of these batches undercuts. */
  lateMin: z.number(),
  lateBoundMin: z.number(),
  cost: z.number(),
  bound: z.number(),
  proven: z.boolean(),
  sheets: z.array(
    z.object({
      sheetId: z.string(),
      blanks: z.number(),
      blankMm: z.tuple([z.number(), z.number()]),
      fromLeftovers: z.number(),
      perSheet: z.number(),
      sheets: z.number(),
      inStock: z.number(),
      toBuy: z.number(),
    }),
  ),
  padWear: z.array(z.object({ plateId: z.string(), cutMm: z.number(), passes: z.number() })),
  droppedPins: z.array(z.string()),
  /** Names of what it speaks of, by id. */
  names: z.record(z.string(), z.string()),
  /** How many runs of the log the minutes of each press are from; 0: from memory. */
  timedRuns: z.record(z.string(), z.number()),
})
export type EveningAnswer = Of<typeof eveningAnswer>
