import { pieceTurns, USUAL_CHANGE_WORTH_MIN, USUAL_LAY_GAP_MM, usualTiming } from '@bold-heron/core'
import { z } from 'zod'
import type { Of } from '../plain.js'
import { dieHolds } from '../entered/die.js'
import {
  eveningPerson,
  eveningPins,
  MOST_EVENING_JOBS,
  MOST_EVENING_PEOPLE,
  MOST_EVENING_PRESSES,
} from '../entered/evening.js'
import { namedOnce } from '../entered/named-once.js'
import { pressedHowFields, pressedWhatFields } from '../entered/press-run.js'
import { sheetInput } from '../entered/sheet.js'
import {
  drawnDieFields,
  drawnTwice,
  handle,
  houseRulesInFile,
  notDrawnTwice,
  plateInFile,
  platesFit,
  pressInFile,
} from './things-in-file.js'

const head = { format: z.literal('bold-heron/evening'), version: z.literal(1) }

/** Batches that are put in order at once. */
const MOST_BATCHES = 100

const minutes = z.number().min(0).max(10_000)
const laid = z.object({
  plateId: z.string().min(1).max(120),
  role: z.string().min(1).max(40),
  lie: z.string().max(40).exactOptional(),
})

/** Batches whose stacks and minutes are known already: only their order is asked for. */
const orderOnly = z
  .object({
    ...head,
    people: z
      .array(eveningPerson.extend({ name: z.string().max(120).default('') }).partial({ handShare: true }))
      .min(1)
      .max(MOST_EVENING_PEOPLE),
    presses: z
      .array(
        z.object({
          id: handle,
          name: z.string().max(120).optional(),
          personId: handle,
          byHand: z.boolean().default(true),
          inPress: z.array(laid).max(24).default([]),
        }),
      )
      .min(1)
      .max(MOST_EVENING_PRESSES),
    /** Jobs that several batches give pieces of, or several of one batch. */
    jobs: z
      .array(z.object({ id: handle, dueMin: minutes.nullable().default(null) }))
      .max(MOST_BATCHES)
      .default([]),
    batches: z
      .array(
        z.object({
          id: handle,
          /** Whose pieces it gives; a job of its own where absent. */
          jobIds: z.array(handle).min(1).max(12).optional(),
          /** When the job of its own is due. */
          dueMin: minutes.nullable().default(null),
          options: z
            .array(z.object({ pressId: handle, plates: z.array(laid).min(1).max(24), minutes }))
            .min(1)
            .max(12),
        }),
      )
      .min(1)
      .max(MOST_BATCHES),
    perChangeMin: z.number().min(0).max(60).default(usualTiming.perChangeMin),
    changeWorthMin: z.number().min(0).max(60).default(USUAL_CHANGE_WORTH_MIN),
  })
  .superRefine(({ people, presses, jobs, batches }, context) => {
    for (const [list, things] of Object.entries({ people, presses, jobs, batches }))
      namedOnce(context, list, things, { key: 'id' })
    const fault = (path: (string | number)[], message: string) => context.addIssue({ code: 'custom', path, message })
    presses.forEach(({ personId }, at) => {
      if (!people.some(({ id }) => id === personId)) fault(['presses', at, 'personId'], 'no-such-person')
    })
    batches.forEach(({ options, jobIds = [], dueMin }, batch) => {
      jobIds.forEach((id, at) => {
        if (!jobs.some((job) => job.id === id)) fault(['batches', batch, 'jobIds', at], 'no-such-job')
        if (jobIds.indexOf(id) < at) fault(['batches', batch, 'jobIds', at], 'named-twice')
      })
      if (jobIds.length > 0 && dueMin !== null) fault(['batches', batch, 'dueMin'], 'due-with-jobs')
      options.forEach(({ pressId }, at) => {
        if (!presses.some(({ id }) => id === pressId))
          fault(['batches', batch, 'options', at, 'pressId'], 'no-such-press')
      })
    })
  })

