import { boxAround } from '../geometry/box.js'
import type { Polygon } from '../geometry/polygons.js'
import { lengthOf, type Polyline } from '../geometry/polyline.js'
import { splitByRegion } from '../geometry/region.js'
import { type Card, type Fold, lineOfFold } from './card.js'

/** What is left of a crease, mm, as stretches of it that still lie in the card. */
export interface Crease {
  readonly fold: Fold
  readonly ofMm: number
  readonly left: readonly (readonly number[])[]
  readonly leftMm: number
  /** Whether the card still reaches to both sides of it. */
  readonly joins: boolean
}

/** Works out what a piece of the card keeps of a crease. */
export const creaseOf = (card: Card, fold: Fold, { outer, holes }: Polygon): Crease => {
  const line = lineOfFold(card, fold)
  const inOuter = splitByRegion(line, [outer]).flatMap((stretch) => (stretch.inside ? [stretch.line] : []))
  const left = inOuter.flatMap((part) =>
    splitByRegion(part, holes).flatMap((stretch) => (stretch.inside ? [] : [stretch.line])),
  )
  const box = boxAround([outer])
  const [from, to] = box ? (fold.runs === 'upright' ? [box.fromX, box.toX] : [box.fromY, box.toY]) : [0, 0]
  return {
    fold,
    ofMm: lengthOf(line),
    left,
    leftMm: left.reduce((sum, part) => sum + lengthOf(part), 0),
    joins: left.length > 0 && from < fold.atMm - 0.5 && to > fold.atMm + 0.5,
  }
}

/** How near cut lines come to a crease from either side without crossing it, mm; 0 where one crosses it. */
export const clearOfCrease = (cuts: readonly Polyline[], { runs, atMm }: Fold): number => {
  let nearest = Infinity
  for (const cut of cuts) {
    let sideBefore = 0
    for (let at = runs === 'upright' ? 0 : 1; at < cut.length; at += 2) {
      const away = (cut[at] as number) - atMm
      const side = Math.sign(away)
      if (sideBefore !== 0 && side !== 0 && side !== sideBefore) return 0
      if (side !== 0) sideBefore = side
      nearest = Math.min(nearest, Math.abs(away))
    }
  }
  return nearest
}
