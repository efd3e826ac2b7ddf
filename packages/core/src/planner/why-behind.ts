import { countOf } from '../faults/finding.js'
import type { Assessment } from './plan.js'
import { FELT_EFFORT, MINDED_MM, MINDED_DOUBT_MM } from './constants.js'

/** Why a stack that promises as much or more comes after another one. */
type BehindReason = 'cautions' | 'worked-before' | 'handle' | 'deeper' | 'layers' | 'doubt' | 'hardly'
/** What a stack's recommended pass promises and costs; undefined where nothing was simulated. */
const promiseOf = ({ prediction }: Assessment) => {
  const last = prediction?.passes[prediction.recommended - 1]
  if (!prediction || !last) return undefined
  return {
    passes: prediction.recommended,
    chance: last.chance,
    effort: Math.max(...prediction.passes.map(({ effort }) => effort)),
    overcutMm: 'overcutMm' in last ? last.overcutMm : 0,
  }
}

/**
 * Why a stack comes after the best though it takes fewer passes, or as many with a greater chance; undefined where it promises no more, so
 * that nobody asks. The first reason that applies, gravest first.
 */
export const whyBehind = (best: Assessment, other: Assessment): BehindReason | undefined => {
  const [ours, its] = [promiseOf(best), promiseOf(other)]
  if (!ours || !its) return undefined
  const promisesMore =
    (its.passes < ours.passes && its.chance >= ours.chance - 0.005) ||
    (its.passes === ours.passes && its.chance > ours.chance + 0.005)
  const wasProven = other.workedBefore && !best.workedBefore
  if (!promisesMore && !wasProven) return undefined
  if (countOf(other.findings, 'caution') > countOf(best.findings, 'caution')) return 'cautions'
  if (best.workedBefore && !other.workedBefore) return 'worked-before'
  if (its.effort > ours.effort + FELT_EFFORT) return 'handle'
  if (its.overcutMm > ours.overcutMm + MINDED_MM) return 'deeper'
  if (other.stack.length > best.stack.length) return 'layers'
  return other.certainty.spreadMm > best.certainty.spreadMm + MINDED_DOUBT_MM ? 'doubt' : 'hardly'
}
