import { noOptionReasons } from '@bold-heron/core'
import { z } from 'zod'
import { stackReference } from '../entered/stack-reference.js'
import type { Of } from '../plain.js'

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
  piecesEach: z.array(z.number()),
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
  /** Plates that several presses would have at once, though the shelf has not so many. */
  platesAtOnce: z
    .array(z.object({ plateId: z.string(), pressIds: z.array(z.string()), fromMin: z.number() }))
    .default([]),
  /** Dies likewise. */
  diesAtOnce: z.array(z.object({ dieId: z.string(), pressIds: z.array(z.string()), fromMin: z.number() })).default([]),
  droppedPins: z.array(z.string()),
  /** Names of what it speaks of, by id. */
  names: z.record(z.string(), z.string()),
  /** How many runs of the log the minutes of each press are from; 0: from memory. */
  timedRuns: z.record(z.string(), z.number()),
})
export type EveningAnswer = Of<typeof eveningAnswer>
