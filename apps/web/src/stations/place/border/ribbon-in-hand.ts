import {
  boxAround,
  crestOf,
  type Die,
  type EdgeCutter,
  edgesAlong,
  type EdgePhase,
  FROM_STRIP_EDGE_MM,
  heightOfBox,
  keepPhase,
  LEAST_RIBBON_MM,
  type MarkedPart,
  planRibbon,
  type RibbonEdge,
  ribbonFaults,
  stripWidthOf,
} from '@bold-heron/core'
import type { RibbonEdges } from '@bold-heron/schema'
import type { BorderInHand } from './BorderSettings.js'

/** The edges of a ribbon as they are being set: what cuts them, how far apart they are, and how they stand to the middle and to one another. */
export interface EdgesInHand {
  readonly dieId: string
  readonly widthMm: number
  readonly toMiddle: EdgePhase
  readonly phase: EdgePhase
}

/** What is cut along the strip, in the order of cutting: along the middle or the first edge, then the edges that are still to come. */
export interface RibbonPart {
  readonly is: 'middle' | 'edge1' | 'edge2'
  readonly edge: RibbonEdge
  readonly border: BorderInHand
  readonly marked: MarkedPart
}

/** How far a die's lines reach across the strip, mm. */
const highOf = (die: Die | undefined): number => {
  const box = die && boxAround(die.outline.lines)
  return box ? heightOfBox(box) : 0
}

const partsOf = (border: BorderInHand, lines: Die['outline']['lines'], along: boolean): RibbonPart[] => {
  const isEdge = along || border.edges === 'both'
  return planRibbon(border, crestOf(lines, border.pitchMm)).map((edge, at) => ({
    is: isEdge ? (at === 0 ? 'edge1' : 'edge2') : 'middle',
    edge,
    border,
    marked: { cuts: edge.cuts, lines, fromEdgeMm: isEdge ? FROM_STRIP_EDGE_MM : undefined, isTurned: at === 1 },
  }))
}

/** Everything that follows from a border, the die it is cut with, and the edges that another die cuts, where one does. */
export const ribbonInHand = (
  typed: BorderInHand,
  die: Die | undefined,
  edgesTyped: EdgesInHand | undefined,
  edgeDie: Die | undefined,
  cutter: EdgeCutter | undefined,
) => {
  const edges = typed.edges === 'one' ? edgesTyped : undefined
  const border: BorderInHand = edges ? { ...typed, stripWidthMm: stripWidthOf(edges.widthMm) } : typed
  const lines = die?.outline.lines ?? []
  const crestMm = crestOf(lines, border.pitchMm)
  const along: BorderInHand | undefined =
    edges && cutter ? edgesAlong(border, crestMm, { cutter, ...edges }) : undefined
  const faults = ribbonFaults(border, crestMm)
  const edgeFaults = along && cutter ? ribbonFaults(along, cutter.crestMm) : []
  // What is cut along the middle and at both edges lies side by side.
  const leastWidthMm = Math.max(LEAST_RIBBON_MM, Math.ceil(highOf(die) + 2 * highOf(edgeDie)))
  const keptEdges: RibbonEdges | undefined = along && edges ? { dieId: edges.dieId, border: along } : undefined
  return {
    border,
    edges,
    faults,
    edgeFaults,
    parts: [
      ...(faults.length === 0 ? partsOf(border, lines, false) : []),
      ...(along && edgeFaults.length === 0 ? partsOf(along, edgeDie?.outline.lines ?? [], true) : []),
    ],
    /** The edges as they are kept with the job. */
    keptEdges,
    /** Whether what is along the middle and at the edges can be in phase at all. */
    isInPhase: edges === undefined || cutter === undefined || keepPhase(border, cutter),
    /** Whether the edges would cut into what lies along the middle. */
    isTooNarrow: edges !== undefined && edges.widthMm < leastWidthMm,
    leastWidthMm,
  }
}
