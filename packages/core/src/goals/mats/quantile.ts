/** The value that a share (0…1) of a weight reaches at least: the greatest v so that cells of value ≥ v weigh that share of all. */
export const reachedBy = (values: Float64Array, weights: Float64Array, share: number): number => {
  const order = Uint32Array.from(values, (_, at) => at).sort(
    (one, other) => (values[other] as number) - (values[one] as number),
  )
  let all = 0
  for (const weight of weights) all += weight
  let sum = 0
  for (const at of order) {
    sum += weights[at] as number
    if (sum >= share * all) return values[at] as number
  }
  return 0
}
