import type { Seen } from '../goals/looks.js'
import type { HandleFeel } from '../outcomes/round.js'
import { feelsOn } from '../outcomes/round.js'
import { goalOf } from './goal-of.js'
import type { TechniqueId } from './list.js'

/** What may be told of a round of a technique: what can be seen, least first, and how the handle may have felt. */
export const toldOf = (
  technique: TechniqueId,
): { readonly looks: readonly Seen[]; readonly feels: readonly HandleFeel[]; readonly asWanted: Seen } => {
  const goal = goalOf({ technique })
  const looks = goal.looks.map(({ id }) => id as Seen)
  const asWanted = goal.looks.find((look) => look.isAsWanted)?.id as Seen
  return { looks, feels: feelsOn[goal.feels ?? 'coarse'], asWanted }
}
