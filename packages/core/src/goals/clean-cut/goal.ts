import type { Goal } from '../goal.js'
import { cutLooks } from './looks.js'

/** Cut right through along all of the line that is pressed, and no deeper into the bed than it should be. */
export const cleanCut = {
  id: 'clean-cut',
  looks: cutLooks,
} as const satisfies Goal
