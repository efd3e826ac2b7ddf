import { passSchools, trialStarts } from '@bold-heron/core'
import { z } from 'zod'
import type { Of } from '../plain.js'
import { rowFields } from './fields.js'

const houseRuleFields = {
  bladeSide: z.enum(['down', 'up']),
  passes: z.enum(passSchools),
  hardPlateWithMagnet: z.enum(['never', 'allowed']),
  hardPlateUnderOutline: z.enum(['lace-only', 'allowed']),
  /** The recommended count of passes is the least with at least this chance of a clean cut. */
  leastChance: z.number().min(0.5).max(0.999).default(0.9),
  /** A stack is not offered where the handle stops more often than this. */
  mostStopChance: z.number().min(0.001).max(0.5).default(0.02),
  mostPasses: z.int().min(1).max(12).default(6),
  /** What the user's hand can do, as a share of the press's own limit. */
  handShare: z.number().min(0.1).max(1.5).default(1),
  /** How a trial begins on a press that is known by its class only. */
  trialStart: z.enum(trialStarts).default('from-loose'),
  /** How lengths are written. */
  units: z.enum(['mm', 'in']),
  fractionDenominator: z.union([z.literal(16), z.literal(32)]),
}

/** How this workshop does things, and how it writes lengths. */
export const houseRulesInput = z.object(houseRuleFields)
export type HouseRulesInput = Of<typeof houseRulesInput>

export const houseRulesRow = z.object({
  ...houseRuleFields,
  version: rowFields.version,
  updatedAt: rowFields.updatedAt,
})
export type HouseRulesRow = Of<typeof houseRulesRow>
