import type { BladeSide } from '../layers/layer.js'

/** How this workshop settles the questions on which practitioners differ. Common practice, no source. */
export interface HouseRules {
  /** Die over the sheet (blade down) or under it (blade up), unless the job says otherwise. */
  readonly bladeSide: BladeSide
  readonly passes: PassSchool
  readonly hardPlateWithMagnet: 'never' | 'allowed'
  readonly hardPlateUnderOutline: 'lace-only' | 'allowed'
  /** The recommended count of passes is the least with at least this chance of a clean cut, 0…1. */
  readonly leastChance: number
  /** A stack is not offered where the chance that the handle stops is above this, 0…1. */
  readonly mostStopChance: number
  /** Nobody here wants to crank more often than this for one cut. */
  readonly mostPasses: number
  /** What this user's hand can do, as a share of the press's own handle limit; less for weak or sore hands. */
  readonly handShare: number
  /** How a trial begins on a press that is known by its class only: too loose, adding, or as usual, taking out. */
  readonly trialStart: TrialStart
}

export const passSchools = ['as-predicted', 'there-and-back', 'one-and-look'] as const
export type PassSchool = (typeof passSchools)[number]

export const trialStarts = ['from-loose', 'from-usual'] as const
export type TrialStart = (typeof trialStarts)[number]

export const defaultHouseRules: HouseRules = {
  bladeSide: 'down',
  passes: 'as-predicted',
  hardPlateWithMagnet: 'never',
  hardPlateUnderOutline: 'lace-only',
  leastChance: 0.9,
  mostStopChance: 0.02,
  mostPasses: 6,
  handShare: 1,
  trialStart: 'from-loose',
}

/**
 * The rules for what is pressed once in each place, as a border is: every further pass stretches the strip, so stacks are ranked by what one
 * pass does, and nobody goes back. Common practice, no source.
 */
export const rulesForOnce = (rules: HouseRules): HouseRules => ({ ...rules, passes: 'as-predicted', mostPasses: 1 })
