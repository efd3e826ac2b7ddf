import { boxAround, heightOfBox, widthOf } from '../geometry/box.js'
import { leastClearance } from '../geometry/clearance.js'
import { depthsOf } from '../geometry/nesting-depth.js'
import { isClosed, lengthOf, type Polyline } from '../geometry/polyline.js'
import type { DieClass } from './classes/list.js'
import { LACE_OPENINGS, FEW_OPENINGS, LACE_LINE_PER_MM2 } from './constants.js'

/** Where an outline is from: a drawing, a trace of what the die cut, or worked out from class, size and laciness. */
export const outlineSources = ['drawing', 'traced', 'stand-in'] as const
type OutlineSource = (typeof outlineSources)[number]

/**
 * The cutting lines of a die as polylines, mm: x along the feed, y across the throat, as the die is usually laid. Closed
 * lines repeat their first point.
 */
export interface Outline {
  readonly source: OutlineSource
  readonly lines: readonly Polyline[]
}

/** What can be measured on an outline; lengths in mm. */
export interface OutlineMeasures {
  readonly lengthMm: number
  readonly widthMm: number
  /** Length of all cutting lines. */
  readonly lineMm: number
  /** Closed shapes inside another: what falls or is poked out. */
  readonly openings: number
  /** The narrowest bridge between two lines, where it is below 10 mm. */
  readonly narrowestBridgeMm: number | undefined
  /** What the die looks like; cased dies cannot be told from their lines. */
  readonly suggests: Extract<DieClass, 'thin-lace' | 'thin-outline'>
}

/** mm. Bridges wider than this do not matter. */
const BRIDGE_WITHIN_MM = 10

/** How many openings lines have, each of which falls out by itself: the counters of letters, the holes of lace. */
const openingsIn = (lines: readonly Polyline[]): number =>
  depthsOf(lines.filter(isClosed)).filter((depth) => depth % 2 === 1).length

/** How many counters fall out of a cut of one sheet: of every opening of its dies. */
export const countersOf = (dies: readonly { readonly outline: Outline }[]): number =>
  dies.reduce((sum, { outline }) => sum + openingsIn(outline.lines), 0)

/** Measures an outline; undefined where it has no line. */
export const measureOutline = (lines: readonly Polyline[]): OutlineMeasures | undefined => {
  const box = boxAround(lines)
  if (!box) return undefined
  const openings = openingsIn(lines)
  const lineMm = lines.reduce((sum, line) => sum + lengthOf(line), 0)
  const area = widthOf(box) * heightOfBox(box)
  const dense = area > 0 && lineMm / area > LACE_LINE_PER_MM2
  const lacy = openings >= LACE_OPENINGS || (openings >= FEW_OPENINGS && dense)
  return {
    lengthMm: widthOf(box),
    widthMm: heightOfBox(box),
    lineMm,
    openings,
    narrowestBridgeMm: leastClearance(lines, BRIDGE_WITHIN_MM),
    suggests: lacy ? 'thin-lace' : 'thin-outline',
  }
}
