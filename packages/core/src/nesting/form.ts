import { rotation, transformed, translation } from '../geometry/affine.js'
import { boxAround, middleOf } from '../geometry/box.js'
import { grownBy } from '../geometry/polygons.js'
import { type Polyline, signedAreaOf } from '../geometry/polyline.js'
import { simplified } from '../geometry/simplify.js'

/** mm. How coarsely a piece's outline may be taken, at the finest and at the coarsest; it is grown by as much, so that nothing is lost of it. */
const FINEST_MM = 0.05
const COARSEST_MM = 0.4
/** Points beyond which an outline is taken more coarsely. */
const FEW_POINTS = 44
/** mm. How far the arcs of a gap may stray from round; they are grown by as much. */
const ARC_MM = 0.04

/** A piece about the middle of its box, mm. */
export interface PieceForm {
  /** As it is cut. */
  readonly outline: Polyline
  readonly areaMm2: number
  /** With half the gap, and with the edge's clearance, all round; a little more where it is taken more coarsely. */
  readonly spaced: Polyline
  readonly edged: Polyline
}

/** The largest loop of some. */
const largest = (loops: readonly Polyline[]): Polyline =>
  loops.reduce((best, loop) => (Math.abs(signedAreaOf(loop)) > Math.abs(signedAreaOf(best)) ? loop : best))

/** A piece's outline with `byMm` all round, coarse enough for few points, and never less than it is. */
const spacedBy = (outline: Polyline, byMm: number): Polyline => {
  let coarseMm = FINEST_MM
  let few = simplified(outline, coarseMm)
  while (few.length > 2 * FEW_POINTS && coarseMm < COARSEST_MM) {
    coarseMm *= 1.6
    few = simplified(outline, coarseMm)
  }
  // A simplified line may cross itself; growing it makes one outline of it again.
  return largest(grownBy([few], byMm + coarseMm + ARC_MM, ARC_MM))
}

/** A piece to be nested: an outline, closed, mm. */
export const formOf = (outline: Polyline, gapMm: number, edgeMm: number): PieceForm => {
  const box = boxAround([outline])
  if (!box) throw new RangeError('a piece needs an outline')
  const [x, y] = middleOf(box)
  const centred = transformed(outline, translation(-x, -y))
  return {
    outline: centred,
    areaMm2: Math.abs(signedAreaOf(centred)),
    spaced: spacedBy(centred, gapMm / 2),
    edged: spacedBy(centred, edgeMm),
  }
}

/** A piece turned by some degrees about the middle of its unturned box. */
export interface TurnedForm {
  readonly piece: number
  readonly rotationDeg: number
  readonly spaced: Polyline
  readonly edged: Polyline
}

export const turnedForm = (piece: number, form: PieceForm, rotationDeg: number): TurnedForm => {
  const turn = rotation(rotationDeg)
  return { piece, rotationDeg, spaced: transformed(form.spaced, turn), edged: transformed(form.edged, turn) }
}

/** How far a turned piece reaches in a direction, mm from its middle. */
export const reachOf = ({ spaced }: TurnedForm, ux: number, uy: number): number => {
  let reach = -Infinity
  for (let at = 0; at + 1 < spaced.length; at += 2)
    reach = Math.max(reach, ux * (spaced[at] as number) + uy * (spaced[at + 1] as number))
  return reach
}
