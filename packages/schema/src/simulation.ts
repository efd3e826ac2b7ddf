import { z } from 'zod'

const positive = (least: number, most: number) => z.number().min(least).max(most)

/** A hand at a crank. */
const handle = z.object({
  limitN: positive(1, 2000),
  crankArmMm: positive(10, 2000),
  gearRatio: positive(0.05, 50),
})

const die = z
  .object({
    /** The drawing itself, or the file it stands in (`.svg` or `.dxf`, beside the simulation's own file). */
    svg: z.string().min(1).max(5_000_000).optional(),
    file: z.string().min(1).max(1000).optional(),
    heightMm: positive(0.1, 60),
    bladeHeightMm: positive(0.01, 60),
    bodyStripMm: positive(0, 50),
    /** Centre of the unturned die's box: x along the feed from the leading edge, y across from the left end of the throat. */
    xMm: z.number().min(-1000).max(5000),
    yMm: z.number().min(-1000).max(5000),
    /** About that centre, from +x towards +y. */
    rotationDeg: z.number().min(-3600).max(3600).default(0),
  })
  .refine((each) => (each.svg === undefined) !== (each.file === undefined), {
    path: ['svg'],
    error: 'must be given, or "file" in its place, but not both',
  })

/** The input of `simulate`: format `bold-heron/simulation`, version 1. Described in docs/simulation-file.md. */
export const simulationFile = z.object({
  format: z.literal('bold-heron/simulation'),
  version: z.literal(1),
  press: z
    .object({
      rollerDiameterMm: positive(5, 300),
      bearingSpanMm: positive(20, 3000),
      throatMm: positive(10, 2900),
      rollerModulusMPa: positive(100, 1_000_000),
      frameStiffnessNPerMm: positive(10, 1e9),
      gapMm: positive(0, 200),
      handle: handle.optional(),
      /** In place of a handle. */
      motor: z.object({ stallForceN: positive(10, 1e6) }).optional(),
    })
    .refine((press) => press.bearingSpanMm > press.throatMm, {
      path: ['bearingSpanMm'],
      error: 'must be wider than the throat (throatMm)',
    })
    .refine((press) => (press.handle === undefined) !== (press.motor === undefined), {
      path: ['handle'],
      error: 'must be given, or "motor" in its place, but not both',
    }),
  dies: z.array(die).min(1).max(12),
  sheet: z.object({
    caliperMm: positive(0.01, 20),
    count: z.int().min(1).max(40),
    shearStrengthMPa: positive(0.1, 500),
    wedgeRatio: positive(0, 1),
    squashModulusMPa: positive(0, 1000),
  }),
  bed: z.object({
    indentStiffnessNPerMm2: positive(0.5, 100_000),
    softnessMmPerMPa: positive(0, 10),
  }),
  otherLayersMm: positive(0, 500),
  passes: z.int().min(1).max(40),
})
export type SimulationFile = z.infer<typeof simulationFile>

/** The output of `simulate`. */
export const simulationAnswer = z.object({
  squeezeMm: z.number(),
  passes: z.array(
    z.object({
      peakForceN: z.number(),
      meanForceN: z.number(),
      cutFraction: z.number(),
      meanDepth: z.number(),
      leastDepth: z.number(),
      overcutMm: z.number(),
      /** Null for a motor. */
      handleForceN: z.number().nullable(),
      feel: z.enum(['free', 'light', 'firm', 'hard', 'stop']),
    }),
  ),
})
export type SimulationAnswer = z.infer<typeof simulationAnswer>
