import { ordinaryComputed } from '../goals/computed-by-goal.js'
import { gapMmOf, rowOf } from '../learning/axes.js'
import { smeared } from '../learning/blur.js'
import { logOfClass } from '../learning/class-prior.js'
import type { Learnt } from '../learning/learnt.js'
import { heightSpreadMm } from '../learning/pieces.js'
import { gapsOf, intervalOf, spectrumOver, spreadOfGap } from '../learning/posterior.js'
import { REPEAT_SPREAD_MM } from '../learning/repeat-spread.js'
import type { Press } from '../press/press.js'
import type { SimulatedResponses } from './simulated-responses.js'

/** How a press's gap came to be known, for telling it. Chances add up to 1 over all gaps; a gap in mm belongs to each that is worth showing. */
export interface GapStory {
  readonly gapsMm: readonly number[]
  /** Believed of the class alone, and with everything that is known. */
  readonly prior: readonly number[]
  readonly now: readonly number[]
  readonly gapMm: number
  readonly spreadMm: number
  /** Where the gap lies in nine cases of ten, mm. */
  readonly ninetyMm: readonly [number, number]
  /** The spread that one more run with an ordinary outline over one card is going to leave, mm. */
  readonly spreadAfterAnotherMm: number
}

/** Shares of the greatest chance below which a gap is not shown: by the class alone, and by what is known. */
const SHOWN_OF_PRIOR = 0.02
const SHOWN_OF_NOW = 0.002

/** The first and last place where one of some rows reaches its share of its greatest value. */
export const shownPlaces = (rows: readonly (readonly [Float64Array, number])[]): readonly [number, number] => {
  const worth = rows.flatMap(([chances, share]) => {
    const least = share * chances.reduce((most, chance) => Math.max(most, chance), 0)
    return [chances.findIndex((chance) => chance >= least), chances.findLastIndex((chance) => chance >= least)]
  })
  return [Math.min(...worth), Math.max(...worth)]
}

/** Tells how a press's gap came to be known: from its class, what was told of it, and its runs. Some hundred milliseconds. */
export const gapStoryOf = (press: Press, learnt: Learnt | undefined, responses: SimulatedResponses): GapStory => {
  const { belief, gapMm: countedMm } = responses.gapOf(press, learnt)
  // Everything is counted on plates as they are noted; how far those may be off is part of how unsure the gap itself is.
  const unsureMm = heightSpreadMm(belief.pieces)
  const now = smeared(gapsOf(belief.chances), unsureMm)
  const [low, high] = intervalOf(now, 0.9)
  const first = rowOf(now.firstMm)
  const ofClass = logOfClass(press.pressClass, { isAllThereIs: belief.byClassOnly, unsureMm })
  const prior = spectrumOver(first, first + now.chances.length - 1, ofClass)
  const [from, to] = shownPlaces([
    [prior.chances, SHOWN_OF_PRIOR],
    [now.chances, SHOWN_OF_NOW],
  ])
  const { ordinary, evidence } = ordinaryComputed
  const { cut, bed, squeezeMm, look } = ordinary(press)
  const pressed = {
    cut,
    rounds: [{ bed, heightMm: squeezeMm + countedMm, look }],
    pieces: {},
    ownSpreadMm: REPEAT_SPREAD_MM,
  }
  return {
    gapsMm: Array.from({ length: to - from + 1 }, (_, at) => gapMmOf(first + from + at)),
    prior: [...prior.chances.slice(from, to + 1)],
    now: [...now.chances.slice(from, to + 1)],
    gapMm: countedMm,
    spreadMm: spreadOfGap(now),
    ninetyMm: [low, high],
    spreadAfterAnotherMm: evidence.spreadAfterAnother(belief.chances, pressed),
  }
}
