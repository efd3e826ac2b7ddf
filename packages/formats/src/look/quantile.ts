/** The value below which such a share of values lies, 0…1: the median at a half. 0 where there are none. */
export const quantile = (values: Float64Array | readonly number[], share: number): number => {
  const sorted = Float64Array.from(values).sort()
  return sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))] ?? 0
}
