import { type DieClass, factsOfDieClass } from './classes/list.js'

/** How a die's edges are: as new, used so that its burrs are off, or blunt. */
export const dieConditions = ['new', 'used', 'blunt'] as const
export type DieCondition = (typeof dieConditions)[number]

/** What a condition multiplies τ by. Calibration notes for new ones, the rest from memory: a new lace die takes a pass more. */
const ofCondition: Record<DieCondition, number> = { new: Math.exp(0.15), used: 1, blunt: Math.exp(0.2) }

/** How hard a die is to cut with against a plain used outline: multiplies τ of its lines. */
export const difficultyOf = (dieClass: DieClass, condition: DieCondition): number =>
  factsOfDieClass(dieClass).difficulty * ofCondition[condition]

/** Of dies that lie side by side the most difficult decides when all is cut. */
export const mostDifficult = (dies: readonly { readonly difficulty: number }[]): number =>
  dies.reduce((most, { difficulty }) => Math.max(most, difficulty), 0) || 1
