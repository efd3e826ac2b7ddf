import type { BorderFeed } from './joins.js'
import { USUAL_STRETCH, SPREAD_BEFORE, READING_SPREAD_MM, LAYING_SPREAD_MM } from './constants.js'

/** How far a join was out, told at the Bench: mm of misfit over the mm gone on since the cut before. Positive where a gap opened. */
export interface ToldMisfit {
  readonly misfitMm: number
  readonly goneOnMm: number
  readonly feed: BorderFeed
}

/** A share with its spread. */
export interface LearntStretch {
  readonly value: number
  readonly spread: number
  /** Misfits it was learnt from. */
  readonly from: number
}

/**
 * The stretch of a sheet from the misfits that were told of it: a normal belief, each misfit of a join fed free end first a measurement of
 * it. Joins that were fed joined end first say nothing of it, as they stay true whatever the stretch.
 */
export const learntStretch = (told: readonly ToldMisfit[]): LearntStretch => {
  const variance = READING_SPREAD_MM ** 2 + LAYING_SPREAD_MM ** 2
  let precision = 1 / SPREAD_BEFORE ** 2
  let weighted = USUAL_STRETCH * precision
  let from = 0
  for (const { misfitMm, goneOnMm, feed } of told) {
    if (feed !== 'free-end' || !(goneOnMm > 0)) continue
    const weight = goneOnMm ** 2 / variance
    precision += weight
    weighted += weight * (misfitMm / goneOnMm)
    from++
  }
  return { value: Math.max(0, weighted / precision), spread: 1 / Math.sqrt(precision), from }
}
