import { fineFeels, hangingPlaces, predictedFeels, roles, seenOutcomes, whyCodes, worstCases } from '@bold-heron/core'
import { z } from 'zod'
import type { Of } from '../plain.js'
import { fromOlderTechnique } from '../entered/older.js'
import { pressedHowFields, pressedWhatFields } from '../entered/press-run.js'
import { sheetInput } from '../entered/sheet.js'
import {
  dieInFile,
  handle,
  houseRulesInFile,
  mayHaveId,
  plateInFile,
  platesFit,
  pressInFile,
} from './things-in-file.js'

const planFields = z
  .object({
    format: z.literal('bold-heron/plan'),
    version: z.literal(1),
    ...pressedHowFields,
    press: pressInFile,
    /** Plates, pads and shims on the shelf. */
    plates: z.array(plateInFile).min(1).max(500),
    dies: z.array(dieInFile).min(1).max(6),
    sheet: z.object({ ...sheetInput.shape, ...mayHaveId }),
    sheetCount: pressedWhatFields.sheetCount,
    bladeSide: pressedWhatFields.bladeSide.default('down'),
    /** Whether the piece cannot be had again. */
    onlyOne: z.boolean().default(false),
    houseRules: houseRulesInFile,
  })
  .superRefine(({ plates, press }, context) => platesFit({ plates, presses: [press] }, context, () => ['press']))
/** The input of `plan`: format `bold-heron/plan`, version 1. Described in docs/plan-file.md. */
export const planFile = z.preprocess(fromOlderTechnique, planFields)
export type PlanFile = Of<typeof planFile>

const plannedLayer = z.object({
  is: z.enum(['plate', 'dies', 'sheets']),
  /** Of a plate, as the file calls it. */
  id: handle.optional(),
  name: z.string(),
  thicknessMm: z.number(),
  /** What a plate is there for. */
  role: z.enum(roles).optional(),
})

const plannedLoad = {
  /** Of coming out as wanted by the end of this pass, 0…1. */
  chance: z.number(),
  /** What a look after it is expected to show. */
  seen: z.enum(seenOutcomes),
  peakForceN: z.number(),
  /** Null for a motor. */
  handleForceN: z.number().nullable(),
  /** As a share of what the hand, or the motor, can do. */
  effort: z.number(),
}
const anyFeel = z.enum([...predictedFeels, ...fineFeels])
const kept = { keptMm: z.number(), leastKeptMm: z.number(), wantedMm: z.number() }

/** A pass of a cut, or of what `of` says. */
const plannedPass = z.union([
  z.object({
    ...plannedLoad,
    feel: z.enum(predictedFeels),
    cutFraction: z.number(),
    meanDepth: z.number(),
    leastDepth: z.number(),
    hanging: z.object({ share: z.number(), place: z.enum(hangingPlaces) }).nullable(),
    overcutMm: z.number(),
  }),
  z.object({
    ...plannedLoad,
    of: z.literal('crease'),
    feel: anyFeel,
    ...kept,
    cutThroughShare: z.number(),
    matCutShare: z.number(),
  }),
  z.object({ ...plannedLoad, of: z.literal('relief'), feel: anyFeel, ...kept }),
  z.object({
    ...plannedLoad,
    of: z.literal('foil'),
    feel: anyFeel,
    leastNPerMm: z.number(),
    mostNPerMm: z.number(),
    evenFromNPerMm: z.number(),
    smudgedFromNPerMm: z.number(),
  }),
  z.object({
    ...plannedLoad,
    of: z.literal('formed'),
    feel: anyFeel,
    formedShare: z.number(),
    leastFormedShare: z.number(),
    peakPressureMPa: z.number(),
    cutFraction: z.number().optional(),
  }),
])

const finding = z.object({ code: z.string(), severity: z.enum(['stop', 'caution', 'note']) })

const plannedStack = z.object({
  /** Bottom to top. */
  layers: z.array(plannedLayer),
  totalMm: z.number(),
  gapMm: z.number(),
  squeezeMm: z.number(),
  /** One standard deviation of the squeeze, mm. */
  spreadMm: z.number(),
  window: z.object({ lowMm: z.number(), bestMm: z.number(), highMm: z.number() }),
  findings: z.array(finding),
  /** The passes recommended, and whether they reach the house's chance. */
  recommended: z.number(),
  sure: z.boolean(),
  passes: z.array(plannedPass),
  worst: z.object({ what: z.enum(worstCases), chance: z.number() }).nullable(),
  /** Whether the press is known to do just this with it, in the passes that were told. */
  isKnown: z.boolean(),
})
/** The word why there is none, the heights of the whole stack that would do, and what would make one of the nearest. */
const plannedNone = z.object({
  code: z.enum(whyCodes),
  fromMm: z.number(),
  toMm: z.number(),
  wouldDo: z.object({ change: z.enum(['add', 'thinner']), mm: z.number() }).nullable(),
})
export type PlannedStack = Of<typeof plannedStack>

/** The output of `plan`. */
export const planAnswer = z.object({
  best: plannedStack.nullable(),
  alternatives: z.array(plannedStack),
  fitting: z.object({ count: z.number(), exact: z.boolean() }),
  /** Why there is no best. */
  why: plannedNone.nullable(),
  /** Stacks that are known to do just this, each with the rules that stop it; plates bottom to top. */
  knownStopped: z.array(z.object({ plates: z.array(handle), stops: z.array(finding) })),
  missingRoles: z.array(z.string()),
  beyondTheHand: z.boolean(),
  /** What stopped the nearest stack, where rules stop every one that fits. */
  stoppedBy: z.array(finding),
})
export type PlanAnswer = Of<typeof planAnswer>
