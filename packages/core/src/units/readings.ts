import type { MeasuredMm } from './measured.js'

/** mm. What no number of readings takes away: the jaws' own zero. From memory. */
const ZERO_SPREAD_MM = 0.01
/** mm. Readings come in steps of a hundredth; the spread of a step is its width over √12. */
const STEP_SPREAD_MM = 0.01 / Math.sqrt(12)
/** A reading further from the median than so many times the usual distance, and this far at least, is a misread. */
const MISREAD_FROM = 6
const LEAST_MISREAD_MM = 0.08

/** Readings of one thing, or of a pile of like things, taken together. */
export interface Averaged {
  /** Of one piece. */
  readonly thickness: MeasuredMm
  /** Which readings were counted, in their order; misreads were not. */
  readonly counted: readonly boolean[]
}

const medianOf = (values: readonly number[]): number => {
  const sorted = [...values].sort((a, b) => a - b)
  const middle = sorted.length / 2
  return sorted.length % 2 === 1
    ? (sorted[Math.floor(middle)] as number)
    : ((sorted[middle - 1] as number) + (sorted[middle] as number)) / 2
}

/**
 * Averages readings in mm of a pile of `pieces` like things: what lies far from the median is a misread and left out; the spread of
 * the mean, the reading step and the jaws' zero add in quadrature; both value and spread are those of one piece, so a pile of n
 * divides them by n. Undefined without a reading.
 */
export const averagedReadings = (readingsMm: readonly number[], pieces: number): Averaged | undefined => {
  if (readingsMm.length === 0 || pieces < 1) return undefined
  const median = medianOf(readingsMm)
  const usual = medianOf(readingsMm.map((mm) => Math.abs(mm - median)))
  const limit = Math.max(LEAST_MISREAD_MM, MISREAD_FROM * usual)
  const counted = readingsMm.map((mm) => Math.abs(mm - median) <= limit)
  const kept = readingsMm.filter((_, at) => counted[at])
  const mean = kept.reduce((sum, mm) => sum + mm, 0) / kept.length
  const variance = kept.length > 1 ? kept.reduce((sum, mm) => sum + (mm - mean) ** 2, 0) / (kept.length - 1) : 0
  const spread = Math.hypot(Math.sqrt(variance / kept.length), STEP_SPREAD_MM / Math.sqrt(kept.length), ZERO_SPREAD_MM)
  return { thickness: { valueMm: mean / pieces, spreadMm: spread / pieces }, counted }
}
