import { type Hypothesis, type Part, partsLeft, variationOf, variationsIn } from './hypotheses.js'
import type { Remedy } from './remedies.js'
import type { Ends, Replay } from './replay.js'
import type { Scene } from './scene.js'
import { asMeant, bothOf } from './variation.js'
import { A_MINUTE, A_STOP } from './constants.js'

/** A remedy with what it is worth. */
export interface RankedRemedy extends Omit<Remedy, 'cures'> {
  /** Chances that the next round comes out as wanted, and that the handle stops. */
  readonly chance: number
  readonly stops: number
  /** The chance less what the minutes and the risk cost. */
  readonly gain: number
}

/** No remedy may stop the handle more often than this. Diagnosis notes. */
const MOST_STOPS = 0.01

/** What a remedy does to one hypothesis: its chances of success and of a stop. */
export const triedOn = (replay: Replay, scene: Scene, remedy: Remedy, hypothesis: Hypothesis): Ends => {
  const { step } = hypothesis
  const parts = partsLeft(hypothesis, scene.rounds.length)
  const was = variationsIn(scene, hypothesis)
  const { stack, centreShimMm, passes, freshSheets } = remedy
  const adds = { ...asMeant, ...(centreShimMm ? { heights: scene.centreShim(centreShimMm) } : {}) }
  const ends = (left: readonly Part[]) =>
    replay.then(was, { stack, variation: bothOf(variationOf(left, step), adds), passes, freshSheets })
  const cured = parts.map(({ cause }) => remedy.cures(cause))
  const most = Math.max(0, ...cured)
  if (most === 0) return ends(parts)
  const left = ends(parts.filter((_, at) => cured[at] === 0))
  const still = most < 1 ? ends(parts) : left
  return {
    good: most * left.good + (1 - most) * still.good,
    stops: most * left.stops + (1 - most) * still.stops,
  }
}

/** What a remedy does to every hypothesis that it was tried on. */
export interface Tried {
  readonly remedy: Remedy
  readonly good: Float64Array
  readonly stops: Float64Array
}

const gainWith = ({ remedy, good, stops }: Tried, weights: Float64Array) => {
  let chance = 0
  let stopping = 0
  for (let at = 0; at < weights.length; at++) {
    chance += (weights[at] as number) * (good[at] as number)
    stopping += (weights[at] as number) * (stops[at] as number)
  }
  return {
    chance,
    stops: stopping,
    gain: chance - A_MINUTE * remedy.minutes - A_STOP * Math.max(0, stopping - MOST_STOPS / 2),
  }
}

/** What trying the best of them gains; nothing where none may be tried. */
export const bestGain = (tried: readonly Tried[], weights: Float64Array): number => {
  let best = 0
  for (const each of tried) {
    const { gain, stops } = gainWith(each, weights)
    if (stops <= MOST_STOPS) best = Math.max(best, gain)
  }
  return best
}

/** The best variant of each remedy that gains something and may be tried, what gains most first. */
export const worthTrying = (tried: readonly Tried[], weights: Float64Array): RankedRemedy[] => {
  const best = new Map<string, RankedRemedy>()
  for (const each of tried) {
    const { cures: _, ...told } = each.remedy
    const worth = gainWith(each, weights)
    const isBetter = worth.gain > (best.get(told.id)?.gain ?? 0)
    if (worth.stops <= MOST_STOPS && isBetter) best.set(told.id, { ...told, ...worth })
  }
  return [...best.values()].sort((a, b) => b.gain - a.gain)
}
