import {
  compositeParts,
  dieClasses,
  faceStates,
  feedEnds,
  knownFeels,
  outlineSources,
  padFaces,
  type PlanRequest,
  plateKinds,
  pressClasses,
  sheetKinds,
} from '@bold-heron/core'
import { z } from 'zod'
import type { Of } from '../plain.js'
import { gapGrid, piecesById } from './learning.js'
import { feltGap } from '../entered/felt-gap.js'
import { houseRulesInput } from '../entered/house-rules.js'
import { typedGap } from '../entered/press.js'
import { pressedHowFields, pressedWhatFields } from '../entered/press-run.js'

const measured = z.object({ valueMm: z.number(), spreadMm: z.number() })

/** Lines may be long, so each number is looked at once and no more. */
const lines = z
  .custom<number[][]>(
    (value) =>
      Array.isArray(value) &&
      value.every((line) => Array.isArray(line) && line.every((each) => typeof each === 'number')),
    'must be lines of numbers',
  )
  .meta({ type: 'array', description: 'Lines, each x0, y0, x1, y1, … in mm' })

const plate = z.object({
  id: z.string(),
  name: z.string(),
  kind: z.enum(plateKinds),
  count: z.number(),
  thickness: measured,
  lengthMm: z.number(),
  widthMm: z.number(),
  fullThicknessWidthMm: z.number(),
  magnetic: z.boolean(),
  faces: z.tuple([z.enum(faceStates), z.enum(faceStates)]),
  reservedForSteel: z.boolean().exactOptional(),
  bowMm: z.number().exactOptional(),
  leaves: z.array(z.object({ name: z.string(), isClosed: z.boolean() })).exactOptional(),
  lie: z.object({ face: z.enum(padFaces), turned: z.boolean() }).exactOptional(),
})

/** A die as the planner takes it, with its lines. */
export const dieWithLines = z.object({
  id: z.string(),
  name: z.string(),
  dieClass: z.enum(dieClasses),
  lengthMm: z.number(),
  widthMm: z.number(),
  height: measured,
  bladeHeightMm: z.number(),
  bodyStripMm: z.number(),
  fitForFoam: z.boolean(),
  feedEnd: z.enum(feedEnds),
  difficulty: z.number(),
  pieces: z.int().exactOptional(),
  mirrored: z.int().exactOptional(),
  owned: z.int().exactOptional(),
  hasGuide: z.literal(true).exactOptional(),
  outline: z.object({ source: z.enum(outlineSources), lines }),
})

const sheet = z.object({
  id: z.string(),
  name: z.string(),
  kind: z.enum(sheetKinds),
  caliper: measured,
  shearStrengthMPa: z.number(),
  squashModulusMPa: z.number(),
  parts: z
    .array(
      z.object({ part: z.enum([...compositeParts, 'sheet']), caliperMm: z.number(), shearStrengthMPa: z.number() }),
    )
    .exactOptional(),
})

const press = z.object({
  id: z.string(),
  name: z.string(),
  pressClass: z.enum(pressClasses),
  throatMm: z.number(),
  alwaysBack: z.literal(true).exactOptional(),
  lowMiddleMm: z.number().optional(),
  frame: z.object({
    rollerDiameterMm: z.number(),
    bearingSpanMm: z.number(),
    throatMm: z.number(),
    rollerModulusMPa: z.number(),
    frameStiffnessNPerMm: z.number(),
  }),
  drive: z.discriminatedUnion('by', [
    z.object({ by: z.literal('hand'), limitN: z.number(), crankArmMm: z.number(), gearRatio: z.number() }),
    z.object({ by: z.literal('motor'), stallN: z.number() }),
  ]),
  knownGood: z.array(
    z.object({
      id: z.string(),
      technique: z.string().optional(),
      passes: z.number().optional(),
      bladeSide: pressedWhatFields.bladeSide.optional(),
      feel: z.enum(knownFeels).optional(),
      dieClass: z.enum(dieClasses),
      dieHeight: measured,
      sheetCaliper: measured,
      sheetCount: z.number(),
      plates: z.array(plate),
    }),
  ),
  gap: typedGap.optional(),
  /** A request from before gaps were felt out reads as without. */
  felt: z.array(feltGap).default([]),
})

const { units: _, fractionDenominator: __, ...rules } = houseRulesInput.shape

const cut = z.object({
  press,
  dies: z.array(dieWithLines),
  sheet,
  sheetCount: z.number(),
  bladeSide: pressedWhatFields.bladeSide,
  rules: z.object(rules),
  matFactor: z.number().exactOptional(),
  onlyOne: z.boolean().exactOptional(),
  framesPiece: z.boolean().exactOptional(),
  edgePadId: z.string().optional(),
})

const learnt = z.object({
  log: gapGrid,
  tightestMm: z.number().optional(),
  pressRuns: z.number(),
  sheetRuns: z.number(),
  pieces: piecesById,
})

/** Everything the planner needs for a press run, in the core's own words. Lengths in mm. */
export const planRequest: z.ZodType<PlanRequest> = z.object({
  technique: pressedHowFields.technique.unwrap(),
  region: pressedHowFields.region.unwrap(),
  cut,
  shelf: z.array(plate),
  workedBefore: z.array(z.array(z.string())),
  learnt: learnt.optional(),
})

/** Everything Place needs for a job. */
export const placeRequest = z.object({
  /** The planner's request as if nothing were laid out. */
  request: planRequest,
  dies: z.array(dieWithLines),
  sheets: z.array(sheet),
})
export type PlaceRequest = Of<typeof placeRequest>
