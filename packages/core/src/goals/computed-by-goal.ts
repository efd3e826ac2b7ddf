import { cleanCutComputed } from './clean-cut/computed.js'
import { creaseComputed } from './crease/computed.js'
import { foilLineComputed } from './foil-line/computed.js'
import { formedComputed } from './formed/computed.js'
import { reliefComputed } from './relief/computed.js'
import type { Computed } from './computed.js'
import type { GoalId } from './list.js'

/** What is computed of each goal; apart from what a goal shows, so that a page which only names looks fetches no physics. */
export const computedByGoal: Readonly<Record<GoalId, Computed>> = {
  'clean-cut': cleanCutComputed,
  crease: creaseComputed,
  relief: reliefComputed,
  formed: formedComputed,
  'foil-line': foilLineComputed,
}

/** The goal by whose ordinary round it is told what one more would teach of a press. */
export const ordinaryComputed = cleanCutComputed
