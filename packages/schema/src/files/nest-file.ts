import {
  closedLoop,
  limitsOf,
  nestEnds,
  type NestLimits,
  type NestWanted,
  pieceTurns,
  signedAreaOf,
} from '@bold-heron/core'
import { z } from 'zod'
import type { Of } from '../plain.js'

/** mm. The largest sheet that is taken. */
const MOST_MM = 3000
/** Points of one outline, pieces of one file, copies of one piece. */
const MOST_POINTS = 5000
const MOST_PIECES = 24
const MOST_COPIES = 100_000
const MOST_STEPS = 1_000_000
/** mm². What has less area is no outline. */
const LEAST_MM2 = 0.5

/** An outline as pairs, as it is written by hand and by programs. */
const outlinePairs = z
  .array(z.tuple([z.number().min(-MOST_MM).max(MOST_MM), z.number().min(-MOST_MM).max(MOST_MM)]))
  .min(3)
  .max(MOST_POINTS)
  .refine((pairs) => pairs.length < 3 || Math.abs(signedAreaOf(loopOf(pairs))) >= LEAST_MM2, {
    error: 'not-an-outline',
  })
type Pairs = Of<typeof outlinePairs>

/** Pairs as a closed loop. */
const loopOf = (pairs: readonly (readonly [number, number])[]): number[] => closedLoop(pairs.flat())

/** Asks how pieces are laid on a sheet by their true outlines. Format `bold-heron/nest`, version 1; lengths in mm. */
export const nestFile = z.object({
  format: z.literal('bold-heron/nest'),
  version: z.literal(1),
  sheet: z.object({ outline: outlinePairs, holes: z.array(outlinePairs).max(200).default([]) }),
  pieces: z
    .array(
      z.object({
        outline: outlinePairs,
        count: z.int().min(1).max(MOST_COPIES),
        turns: z.enum(pieceTurns).default('any'),
      }),
    )
    .min(1)
    .max(MOST_PIECES),
  gapMm: z.number().min(0).max(50).default(2),
  edgeMm: z.number().min(0).max(50).default(2),
  /** How far it may look for better: the same on every machine. As many as fit into the seconds where absent. */
  stepsAtMost: z.int().min(1).max(MOST_STEPS).optional(),
  /** How long it may look at most, the last resort. */
  secondsAtMost: z.number().min(0.1).max(60).default(2),
  seed: z.int().min(0).max(0xffffffff).default(1),
})
export type NestFile = Of<typeof nestFile>

export const nestAnswer = z.object({
  placed: z.array(z.object({ piece: z.int(), xMm: z.number(), yMm: z.number(), rotationDeg: z.number() })),
  usedShare: z.number(),
  leftOutCounts: z.array(z.int()),
  endedBy: z.enum(nestEnds),
})
export type NestAnswer = Of<typeof nestAnswer>

const outlineOf = ({ outline }: { readonly outline: Pairs }): number[] => loopOf(outline)

export const wantedOfNest = ({ sheet, pieces, gapMm, edgeMm, seed }: NestFile): NestWanted => ({
  sheet: { outline: outlineOf(sheet), holes: sheet.holes.map(loopOf) },
  pieces: pieces.map((piece) => ({ ...piece, outline: outlineOf(piece) })),
  gapMm,
  edgeMm,
  seed,
})

/** How far a nest is looked for; never for more than `secondsAtMost`, by whoever answers. */
export const limitsOfNest = (file: NestFile, secondsAtMost = Infinity): NestLimits => {
  const usual = limitsOf(1000 * Math.min(file.secondsAtMost, secondsAtMost))
  return { ...usual, steps: file.stepsAtMost ?? usual.steps }
}
