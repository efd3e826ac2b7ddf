import { handleFeels, seenOutcomes } from '@bold-heron/core'
import { z } from 'zod'
import type { Of } from '../plain.js'
import { pressedHowFields } from '../entered/press-run.js'
import { idField } from '../entered/fields.js'

/** Logarithms over rows of the gap (whole multiples of 0.03 mm, from `firstRow` on) and 21 strengths. */
export const gapGrid = z.object({ firstRow: z.int(), log: z.array(z.number()) })
/** Pieces by the id of their plate, on average over stacks, and how unsure one is, mm. */
export const piecesById = z.record(z.string(), z.object({ count: z.number(), spreadMm: z.number() }))

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
  /** The gap in mm and its spread, by this run and the class; null while it is not worked out. */
  says: z.object({ gapMm: z.number(), spreadMm: z.number() }).nullable(),
  /** It took too long to be worked out, and is not learnt from until something of it changes. */
  leftOut: z.boolean(),
})
export type RunAsEvidence = Of<typeof runAsEvidence>

/** Sets a run aside as evidence, or takes it back. */
export const evidenceChange = z.object({ setAside: z.boolean() })

/** How much more difficult a die is than is usual for it, by all runs with it: mean and spread of the logarithm. */
export const dieLearning = z.object({ mean: z.number(), spread: z.number(), runs: z.int() })
export type DieLearning = Of<typeof dieLearning>

/** What has been learnt of a press from its runs. */
export const pressLearning = z.object({
  /** Runs that are still to be taken into account. */
  pending: z.int(),
  /** Logarithm of how likely all runs are, counted on the plates of `pieces`. */
  log: gapGrid,
  pieces: piecesById,
  pressRuns: z.int(),
  /** Greatest height without its sheets that the press has had between its rollers, mm. */
  tightestMm: z.number().optional(),
  runs: z.array(runAsEvidence),
})
export type PressLearning = Of<typeof pressLearning>
