import type { EdgeLine, PlacedRun } from './placed-run.js'
import { beyondLine, directionsOf, PARALLEL } from './pressed-region.js'
import { NEAR_EDGE_MM } from './constants.js'

/** mm. Two lines nearer than this are one. */
const SAME_LINE_MM = 0.05

/** The edge of a window's plate, which is its own: no pencil line is drawn for it, as one runs just beyond. */
export interface OwnEdge {
  readonly pencil: EdgeLine
  /** How far the plate's edge lies from that pencil line, on the side that is pressed, mm. */
  readonly aboveMm: number
}

/**
 * Whether a run's plate ends just short of the pencil line of another, as over a window whose word stands on that line; undefined where its
 * line is one of its own.
 */
export const ownEdgeOf = (run: PlacedRun, runs: readonly PlacedRun[]): OwnEdge | undefined => {
  const { line } = run
  if (!line || run.region !== 'to-line') return undefined
  const own = directionsOf(line).towards
  return runs
    .flatMap((other): OwnEdge[] => {
      if (!other.line || other.region !== 'to-line' || other.id === run.id) return []
      const { towards } = directionsOf(other.line)
      const aboveMm = -beyondLine(line, other.line.xMm, other.line.yMm)
      return own[0] * towards[0] + own[1] * towards[1] > PARALLEL && aboveMm > SAME_LINE_MM && aboveMm < NEAR_EDGE_MM
        ? [{ pencil: other.line, aboveMm }]
        : []
    })
    .sort((one, other) => one.aboveMm - other.aboveMm)[0]
}
