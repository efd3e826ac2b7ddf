import { depthsOf } from '../geometry/nesting-depth.js'
import { unionOf } from '../geometry/polygons.js'
import { rectangle } from '../geometry/rectangle.js'
import { isClosed, type Polyline } from '../geometry/polyline.js'
import { guideTrim } from './guide-trim.js'
import type { Spot } from './placed-run.js'

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
export const guideFor = (lines: readonly Polyline[], marginMm?: number): Guide | undefined => {
  const loops = lines.filter(isClosed)
  const depths = depthsOf(loops)
  const opening = unionOf(loops.filter((_, at) => depths[at] === 0))
  const trim = guideTrim(lines, marginMm)
  if (!trim) return undefined
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
