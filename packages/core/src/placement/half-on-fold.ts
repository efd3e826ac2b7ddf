import type { Die } from '../dies/die.js'
import { boxAround, heightOfBox, widthOf } from '../geometry/box.js'
import type { Polyline } from '../geometry/polyline.js'
import { endsOf } from './cut-ends.js'
import type { CardEdge } from './placed-run.js'
import { BEYOND_BODY_MM, OVER_FOLD_MM } from './constants.js'

/** mm. Ends of lines so near to a side of the die are open towards it. */
const AT_SIDE_MM = 1

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
