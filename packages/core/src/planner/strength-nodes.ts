/**
 * How unsure a sheet's strength is: its natural logarithm is normal with this spread. Calibration notes; two packs of one
 * card differ by so much.
 */
export const STRENGTH_LOG_SPREAD = 0.2

/**
 * Three strengths and their weights that stand for the whole distribution (Gauss–Hermite quadrature of order three: exact for
 * polynomials up to the fifth degree; numerical-analysis handbooks).
 */
export const strengthNodes: readonly { readonly strength: number; readonly weight: number }[] = [
  { strength: Math.exp(-Math.sqrt(3) * STRENGTH_LOG_SPREAD), weight: 1 / 6 },
  { strength: 1, weight: 2 / 3 },
  { strength: Math.exp(Math.sqrt(3) * STRENGTH_LOG_SPREAD), weight: 1 / 6 },
]
