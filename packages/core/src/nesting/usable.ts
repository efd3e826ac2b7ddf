import { areaOfPolygon, withoutOf } from '../geometry/polygons.js'
import { type Polyline, signedAreaOf } from '../geometry/polyline.js'

/** What of a sheet pieces may lie on. */
export interface Usable {
  /** Closed loops that do not cross: whatever lies in an odd number of them is usable. mm. */
  readonly loops: readonly Polyline[]
  readonly areaMm2: number
}

/** mm². Far above rounding, far below what is left out of a sheet. */
const SAME_MM2 = 0.05

/**
 * What can be used of a sheet: its outline less whatever lies in any of its holes, which may overlap one another, repeat, cross the edge
 * or lie off it. `outline`, `holes`: closed, mm, drawn either way round.
 */
export const usableOf = (outline: Polyline, holes: readonly Polyline[]): Usable => {
  const parts = withoutOf(outline, holes)
  const areaMm2 = parts.reduce((sum, part) => sum + areaOfPolygon(part), 0)
  // A plain sheet stays as exact as it was given.
  const whole = Math.abs(signedAreaOf(outline))
  if (parts.length === 1 && parts[0]?.holes.length === 0 && Math.abs(areaMm2 - whole) < SAME_MM2)
    return { loops: [outline], areaMm2: whole }
  return { loops: parts.flatMap(({ outer, holes: its }) => [outer, ...its]), areaMm2 }
}
