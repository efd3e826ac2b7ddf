import { handleFeels, seenOutcomes } from '@bold-heron/core'
import { z } from 'zod'
import { pressedHowFields } from './press-run.js'
import { idField } from './fields.js'

/** A run of a press, and what it says of the press's gap by itself. */
const runAsEvidence = z.object({
  id: idField,
  at: z.iso.datetime(),
  jobName: z.string(),
  technique: pressedHowFields.technique.unwrap(),
  dieNames: z.array(z.string()),
  sheetName: z.string(),
  seen: z.enum(seenOutcomes),
  feel: z.enum(handleFeels),
  passes: z.int(),
  setAside: z.boolean(),
  /** Offset of the gap from the class's, mm, and its spread, by this run and the prior; null while it is not worked out. */
  says: z.object({ offsetMm: z.number(), spreadMm: z.number() }).nullable(),
  /** It took too long to be worked out, and is not learnt from until something of it changes. */
  leftOut: z.boolean(),
})
export type RunAsEvidence = z.infer<typeof runAsEvidence>

/** Sets a run aside as evidence, or takes it back. */
export const evidenceChange = z.object({ setAside: z.boolean() })

/** What has been learnt of a press from its runs. */
export const pressLearning = z.object({
  /** Runs that are still to be taken into account. */
  pending: z.int(),
  /** Logarithm of how likely all runs are, over the grid of offsets and strengths. */
  log: z.array(z.number()),
  pressRuns: z.int(),
  tightestOverMm: z.number().optional(),
  runs: z.array(runAsEvidence),
})
export type PressLearning = z.infer<typeof pressLearning>