/** Reports pins that name a press or a job that is not there. */
const pinsFit = (
  {
    pins,
    presses,
    jobs,
  }: {
    readonly pins: Of<typeof eveningPins>
    readonly presses: readonly { readonly id: string }[]
    readonly jobs: readonly { readonly id: string }[]
  },
  context: z.RefinementCtx,
): void => {
  const fault = (path: (string | number)[], message: string) =>
    context.addIssue({ code: 'custom', path: ['pins', ...path], message })
  const isBatch = (id: string): boolean => id.split('+').every((part) => jobs.some((job) => job.id === part))
  for (const [batch, pressId] of Object.entries(pins.pressOf)) {
    if (!isBatch(batch)) fault(['pressOf', batch], 'not-batch-of-jobs')
    if (!presses.some(({ id }) => id === pressId)) fault(['pressOf', batch], 'no-such-press')
  }
  for (const [batch, after] of Object.entries(pins.after))
    if (!isBatch(batch) || (after !== null && !isBatch(after))) fault(['after', batch], 'not-batch-of-jobs')
}

const wholeEvening = z
  .object({
    ...head,
    people: z
      .array(eveningPerson.extend({ name: z.string().max(120).default('') }))
      .min(1)
      .max(MOST_EVENING_PEOPLE),
    presses: z
      .array(z.object({ ...pressInFile.shape, id: handle, personId: handle }))
      .min(1)
      .max(MOST_EVENING_PRESSES),
    plates: z.array(plateInFile).min(1).max(500),
    dies: z
      .array(
        z
          .object({ ...drawnDieFields, id: handle })
          .superRefine(dieHolds)
          .refine(notDrawnTwice, drawnTwice),
      )
      .min(1)
      .max(MOST_EVENING_JOBS),
    sheets: z
      .array(z.object({ ...sheetInput.shape, id: handle }))
      .min(1)
      .max(MOST_EVENING_JOBS),
    jobs: z
      .array(
        z.object({
          id: handle,
          name: z.string().max(120).default(''),
          technique: pressedHowFields.technique,
          bladeSide: pressedWhatFields.bladeSide.default('down'),
          dieIds: z.array(handle).min(1).max(6),
          sheetId: handle,
          pieces: z.int().min(1).max(10_000),
          dueMin: minutes.nullable().default(null),
          copies: z.int().min(1).max(12).default(1),
          alone: z.boolean().default(false),
          sheetsAtMost: z.int().min(1).max(12).nullable().default(null),
          turns: z.enum(pieceTurns).default('any'),
        }),
      )
      .min(1)
      .max(MOST_EVENING_JOBS),
    gapMm: z.number().min(0).max(50).default(USUAL_LAY_GAP_MM),
    changeWorthMin: z.number().min(0).max(60).default(USUAL_CHANGE_WORTH_MIN),
    pins: eveningPins.default({ pressOf: {}, after: {}, forbidden: [] }),
    houseRules: houseRulesInFile,
  })
  .superRefine((evening, context) => {
    const { people, presses, plates, dies, sheets, jobs } = evening
    platesFit({ plates, presses }, context, (press) => ['presses', press])
    for (const [list, things] of Object.entries({ people, presses, dies, sheets, jobs }))
      namedOnce(context, list, things, { key: 'id' })
    pinsFit(evening, context)
    const fault = (path: (string | number)[], message: string) => context.addIssue({ code: 'custom', path, message })
    presses.forEach(({ personId }, at) => {
      if (!people.some(({ id }) => id === personId)) fault(['presses', at, 'personId'], 'no-such-person')
    })
    jobs.forEach(({ dieIds, sheetId }, at) => {
      dieIds.forEach((id, its) => {
        if (!dies.some((die) => die.id === id)) fault(['jobs', at, 'dieIds', its], 'die-not-in-file')
      })
      if (!sheets.some(({ id }) => id === sheetId)) fault(['jobs', at, 'sheetId'], 'sheet-not-in-file')
    })
  })

/** The input of `evening`: format `bold-heron/evening`, version 1; whole, or with `batches` only to be put in order. Described in docs/evening-file.md. */
export const eveningOrderFile = orderOnly
export const eveningWholeFile = wholeEvening
export type EveningOrderFile = Of<typeof orderOnly>
export type EveningWholeFile = Of<typeof wholeEvening>

/** The answer where only the order was asked for. */
export const orderAnswer = z.object({
  queues: z.array(z.object({ pressId: z.string(), batches: z.array(z.object({ id: z.string(), option: z.int() })) })),
  /** In which turn each person takes their presses, one queue after the other. */
  turns: z.array(z.object({ personId: z.string(), pressIds: z.array(z.string()) })),
  changes: z.number(),
  /** Minutes late of all jobs together, and what no order undercuts. */
  lateMin: z.number(),
  lateBoundMin: z.number(),
  cost: z.number(),
  bound: z.number(),
  proven: z.boolean(),
})
export type OrderAnswer = Of<typeof orderAnswer>
