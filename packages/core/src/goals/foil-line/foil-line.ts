import type { Goal } from '../goal.js'
import { fallsShort, isDone, isSpoilt } from '../look.js'

/** A fine unbroken line of foil. Heat decides, so nothing is computed of it. */
export const foilLine = {
  id: 'foil-line',
  looks: [fallsShort('nothing'), fallsShort('broken-line'), isDone('even-line'), isSpoilt('smudged')],
} as const satisfies Goal
