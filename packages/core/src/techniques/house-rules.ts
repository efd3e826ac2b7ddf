import type { BladeSide } from '../layers/layer.js'

/** How this workshop settles the questions on which practitioners differ. Common practice, no source. */
export interface HouseRules {
  /** Die over the sheet (blade down) or under it (blade up), unless the job says otherwise. */
  readonly bladeSide: BladeSide
  readonly passes: PassSchool
  readonly hardPlateWithMagnet: 'never' | 'allowed'
  readonly hardPlateUnderOutline: 'lace-only' | 'allowed'
}

export const passSchools = ['as-predicted', 'there-and-back', 'one-and-look'] as const
export type PassSchool = (typeof passSchools)[number]

export const defaultHouseRules: HouseRules = {
  bladeSide: 'down',
  passes: 'as-predicted',
  hardPlateWithMagnet: 'never',
  hardPlateUnderOutline: 'lace-only',
}
