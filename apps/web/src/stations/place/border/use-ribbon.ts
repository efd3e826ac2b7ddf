import {
  boxAround,
  crestOf,
  type Die,
  edgesAlong,
  type EdgePhase,
  FROM_STRIP_EDGE_MM,
  heightOfBox,
  keepPhase,
  LEAST_RIBBON_MM,
  type MarkedPart,
  pitchOf,
  planRibbon,
  type RibbonEdge,
  ribbonFaults,
  ribbonWidthOf,
  stripWidthOf,
  USUAL_STRIP_MM,
} from '@bold-heron/core'
import { type JobRow, type PlaceRequest, type RibbonEdges, ribbonOfRun } from '@bold-heron/schema'
import { useMemo, useState } from 'react'
import { useStretch } from '../../../data/stretch.js'
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

const isDrawn = (die: Die | undefined): die is Die => die !== undefined && die.outline.source !== 'stand-in'

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

/** A border's figures in an order that does not depend on where they come from. */
const nameOf = (border: object | null | undefined): string =>
  JSON.stringify(Object.entries(border ?? {}).sort(([one], [other]) => (one < other ? -1 : 1)))

/** A border or ribbon as it is being set, and everything that follows from it. */
export const useRibbon = (job: JobRow, things: PlaceRequest, runAt: number) => {
  const runs = ribbonOfRun(job.runs, runAt)
  const run = job.runs[runs.middle]
  const edgesRun = runs.edges === undefined ? undefined : job.runs[runs.edges]
  const dieOf = (id: string | undefined) => things.dies.find((die) => die.id === id)
  const die = dieOf(run?.dieIds[0])
  const stretch = useStretch(run?.sheetId ?? '').data
  const lines = useMemo(() => die?.outline.lines ?? [], [die])
  const found = useMemo(() => (isDrawn(die) ? pitchOf(die.outline.lines) : undefined), [die])
  const kept = (run?.border ?? null) as BorderInHand | null
  const [typed, setTyped] = useState<BorderInHand>(
    () =>
      kept ?? {
        dieLengthMm: die?.lengthMm ?? 100,
        pitchMm: found ?? 10,
        stripLengthMm: USUAL_STRIP_MM.lengthMm,
        stripWidthMm: Math.max(USUAL_STRIP_MM.widthMm, Math.ceil(die?.widthMm ?? 0)),
        marginStartMm: 0,
        marginEndMm: 0,
        stretch: 0.004,
        feed: 'joined-end',
        edges: 'one',
        phase: 'matched',
        margins: 'hard',
      },
  )
  const [edgesTyped, setEdges] = useState<EdgesInHand | undefined>(() => {
    const cutter = edgesRun?.dieIds[0]
    const before = edgesRun?.border
    return before && cutter
      ? {
          dieId: cutter,
          widthMm: ribbonWidthOf(before.stripWidthMm),
          toMiddle: before.toMiddle ?? 'matched',
          phase: before.phase,
        }
      : undefined
  })
  const edges = typed.edges === 'one' ? edgesTyped : undefined
  const cutterDie = dieOf(edges?.dieId)
  const cutter = useMemo(() => {
    if (!cutterDie) return undefined
    const pitchMm = (isDrawn(cutterDie) ? pitchOf(cutterDie.outline.lines) : undefined) ?? typed.pitchMm
    return { dieLengthMm: cutterDie.lengthMm, pitchMm, crestMm: crestOf(cutterDie.outline.lines, pitchMm) }
  }, [cutterDie, typed.pitchMm])
  const border: BorderInHand = {
    ...typed,
    stretch: stretch?.value ?? typed.stretch,
    ...(edges ? { stripWidthMm: stripWidthOf(edges.widthMm) } : {}),
  }
  const crestMm = crestOf(lines, border.pitchMm)
  const along: BorderInHand | undefined =
    edges && cutter ? edgesAlong(border, crestMm, { cutter, ...edges }) : undefined
  const faults = ribbonFaults(border, crestMm)
  const edgeFaults = along && cutter ? ribbonFaults(along, cutter.crestMm) : []
  const parts = [
    ...(faults.length === 0 ? partsOf(border, lines, false) : []),
    ...(along && edgeFaults.length === 0 && cutterDie ? partsOf(along, cutterDie.outline.lines, true) : []),
  ]
  const keptEdges: RibbonEdges | undefined = along && edges ? { dieId: edges.dieId, border: along } : undefined
  // What is cut along the middle and at both edges lies side by side.
  const leastWidthMm = Math.max(LEAST_RIBBON_MM, Math.ceil(highOf(die) + 2 * highOf(cutterDie)))
  const isKept =
    kept !== null &&
    nameOf(kept) === nameOf(border) &&
    edgesRun?.dieIds[0] === keptEdges?.dieId &&
    nameOf(edgesRun?.border) === nameOf(keptEdges?.border)
  return {
    runs,
    border,
    edges,
    keptEdges,
    die,
    isDrawn: isDrawn(die),
    found,
    faults,
    edgeFaults,
    parts,
    isKept,
    /** Whether what is along the middle and at the edges can be in phase at all. */
    isInPhase: cutter === undefined || keepPhase(border, cutter),
    /** Whether the edges would cut into what lies along the middle. */
    isTooNarrow: edges !== undefined && edges.widthMm < leastWidthMm,
    leastWidthMm,
    set: (change: Partial<BorderInHand>) => setTyped((now) => ({ ...now, ...change })),
    setEdges,
  }
}
