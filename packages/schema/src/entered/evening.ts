import { USUAL_CHANGE_WORTH_MIN, USUAL_LAY_GAP_MM, USUAL_REST_MIN } from '@bold-heron/core'
import { z } from 'zod'
import type { Of } from '../plain.js'
import { namedOnce } from './named-once.js'
import { idField, nameField, noteField, rowFields } from './fields.js'
import { batchClaim } from './batch-claim.js'

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
  /** Who is at which of its runs now. */
  claims: z.array(batchClaim).default([]),
})
export type EveningRow = Of<typeof eveningRow>
