import { cameOutAsWanted, lookOf, type Round, type Seen, sheetsGoOn } from '../goals/looks.js'
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

/** A word of advice on a round that was told, by its code. */
export type RoundAdvice = 'stopped' | 'plainly' | 'dented' | 'hung' | 'pad' | 'faint' | 'spoilt'

/** What is to be minded after a round: too hard always leads to taking out. Undefined where it came out just as it should. */
export const adviceOnRound = (
  technique: TechniqueId,
  { seen, feel }: Pick<Round, 'seen' | 'feel'>,
): RoundAdvice | undefined => {
  if (feel === 'stopped' || feel === 'hard') return 'stopped'
  if (feel === goalOf({ technique }).feltTooHard) return 'plainly'
  const { advises } = lookOf(seen)
  if (advises) return advises
  if (cameOutAsWanted({ seen, feel })) return undefined
  return sheetsGoOn({ seen, feel }) ? 'faint' : 'spoilt'
}
