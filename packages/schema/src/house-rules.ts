import { passSchools } from '@bold-heron/core'
import { z } from 'zod'
import { rowFields } from './fields.js'

const houseRuleFields = {
  bladeSide: z.enum(['down', 'up']),
  passes: z.enum(passSchools),
  hardPlateWithMagnet: z.enum(['never', 'allowed']),
  hardPlateUnderOutline: z.enum(['lace-only', 'allowed']),
  /** How lengths are written. */
  units: z.enum(['mm', 'in']),
  fractionDenominator: z.union([z.literal(16), z.literal(32)]),
}

/** How this workshop does things, and how it writes lengths. */
export const houseRulesInput = z.object(houseRuleFields)
export type HouseRulesInput = z.infer<typeof houseRulesInput>

export const houseRulesRow = z.object({
  ...houseRuleFields,
  version: rowFields.version,
  updatedAt: rowFields.updatedAt,
})
export type HouseRulesRow = z.infer<typeof houseRulesRow>
