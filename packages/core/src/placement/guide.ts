import { depthsOf } from '../geometry/nesting-depth.js'
import { boxAround, type Box } from '../geometry/box.js'
import { unionOf } from '../geometry/polygons.js'
import { rectangle } from '../geometry/rectangle.js'
import { isClosed, type Polyline } from '../geometry/polyline.js'
import type { Spot } from './placed-run.js'

/** mm. Card that is left round the opening of a guide. From memory: enough to hold, little enough to see past. */
const GUIDE_MARGIN_MM = 12

/** A guide cut from thin contrasting card with the die itself: laid over the picture, its opening shows what the die will cut. */
export interface Guide {
  /** What to trim the guide to, closed, mm on the card. */
  readonly trim: readonly number[]
  /** The opening: the die's outer lines. */
  readonly opening: readonly Polyline[]
  /** Where to tape it: the middles of its two sides away from the edge that leads. */
  readonly tape: readonly Spot[]
  readonly widthMm: number
  readonly heightMm: number
}

/** Lays out the guide for a die's lines on the card; undefined where it has no closed line. */
export const guideFor = (lines: readonly Polyline[], marginMm = GUIDE_MARGIN_MM): Guide | undefined => {
  const loops = lines.filter(isClosed)
  const depths = depthsOf(loops)
  const opening = unionOf(loops.filter((_, at) => depths[at] === 0))
  const box = boxAround(opening)
  if (!box) return undefined
  const trim: Box = {
    fromX: box.fromX - marginMm,
    fromY: box.fromY - marginMm,
    toX: box.toX + marginMm,
    toY: box.toY + marginMm,
  }
  const middleY = (trim.fromY + trim.toY) / 2
  return {
    trim: rectangle(trim),
    opening,
    tape: [
      { xMm: trim.fromX, yMm: middleY },
      { xMm: trim.toX, yMm: middleY },
    ],
    widthMm: trim.toX - trim.fromX,
    heightMm: trim.toY - trim.fromY,
  }
}
