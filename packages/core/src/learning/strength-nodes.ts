/**
 * How unsure a sheet's strength is: its natural logarithm is normal with this spread. Calibration notes; two packs of one
 * card differ by so much.
 */
export const STRENGTH_LOG_SPREAD = 0.2

const STEP = Math.sqrt(3) * STRENGTH_LOG_SPREAD
const WEAK = Math.exp(-STEP)
const STRONG = Math.exp(STEP)

/**
 * Three strengths and their weights that stand for the whole distribution (Gauss–Hermite quadrature of order three: exact for
 * polynomials up to the fifth degree; numerical-analysis handbooks).
 */
export const strengthNodes: readonly { readonly strength: number; readonly weight: number }[] = [
  { strength: WEAK, weight: 1 / 6 },
  { strength: 1, weight: 2 / 3 },
  { strength: STRONG, weight: 1 / 6 },
]

/**
 * A value known at the three nodes' strengths, for any strength: straight between two nodes over the logarithm, and straight on
 * beyond the outer ones. `at` is only asked for the nodes it needs, and may answer Infinity.
 */
export const betweenStrengths = (strength: number, at: (nodeStrength: number) => number): number => {
  if (strengthNodes.some((node) => node.strength === strength)) return at(strength)
  const share = Math.abs(Math.log(strength)) / STEP
  const atOuter = at(strength < 1 ? WEAK : STRONG)
  const atTable = at(1)
  if (!Number.isFinite(atOuter) || !Number.isFinite(atTable)) return share < 0.5 ? atTable : atOuter
  return atTable + share * (atOuter - atTable)
}
