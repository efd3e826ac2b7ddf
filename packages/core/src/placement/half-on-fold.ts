import type { Die } from '../dies/die.js'
import { transformed } from '../geometry/affine.js'
import { boxAround, heightOfBox, widthOf } from '../geometry/box.js'
import { joinLines } from '../geometry/join.js'
import { isClosed, type Polyline } from '../geometry/polyline.js'
import { unionOf } from '../geometry/polygons.js'
import { type Fold, throughFold } from './card.js'
import { endsOf } from './cut-ends.js'
import type { CardEdge } from './placed-run.js'

/** mm. How far the fold stays visible beyond a half die's body. From memory. */
export const BEYOND_BODY_MM = 0.5
/** mm. How far a die that is closed all round is laid over the fold. From memory. */
const OVER_FOLD_MM = 2
/** mm. A die farther from the fold has nothing to do with it: one that is open towards it, and one that is closed all round. From memory. */
const NEAR_MM = { open: 10, closed: 3 }
/** mm. Ends of lines so near to a side of the die are open towards it. */
const AT_SIDE_MM = 1
/** mm. Ends nearer than this are one. */
const SAME_END_MM = 0.01
/** mm. What a hand can lay no truer. Common practice, no source: over a millimetre inside parts the halves. */
const AT_LINE_MM = 1

/** The side of its box that all open ends of a die's lines lie at; undefined where it is closed all round or open at several. */
export const openSideOf = (lines: readonly Polyline[]): CardEdge | undefined => {
  const box = boxAround(lines)
  const ends = endsOf(lines)
  if (!box || ends.length < 2) return undefined
  const isAt: Record<CardEdge, (x: number, y: number) => boolean> = {
    top: (_, y) => y < box.fromY + AT_SIDE_MM,
    right: (x) => x > box.toX - AT_SIDE_MM,
    bottom: (_, y) => y > box.toY - AT_SIDE_MM,
    left: (x) => x < box.fromX + AT_SIDE_MM,
  }
  return (Object.keys(isAt) as CardEdge[]).find((side) => ends.every(([x, y]) => isAt[side](x, y)))
}

/** How a die is turned so that a side of it looks up, degrees. */
const TURNS_UP: Record<CardEdge, number> = { top: 0, right: -90, bottom: 180, left: 90 }

/** A die as it is laid on a level fold, its halves' fold above it. Lengths in mm. */
export interface HalfOnFold {
  readonly rotationDeg: number
  /** Along the fold, and away from it. */
  readonly alongMm: number
  readonly deepMm: number
  /** Its middle below the fold. */
  readonly middleBeyondMm: number
}

/** Works out how a die is laid on a fold: its open side towards it and just short of it, or reaching over it where it is closed all round. */
export const halfOnFold = ({ outline: { lines } }: Die): HalfOnFold => {
  const box = boxAround(lines) ?? { fromX: 0, fromY: 0, toX: 1, toY: 1 }
  const open = openSideOf(lines)
  const rotationDeg = TURNS_UP[open ?? 'top']
  const isOnItsSide = open === 'left' || open === 'right'
  const [w, h] = [widthOf(box), heightOfBox(box)]
  const [alongMm, deepMm] = isOnItsSide ? [h, w] : [w, h]
  return { rotationDeg, alongMm, deepMm, middleBeyondMm: deepMm / 2 + (open ? BEYOND_BODY_MM : -OVER_FOLD_MM) }
}

/** How a die lies at the fold of a sheet that goes in folded shut. */
export interface AtFold {
  /** How far the fold is beyond the die's lines, mm; below 0 where it lies inside them. */
  readonly beyondMm: number
  readonly isOpen: boolean
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
  if (beyondMm > NEAR_MM[isOpen ? 'open' : 'closed']) return undefined
  if (!isOpen) {
    const overMm = -beyondMm
    const is = overMm > AT_LINE_MM ? 'joined' : overMm >= -AT_LINE_MM ? 'at-line' : 'parted'
    return { beyondMm, isOpen, is, snips: [], shape: lines.filter(isClosed).flatMap((line) => unfolded(line, fold)) }
  }
  const mirror = throughFold(fold)
  const snips = beyondMm > 0 ? endsOf(lines).map(([x, y]): number[] => [x, y, ...transformed([x, y], mirror)]) : []
  const shape = joinLines([...lines, ...snips, ...lines.map((line) => transformed(line, mirror))], SAME_END_MM).filter(
    isClosed,
  )
  const is = beyondMm > 0 ? 'joined' : beyondMm >= -AT_LINE_MM ? 'at-line' : 'parted'
  return { beyondMm, isOpen, is, snips, shape }
}
