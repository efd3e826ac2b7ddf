import { type EdgePhase, withinPitch } from './edges.js'
import { planRibbon, type RibbonWanted } from './ribbon.js'
import { FROM_STRIP_EDGE_MM, SAME_PITCH_MM } from './constants.js'

/** An edge cutter as it is drawn, mm: its length, its pitch, and where its crest lies after its start. */
export interface EdgeCutter {
  readonly dieLengthMm: number
  readonly pitchMm: number
  readonly crestMm: number
}

/** What is wanted of a ribbon's two edges: how far apart, and in what phase to what lies along the middle and to one another. */
export interface EdgesWanted {
  readonly cutter: EdgeCutter
  readonly widthMm: number
  readonly toMiddle: EdgePhase
  readonly phase: EdgePhase
}

/** How wide a strip must be for a ribbon, mm: the cutter lies clear of the strip's edge on either side, its straight side outward. */
export const stripWidthOf = (ribbonWidthMm: number): number => ribbonWidthMm + 2 * FROM_STRIP_EDGE_MM

/** How wide the ribbon is that comes of a strip cut along both its edges, mm. */
export const ribbonWidthOf = (stripWidthMm: number): number => stripWidthMm - 2 * FROM_STRIP_EDGE_MM

interface Repeats {
  readonly pitchMm: number
}

const finer = (one: Repeats, other: Repeats): number => Math.min(one.pitchMm, other.pitchMm)

/** Whether two patterns keep their phase along a strip: one repeats as often as the other, or a whole number of times as often. */
export const keepPhase = (one: Repeats, other: Repeats): boolean => {
  const [fine, coarse] = [finer(one, other), Math.max(one.pitchMm, other.pitchMm)]
  return Math.abs(coarse - Math.round(coarse / fine) * fine) < SAME_PITCH_MM
}

/**
 * The border along both edges of a strip whose middle has one already: same strip, margins and feed. Where the patterns keep their phase its first cut starts
 * so much later that its crests stand at the middle's (matched) or between them (opposed): x₂ ≡ x₁ + c₁ − c₂ (+ half the finer pitch), modulo the cutter's.
 * `crestMm` is where the middle's crest lies after its die's start.
 */
export const edgesAlong = <Middle extends RibbonWanted>(
  middle: Middle,
  crestMm: number,
  { cutter, toMiddle, phase }: Omit<EdgesWanted, 'widthMm'>,
): Middle => {
  const { leastOverlapMm: _, mostOverlapMm: __, mayMoveStartMm: ___, ...strip } = middle
  const { dieLengthMm, pitchMm } = cutter
  const startMm = planRibbon(middle, crestMm)[0]?.cuts[0]?.atMm ?? middle.marginStartMm
  const aheadMm =
    startMm + crestMm - cutter.crestMm - middle.marginStartMm + (toMiddle === 'opposed' ? finer(middle, cutter) / 2 : 0)
  const startShiftMm = keepPhase(middle, cutter) ? withinPitch(aheadMm, pitchMm) : 0
  return { ...strip, dieLengthMm, pitchMm, edges: 'both', phase, startShiftMm, toMiddle } as unknown as Middle
}
