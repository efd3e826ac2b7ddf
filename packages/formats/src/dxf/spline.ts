import type { Point } from '@bold-heron/core'
import { CURVE_TOLERANCE_MM } from '../drawing.js'
import { Refusal } from '../fault.js'

const HIGHEST_DEGREE = 11
const MOST_PIECES_PER_SPAN = 256

/** A point of a B-spline by de Boor's algorithm; `span` is the knot interval that holds t. */
const pointAt = (
  controls: readonly Point[],
  knots: readonly number[],
  degree: number,
  span: number,
  t: number,
): Point => {
  const xs: number[] = []
  const ys: number[] = []
  for (let j = 0; j <= degree; j++) {
    const [x, y] = controls[span - degree + j] as Point
    xs.push(x)
    ys.push(y)
  }
  for (let r = 1; r <= degree; r++)
    for (let j = degree; j >= r; j--) {
      const low = knots[span - degree + j] as number
      const high = knots[span + 1 + j - r] as number
      const a = high === low ? 0 : (t - low) / (high - low)
      xs[j] = (1 - a) * (xs[j - 1] as number) + a * (xs[j] as number)
      ys[j] = (1 - a) * (ys[j - 1] as number) + a * (ys[j] as number)
    }
  return [xs[degree] as number, ys[degree] as number]
}

/** Pieces that keep a span of the curve near its chords, from how its control points bend (as for a Bézier curve). */
const piecesOf = (controls: readonly Point[], span: number, degree: number): number => {
  let bend = 0
  for (let at = span - degree + 1; at < span; at++) {
    const [a, b, c] = [controls[at - 1], controls[at], controls[at + 1]] as [Point, Point, Point]
    bend = Math.max(bend, Math.hypot(a[0] - 2 * b[0] + c[0], a[1] - 2 * b[1] + c[1]))
  }
  const share = (degree * (degree - 1)) / 8
  return Math.min(MOST_PIECES_PER_SPAN, Math.max(1, Math.ceil(Math.sqrt((share * bend) / CURVE_TOLERANCE_MM))))
}

/** A clamped or unclamped B-spline as a polyline; control points in mm, knots in ascending order. */
export const splineLine = (
  controls: readonly Point[],
  knots: readonly number[],
  degree: number,
  path: string,
): number[] => {
  const sound =
    Number.isInteger(degree) &&
    degree >= 1 &&
    degree <= HIGHEST_DEGREE &&
    controls.length > degree &&
    knots.length === controls.length + degree + 1 &&
    knots.every((knot, at) => Number.isFinite(knot) && (at === 0 || knot >= (knots[at - 1] as number)))
  if (!sound) throw new Refusal('dxf-broken', path, 'SPLINE')
  const line: number[] = []
  for (let span = degree; span < controls.length; span++) {
    const low = knots[span] as number
    const high = knots[span + 1] as number
    if (high <= low) continue
    const pieces = piecesOf(controls, span, degree)
    for (let piece = line.length === 0 ? 0 : 1; piece <= pieces; piece++) {
      const [x, y] = pointAt(controls, knots, degree, span, low + ((high - low) * piece) / pieces)
      line.push(x, y)
    }
  }
  return line
}
