import type { Goal } from '../goal.js'
import { creaseLooks } from './looks.js'

/** An outline creased everywhere and cut nowhere. */
export const crease = {
  id: 'crease',
  looks: creaseLooks,
  feels: 'fine',
  feltTooHard: 'plainly-felt',
} as const satisfies Goal
