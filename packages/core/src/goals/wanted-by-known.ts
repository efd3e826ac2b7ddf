import type { WantedSqueeze } from '../learning/told.js'
import { STRENGTH_LOG_SPREAD } from '../learning/strength-nodes.js'
import { feelBounds } from '../press/drive.js'
import { type KnownGoodStack, MOST_KNOWN_PASSES } from '../press/press.js'
import type { Response } from './response.js'
import { usuallyWanted } from './usually-wanted.js'
import { KNOWN_FEEL_SLACK, FOR_GOOD_MEASURE, SLOWER_THAN_USUAL } from './constants.js'

/** "The handle feels normal" below this share of the limit: firm at most. */
const NORMAL_EFFORT = 0.8
/** It does so with nearly every sheet of its kind: with those that are so many times as hard as usual, too, which is 24 in 25. */
const HARDER_SHEETS = Math.exp(1.75 * STRENGTH_LOG_SPREAD)

/** Between which efforts a known stack was pressed. */
const effortsOf = ({ feel }: KnownGoodStack): readonly [from: number, to: number] => {
  if (!feel) return [0, NORMAL_EFFORT]
  const [from, to] = feelBounds(feel)
  return [from === 0 ? 0 : from - KNOWN_FEEL_SLACK, to + KNOWN_FEEL_SLACK]
}

/**
 * Which squeezes a stack that is known to do well may have had, mm: it does its work after as many passes as were told, hardly after one
 * less, does no harm, and with the handle as it was felt. `usual` counts the passes where nobody told; nobody makes more than
 * `mostPasses`.
 */
export const wantedByKnown = (
  known: KnownGoodStack,
  response: Response,
  usual: { readonly passes: number; readonly atMost: number },
  mostPasses: number,
  /** Whether its house always goes there and back. */
  alwaysBack = false,
): WantedSqueeze => {
  const passes = known.passes ?? usual.passes
  const isMore = known.passes !== undefined && known.passes >= MOST_KNOWN_PASSES
  const slowest = isMore ? mostPasses : Math.min(mostPasses, known.passes ?? Math.max(usual.atMost, usual.passes))
  const [leastEffort, mostEffort] = effortsOf(known)
  const goodFrom = (count: number, strength = HARDER_SHEETS): number =>
    count < 1 ? Infinity : response.goodFrom(count, strength)
  const lowMm = Math.max(goodFrom(slowest), leastEffort === 0 ? -Infinity : response.effortFrom(leastEffort))
  const highMm = Math.min(
    response.effortFrom(mostEffort),
    Math.max(response.harmFrom(1)[passes - 1] ?? Infinity, goodFrom(passes)),
  )
  if (!(highMm > lowMm) || !Number.isFinite(lowMm) || !Number.isFinite(highMm)) return usuallyWanted(known)
  const within = (mm: number): number => Math.min(highMm, Math.max(lowMm, mm))
  const inTimeMm = within(isMore ? lowMm : goodFrom(passes))
  const soonerMm = Math.max(inTimeMm, within(goodFrom(passes - 1, 1)))
  // Who always goes back has not tried whether one pass would have done.
  const sooner = alwaysBack && passes % 2 === 0 ? 1 : FOR_GOOD_MEASURE
  const inTime = soonerMm - inTimeMm + sooner * (highMm - soonerMm)
  const slower = inTime > 0 ? (SLOWER_THAN_USUAL / (1 - SLOWER_THAN_USUAL)) * inTime : 1
  return [
    { fromMm: lowMm, toMm: inTimeMm, weight: slower / Math.max(inTimeMm - lowMm, 1e-9) },
    { fromMm: inTimeMm, toMm: soonerMm, weight: 1 },
    { fromMm: soonerMm, toMm: highMm, weight: sooner },
  ].filter(({ fromMm, toMm }) => toMm - fromMm > 1e-6)
}
