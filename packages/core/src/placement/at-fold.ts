import { transformed } from '../geometry/affine.js'
import { boxAround } from '../geometry/box.js'
import { joinLines } from '../geometry/join.js'
import { unionOf } from '../geometry/polygons.js'
import { isClosed, type Polyline } from '../geometry/polyline.js'
import { type Fold, throughFold } from './card.js'
import { endsOf } from './cut-ends.js'
import { openSideOf } from './half-on-fold.js'
import { NEAR_FOLD_MM, AT_LINE_MM } from './constants.js'

/** mm. Ends nearer than this are one. */
const SAME_END_MM = 0.01

/** How a die lies at the fold of a sheet that goes in folded shut. */
export interface AtFold {
  /** How far the fold is beyond the die's lines, mm; below 0 where it lies inside them. */
  readonly beyondMm: number
  /** The halves stay joined; a hand may miss; they part. */
  readonly is: 'joined' | 'at-line' | 'parted'
  /** Where the whole shape still hangs on the sheet at the fold, from end to mirrored end: to be snipped. */
  readonly snips: readonly Polyline[]
  /** The whole shape unfolded: closed lines. */
  readonly shape: readonly Polyline[]
}

/** A closed line that reaches over a fold, as it comes out unfolded: one closed line round both halves, or both where it does not reach it. */
const unfolded = (line: Polyline, fold: Fold): Polyline[] => {
  const other = transformed(line, throughFold(fold))
  return unionOf([line, other]).map((loop) => [...loop])
}

/**
 * Reads how a die's lines lie at a fold, seen on the card's front, which lies right of an upright fold or below a level one. A half die, open
 * towards the fold, must leave it in sight; one that is closed all round must reach over it. Undefined where it is nowhere near.
 */
export const atFold = (lines: readonly Polyline[], fold: Fold): AtFold | undefined => {
  const box = boxAround(lines)
  if (!box) return undefined
  const beyondMm = (fold.runs === 'upright' ? box.fromX : box.fromY) - fold.atMm
  const isOpen = openSideOf(lines) === (fold.runs === 'upright' ? 'left' : 'top')
  if (beyondMm > NEAR_FOLD_MM[isOpen ? 'open' : 'closed']) return undefined
  if (!isOpen) {
    const is = -beyondMm > AT_LINE_MM ? 'joined' : -beyondMm >= -AT_LINE_MM ? 'at-line' : 'parted'
    return { beyondMm, is, snips: [], shape: lines.filter(isClosed).flatMap((line) => unfolded(line, fold)) }
  }
  const mirror = throughFold(fold)
  const snips = beyondMm > 0 ? endsOf(lines).map(([x, y]): number[] => [x, y, ...transformed([x, y], mirror)]) : []
  const shape = joinLines([...lines, ...snips, ...lines.map((line) => transformed(line, mirror))], SAME_END_MM).filter(
    isClosed,
  )
  const is = beyondMm > 0 ? 'joined' : beyondMm >= -AT_LINE_MM ? 'at-line' : 'parted'
  return { beyondMm, is, snips, shape }
}
