/**
 * Share of a standard normal below z, from the complementary error function.
 * Absolute error below 1.2e-7. Source: the Chebyshev fit of erfc in numerical-methods handbooks (W. H. Press et al. give it
 * as "erfcc"); coefficients checked in the tests against a statistics library.
 */
export const normalBelow = (z: number): number => {
  const x = Math.abs(z) / Math.SQRT2
  const t = 1 / (1 + 0.5 * x)
  const polynomial =
    -1.26551223 +
    t *
      (1.00002368 +
        t *
          (0.37409196 +
            t *
              (0.09678418 +
                t *
                  (-0.18628806 +
                    t * (0.27886807 + t * (-1.13520398 + t * (1.48851587 + t * (-0.82215223 + t * 0.17087277))))))))
  const tail = 0.5 * t * Math.exp(-x * x + polynomial)
  return z >= 0 ? 1 - tail : tail
}

/** Chance that a normal value with this mean and spread is at least `threshold`; that of none at all where it is Infinity. */
export const chanceAtLeast = (threshold: number, mean: number, spread: number): number =>
  threshold === Infinity ? 0 : normalBelow((mean - threshold) / spread)

/** Chance that a normal value with this mean and spread lies between `low` and `high`; with no spread it is 0 or 1. */
export const chanceBetween = (low: number, high: number, mean: number, spread: number): number => {
  if (spread <= 0) return mean >= low && mean <= high ? 1 : 0
  return Math.max(0, normalBelow((high - mean) / spread) - normalBelow((low - mean) / spread))
}
