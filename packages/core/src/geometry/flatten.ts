import { cosine, sine } from '../numerics/sine.js'

/** A point as a pair. */
export type Point = readonly [x: number, y: number]

const MOST_PIECES = 4096

/** Pieces that keep a curve whose greatest second difference is `bend` within `tolerance` of its chords. */
const piecesFor = (bend: number, share: number, tolerance: number): number =>
  Math.min(MOST_PIECES, Math.max(1, Math.ceil(Math.sqrt((share * bend) / tolerance))))

/** |a − 2b + c|: how far three control points are from a straight, even walk. */
const secondDifference = (a: Point, b: Point, c: Point): number =>
  Math.sqrt((a[0] - 2 * b[0] + c[0]) ** 2 + (a[1] - 2 * b[1] + c[1]) ** 2)

/**
 * Appends a cubic Bézier curve to a polyline, without its first point. No chord strays further than `tolerance`: in n even
 * steps the error is at most 6·M/(8n²), M the greater second difference of the control points (chord-error bound of
 * numerical-analysis textbooks: h²/8 times the greatest second derivative).
 */
export const appendCubic = (line: number[], p0: Point, p1: Point, p2: Point, p3: Point, tolerance: number): void => {
  const bend = Math.max(secondDifference(p0, p1, p2), secondDifference(p1, p2, p3))
  const pieces = piecesFor(bend, 0.75, tolerance)
  for (let piece = 1; piece < pieces; piece++) {
    const t = piece / pieces
    const u = 1 - t
    const [a, b, c, d] = [u * u * u, 3 * u * u * t, 3 * u * t * t, t * t * t]
    line.push(a * p0[0] + b * p1[0] + c * p2[0] + d * p3[0], a * p0[1] + b * p1[1] + c * p2[1] + d * p3[1])
  }
  line.push(p3[0], p3[1])
}

/** Appends a quadratic Bézier curve to a polyline, without its first point; the same bound with 2·M/(8n²). */
export const appendQuadratic = (line: number[], p0: Point, p1: Point, p2: Point, tolerance: number): void => {
  const pieces = piecesFor(secondDifference(p0, p1, p2), 0.25, tolerance)
  for (let piece = 1; piece < pieces; piece++) {
    const t = piece / pieces
    const u = 1 - t
    line.push(u * u * p0[0] + 2 * u * t * p1[0] + t * t * p2[0], u * u * p0[1] + 2 * u * t * p1[1] + t * t * p2[1])
  }
  line.push(p2[0], p2[1])
}

/**
 * A circular arc as a polyline, from angle `from` on by `sweep` (radians, counter-clockwise positive). No chord strays
 * further than `tolerance`: the sagitta of a step of angle s is r·(1 − cos(s/2)).
 */
export const arcLine = (centre: Point, radius: number, from: number, sweep: number, tolerance: number): number[] => {
  const step = 2 * Math.acos(Math.max(-1, 1 - tolerance / radius))
  const pieces = Math.min(MOST_PIECES, Math.max(1, Math.ceil(Math.abs(sweep) / Math.max(step, 1e-6))))
  const line: number[] = []
  for (let piece = 0; piece <= pieces; piece++) {
    const angle = from + (sweep * piece) / pieces
    line.push(centre[0] + radius * cosine(angle), centre[1] + radius * sine(angle))
  }
  return line
}
