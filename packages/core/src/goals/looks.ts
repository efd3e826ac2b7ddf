import { Mistake } from '../faults/guards.js'
import type { RoundOf } from '../outcomes/round.js'
import { goals } from './list.js'
import { isDone, type Look } from './look.js'

/** Nobody looked, as in a series that is known to come out: it counts as made, and tells nothing. */
export const NOT_LOOKED = 'not-looked'

/** What can be seen after a round, whatever it was for. */
export type Seen = (typeof goals)[number]['looks'][number]['id'] | typeof NOT_LOOKED
export type Round = RoundOf<Seen>

const looks = new Map<string, Look>([[NOT_LOOKED, isDone(NOT_LOOKED)]])
for (const goal of goals)
  for (const look of goal.looks as readonly Look[]) {
    const known = looks.get(look.id)
    if (known && JSON.stringify(known) !== JSON.stringify(look))
      throw new Mistake(`the look ${look.id} means two things`)
    looks.set(look.id, look)
  }

/** Every look of every goal, each once, and that nobody looked. */
export const seenOutcomes = [...looks.keys()] as Seen[]

/** Whether rounds were looked at, so that they tell something. */
export const wereLookedAt = (rounds: readonly Pick<Round, 'seen'>[]): boolean =>
  rounds.every(({ seen }) => seen !== NOT_LOOKED)

export const lookOf = (seen: string): Look => {
  const look = looks.get(seen)
  if (!look) throw new Mistake(`no look ${seen}`)
  return look
}

/** Whether how much of the line hangs, and where, is told with a look. */
export const tellsHanging = (seen: Seen): boolean => lookOf(seen).tellsHanging

/** Whether a look shows what was wanted. */
export const isGood = (seen: Seen): boolean => lookOf(seen).isGood

/** Whether a round came to a good end: it looks good, and the handle went round. */
export const cameOutGood = ({ seen, feel }: Pick<Round, 'seen' | 'feel'>): boolean => isGood(seen) && feel !== 'stopped'

/** Whether rounds came to a good end; none did not. */
export const endedGood = (rounds: readonly Round[]): boolean => {
  const last = rounds.at(-1)
  return last !== undefined && cameOutGood(last)
}

/** Whether the sheets of a round may go on: not spoilt by a stop, and not finished. */
export const sheetsGoOn = ({ seen, feel }: Pick<Round, 'seen' | 'feel'>): boolean =>
  feel !== 'stopped' && lookOf(seen).goesOn

/** Whether a round came out just as it should, so that nothing more is tried. */
export const cameOutAsWanted = ({ seen, feel }: Pick<Round, 'seen' | 'feel'>): boolean =>
  feel !== 'stopped' && lookOf(seen).isAsWanted
