import type { Goal } from '../goal.js'
import { foilLooks } from './looks.js'

/** A fine unbroken line of foil. */
export const foilLine = {
  id: 'foil-line',
  looks: foilLooks,
} as const satisfies Goal
