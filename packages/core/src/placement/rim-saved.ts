import { circleAt, isClosed, type Polyline, signedAreaOf } from '../geometry/polyline.js'
import { depthsOf } from '../geometry/nesting-depth.js'
import { offsetOf } from '../geometry/polygons.js'
import { RIM_CLEARANCE_MM } from './constants.js'

/** mm. How far a round block's outline may be off a circle. */
const ROUND_WITHIN_MM = 0.05

/** The outline of a round block, in its own box. */
export const roundBlock = (diameterMm: number): number[][] => [
  circleAt(diameterMm / 2, diameterMm / 2, diameterMm / 2, ROUND_WITHIN_MM),
]
/**
 * The shape of a block that presses a die's inside but not its outer blade: the outline of the largest line made smaller all round.
 * Empty where nothing is left of it.
 */
export const insideRim = (lines: readonly Polyline[], clearanceMm = RIM_CLEARANCE_MM): number[][] => {
  const loops = lines.filter(isClosed)
  const depths = depthsOf(loops)
  const outer = loops
    .filter((_, at) => depths[at] === 0)
    .sort((one, other) => Math.abs(signedAreaOf(other)) - Math.abs(signedAreaOf(one)))[0]
  return outer ? offsetOf([outer], -clearanceMm) : []
}
