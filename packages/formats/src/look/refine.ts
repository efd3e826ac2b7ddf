import { type Homography, mapped } from '../scan/homography.js'
import { awayAt, type Distances } from './light.js'
import type { Samples } from './samples.js'

/** How lines lie on the sheet beside where they were told to: moved and turned about their middle. */
export interface Moved {
  readonly xMm: number
  readonly yMm: number
  readonly turnDeg: number
}

/** Says of every sample where it lies once all are moved, mm. */
export const placesMoved = (
  { x, y, middle: [mx, my] }: Pick<Samples, 'x' | 'y' | 'middle'>,
  { xMm, yMm, turnDeg }: Moved,
): ((at: number) => readonly [xMm: number, yMm: number]) => {
  const [c, s] = [Math.cos((turnDeg * Math.PI) / 180), Math.sin((turnDeg * Math.PI) / 180)]
  return (at) => {
    const [dx, dy] = [(x[at] as number) - mx, (y[at] as number) - my]
    return [mx + c * dx - s * dy + xMm, my + s * dx + c * dy + yMm]
  }
}

/**
 * Mean distance of lines to what stands out, pixels; what is farther than `most` counts as that, so hanging stretches do not pull. Infinity
 * where it is no less than `least`: such a sum is not added up to its end.
 */
const costOf = (
  samples: Samples,
  every: number,
  map: Homography,
  moved: Moved,
  distances: Distances,
  least: number,
): number => {
  const placeOf = placesMoved(samples, moved)
  const some = Math.ceil(samples.count / every)
  const worse = least * some
  let sum = 0
  for (let at = 0; at < samples.count; at += every) {
    const [x, y] = placeOf(at)
    const pixel = mapped(map, x, y)
    sum += awayAt(distances, pixel.x, pixel.y)
    if (sum >= worse) return Infinity
  }
  return sum / some
}

/** mm and degrees. How far off the told place lines are looked for, and in which steps, coarse to fine. */
const REACH_MM = 4.5
const STEPS_MM = [0.75, 0.25, 0.08, 0.03] as const
const REACH_DEG = 3
const STEPS_DEG = [1.5, 0.5, 0.15, 0.05] as const

/** Where lines lie on what stands out in a picture best, near where they were told to lie; with its mean distance in pixels. */
export const bestPlace = (
  samples: Samples,
  map: Homography,
  distances: Distances,
): { readonly moved: Moved; readonly cost: number } => {
  let best = { moved: { xMm: 0, yMm: 0, turnDeg: 0 }, cost: Infinity }
  const sparse = Math.max(1, Math.floor(samples.count / 400))
  STEPS_MM.forEach((stepMm, round) => {
    const stepDeg = STEPS_DEG[round] as number
    const reachMm = round === 0 ? REACH_MM : 3 * stepMm
    const reachDeg = round === 0 ? REACH_DEG : 3 * stepDeg
    const from = best.moved
    best = { ...best, cost: Infinity }
    for (let turnDeg = -reachDeg; turnDeg <= reachDeg + 1e-9; turnDeg += stepDeg)
      for (let yMm = -reachMm; yMm <= reachMm + 1e-9; yMm += stepMm)
        for (let xMm = -reachMm; xMm <= reachMm + 1e-9; xMm += stepMm) {
          const moved = { xMm: from.xMm + xMm, yMm: from.yMm + yMm, turnDeg: from.turnDeg + turnDeg }
          const cost = costOf(samples, sparse, map, moved, distances, best.cost)
          if (cost < best.cost) best = { moved, cost }
        }
  })
  return best
}
