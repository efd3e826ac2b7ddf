import type { Doubt } from '../learning/doubt-nodes.js'

/** One way that press and sheet may be within what is believed of them. */
export interface DoubtStep {
  readonly weight: number
  /** mm more squeeze than counted. */
  readonly shiftMm: number
  readonly strength: number
}

/** Shares of all that lies below the bounds of five steps; of seven where the doubt is wide. */
const FEW = [0.08, 0.3, 0.7, 0.92] as const
const MANY = [0.04, 0.15, 0.35, 0.65, 0.85, 0.96] as const
/** mm. A wide doubt. */
const WIDE_MM = 0.12

/** Places of a normal curve that stand for it, in spreads, with their weights: nine even ones. */
const PLACES = Array.from({ length: 9 }, (_, at) => {
  const z = -2.4 + 0.6 * at
  return { z, weight: Math.exp(-0.5 * z * z) }
})
const PLACES_SUM = PLACES.reduce((sum, { weight }) => sum + weight, 0)

/**
 * Boils what is believed of the gap and the sheet down to a few steps of squeeze, each with the strength that goes with it on average;
 * `besideMm` is how unsure heights are beside that, one standard deviation.
 */
export const doubtSteps = ({ nodes }: Doubt, besideMm: number): DoubtStep[] => {
  const fine = nodes.flatMap(({ weight, shiftMm, spreadMm, strength }) => {
    const spread = Math.hypot(spreadMm, besideMm)
    return PLACES.map((place) => ({
      weight: (weight * place.weight) / PLACES_SUM,
      shiftMm: shiftMm + place.z * spread,
      log: Math.log(strength),
    }))
  })
  fine.sort((a, b) => a.shiftMm - b.shiftMm)
  const mean = fine.reduce((sum, { weight, shiftMm }) => sum + weight * shiftMm, 0)
  const spread = Math.sqrt(fine.reduce((sum, { weight, shiftMm }) => sum + weight * (shiftMm - mean) ** 2, 0))
  const bounds = spread > WIDE_MM ? MANY : FEW
  const steps = Array.from({ length: bounds.length + 1 }, () => ({ weight: 0, shift: 0, log: 0 }))
  let below = 0
  for (const { weight, shiftMm, log } of fine) {
    const middle = below + weight / 2
    const at = bounds.findIndex((bound) => middle < bound)
    const step = steps[at === -1 ? bounds.length : at] as (typeof steps)[number]
    step.weight += weight
    step.shift += weight * shiftMm
    step.log += weight * log
    below += weight
  }
  return steps
    .filter(({ weight }) => weight > 0)
    .map(({ weight, shift, log }) => ({ weight, shiftMm: shift / weight, strength: Math.exp(log / weight) }))
}
