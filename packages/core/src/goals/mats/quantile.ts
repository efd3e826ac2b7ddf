import { firstPlace } from '../../numerics/first-at-least.js'

/** The value that a share (0…1) of a weight reaches at least: the greatest v so that cells of value ≥ v weigh that share of all. */
export const reachedBy = (values: Float64Array, weights: Float64Array, share: number): number => {
  const sorted = values.toSorted()
  const wanted = share * weights.reduce((sum, weight) => sum + weight, 0)
  const weighs = (least: number): number => {
    let sum = 0
    for (let at = 0; at < values.length; at++) if ((values[at] as number) >= least) sum += weights[at] as number
    return sum
  }
  // Sorting numbers as they are and weighing a few times is much quicker than sorting places by their values.
  const tooFew = firstPlace(sorted.length, (place) => weighs(sorted[place] as number) < wanted)
  return sorted[tooFew - 1] ?? 0
}
