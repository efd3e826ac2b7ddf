import { arcLine } from '@bold-heron/core'
import { CURVE_TOLERANCE_MM } from '../drawing.js'

export interface BulgedPoint {
  readonly x: number
  readonly y: number
  /** tan(¼ of the arc's angle) of the piece that begins here; positive bends to the left of the way. */
  readonly bulge: number
}

/**
 * A polyline whose pieces may be arcs. The arc of a chord of length c with bulge b has the radius c·(1+b²)/(4|b|) and turns
 * by 4·atan(b) (definition of the bulge in the DXF reference).
 */
export const bulgedLine = (points: readonly BulgedPoint[], closed: boolean): number[] => {
  const line: number[] = []
  const count = closed ? points.length : points.length - 1
  const [first] = points
  if (!first) return line
  line.push(first.x, first.y)
  for (let at = 0; at < count; at++) {
    const from = points[at] as BulgedPoint
    const to = points[(at + 1) % points.length] as BulgedPoint
    const chord = Math.hypot(to.x - from.x, to.y - from.y)
    const { bulge } = from
    if (bulge === 0 || chord === 0) {
      line.push(to.x, to.y)
      continue
    }
    const sweep = 4 * Math.atan(bulge)
    const radius = (chord * (1 + bulge * bulge)) / (4 * Math.abs(bulge))
    // The centre lies on the chord's left normal, at (1 − b²)/(4b) chords from its middle.
    const off = (1 - bulge * bulge) / (4 * bulge)
    const cx = (from.x + to.x) / 2 - off * (to.y - from.y)
    const cy = (from.y + to.y) / 2 + off * (to.x - from.x)
    const arc = arcLine([cx, cy], radius, Math.atan2(from.y - cy, from.x - cx), sweep, CURVE_TOLERANCE_MM)
    line.push(...arc.slice(2, -2), to.x, to.y)
  }
  return line
}
