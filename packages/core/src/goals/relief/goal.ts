import type { Goal } from '../goal.js'
import { reliefLooks } from './looks.js'

/** A shape raised or sunk all along its outline, the sheet whole. */
export const relief = {
  id: 'relief',
  looks: reliefLooks,
  feels: 'fine',
} as const satisfies Goal
