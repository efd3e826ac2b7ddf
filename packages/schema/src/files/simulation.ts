import { fineFeels, predictedFeels } from '@bold-heron/core'
import { z } from 'zod'
import type { Of } from '../plain.js'

const positive = (least: number, most: number) => z.number().min(least).max(most)

/** A hand at a crank. */
const handle = z.object({
  limitN: positive(1, 2000),
  crankArmMm: positive(10, 2000),
  gearRatio: positive(0.05, 50),
})

/** The drawing itself, or the file it stands in (`.svg` or `.dxf`, beside the simulation's own file). */
const drawing = {
  svg: z.string().min(1).max(5_000_000).optional(),
  file: z.string().min(1).max(1000).optional(),
}
type Drawing = Of<z.ZodObject<typeof drawing>>

const drawnOnce = (each: Drawing): boolean => (each.svg === undefined) !== (each.file === undefined)
const notDrawnOnce = { path: ['svg'], error: 'drawn-once' }

/** A middle: x along the feed from the leading edge, y across from the left end of the throat. */
const middle = {
  xMm: z.number().min(-1000).max(5000),
  yMm: z.number().min(-1000).max(5000),
}
const pose = {
  /** Centre of the unturned box. */
  ...middle,
  /** About that centre, from +x towards +y. */
  rotationDeg: z.number().min(-3600).max(3600).default(0),
}

const die = z
  .object({
    ...drawing,
    heightMm: positive(0.1, 60),
    bladeHeightMm: positive(0.01, 60),
    bodyStripMm: positive(0, 50),
    ...pose,
  })
  .refine(drawnOnce, notDrawnOnce)
const dies = z.array(die).min(1).max(12)

const press = z
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
  .refine((each) => each.bearingSpanMm > each.throatMm, {
    path: ['bearingSpanMm'],
    error: 'span-beyond-throat',
  })
  .refine((each) => (each.handle === undefined) !== (each.motor === undefined), {
    path: ['handle'],
    error: 'handle-or-motor',
  })

const pile = { caliperMm: positive(0.01, 20), count: z.int().min(1).max(40) }
const shearStrengthMPa = positive(0.1, 500)
/** What a sheet is known by in other techniques may stand beside what counts, so that one sheet serves several files. */
const otherwise = {
  wedgeRatio: z.number().optional(),
  squashModulusMPa: z.number().optional(),
  yieldShare: z.number().optional(),
  keptShare: z.number().optional(),
  setPerPass: z.number().optional(),
}
const cutSheet = z.object({
  ...otherwise,
  ...pile,
  shearStrengthMPa,
  wedgeRatio: positive(0, 1),
  squashModulusMPa: positive(0, 1000),
})
/** A sheet that is pressed into a mat: η, ρ and σ as usual for smooth card where they are left out (from memory). */
const formedSheet = z.object({
  ...otherwise,
  ...pile,
  shearStrengthMPa: shearStrengthMPa.default(40),
  yieldShare: positive(0, 10).default(0.12),
  keptShare: positive(0, 1).default(0.7),
  setPerPass: positive(0, 1).default(0.65),
})

const mat = {
  thicknessMm: positive(0.05, 60),
  /** k_m, N per mm of line and mm. */
  ridgeStiffnessNPerMm2: positive(0, 1000).default(2.5),
  /** E_m, MPa. */
  modulusMPa: positive(0.001, 10_000),
}
const laid = { lengthMm: positive(1, 5000), widthMm: positive(1, 2900), ...middle }

const softBed = z.object({ softnessMmPerMPa: positive(0, 10), indentStiffnessNPerMm2: z.number().optional() })
/** Of a bed and a mat where what they are like does not count: they may stand there all the same. */
const ofNoAccount = { bed: softBed.partial().optional(), mat: z.record(z.string(), z.unknown()).optional() }
const cutBed = z.object({ indentStiffnessNPerMm2: positive(0.5, 100_000), softnessMmPerMPa: positive(0, 10) })

const format = z.literal('bold-heron/simulation')
const around = { press, otherLayersMm: positive(0, 500), passes: z.int().min(1).max(40) }
const cutFields = { ...around, dies, sheet: cutSheet, bed: cutBed }

/** A cut, as version 1 has it. */
const version1 = z.object({ format, version: z.literal(1), ...cutFields })

/** Version 2 says what is done. */
const version2 = z.discriminatedUnion(
  'technique',
  [
    z.object({ format, version: z.literal(2), technique: z.literal('cut'), ...cutFields, mat: ofNoAccount.mat }),
    z.object({
      format,
      version: z.literal(2),
      technique: z.literal('crease'),
      ...around,
      dies,
      sheet: formedSheet,
      mat: z.object({ ...z.object(laid).partial().shape, ...mat, ridgeStiffnessNPerMm2: positive(0, 1000) }),
      bed: softBed,
    }),
    z.object({
      format,
      version: z.literal(2),
      technique: z.literal('raise'),
      ...around,
      shape: z.object({ ...drawing, heightMm: positive(0.01, 20), ...pose }).refine(drawnOnce, notDrawnOnce),
      sheet: formedSheet,
      mat: z.object({ ...mat, ...laid }),
      bed: softBed,
    }),
    z.object({
      format,
      version: z.literal(2),
      technique: z.literal('folder'),
      ...around,
      ...ofNoAccount,
      folder: z
        .object({
          ...drawing,
          kind: z.enum(['flat', 'deep']).default('flat'),
          thicknessMm: positive(0.1, 60),
          modulusMPa: positive(0.01, 100_000),
          ...laid,
        })
        .refine((each) => each.svg === undefined || each.file === undefined, { path: ['svg'], error: 'svg-and-file' }),
      sheet: z.object({
        ...otherwise,
        ...pile,
        shearStrengthMPa: shearStrengthMPa.default(40),
        wedgeRatio: positive(0, 1).default(0.15),
      }),
    }),
  ],
  { error: 'cut, crease, raise, folder' },
)

/** The input of `simulate`: format `bold-heron/simulation`, versions 1 and 2. Described in docs/simulation-file.md. */
export const simulationFile = z.discriminatedUnion('version', [version1, version2], { error: '1, 2' })
export type SimulationFile = Of<typeof simulationFile>

const passLoads = {
  peakForceN: z.number(),
  meanForceN: z.number(),
  /** Null for a motor. */
  handleForceN: z.number().nullable(),
}
const coarseFeel = { feel: z.enum(predictedFeels) }
const fineFeel = { feel: z.enum(fineFeels) }
const cutPass = z.object({
  ...passLoads,
  ...coarseFeel,
  cutFraction: z.number(),
  meanDepth: z.number(),
  leastDepth: z.number(),
  overcutMm: z.number(),
})
const kept = { keptMm: z.number(), leastKeptMm: z.number() }
const creasePass = z.object({
  ...passLoads,
  ...fineFeel,
  ...kept,
  cutThroughShare: z.number(),
  matCutShare: z.number(),
})
const raisePass = z.object({ ...passLoads, ...fineFeel, ...kept })
const folderPass = z.object({
  ...passLoads,
  ...coarseFeel,
  formedShare: z.number(),
  leastFormedShare: z.number(),
  peakPressureMPa: z.number(),
  cutFraction: z.number().optional(),
})

/** The output of `simulate`. */
export const simulationAnswer = z.object({
  squeezeMm: z.number(),
  passes: z.union([z.array(cutPass), z.array(creasePass), z.array(raisePass), z.array(folderPass)]),
})
export type SimulationAnswer = Of<typeof simulationAnswer>
