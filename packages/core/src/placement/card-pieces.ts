import { boxAround } from '../geometry/box.js'
import { contains } from '../geometry/nesting-depth.js'
import { areaOfPolygon, piecesOf, type Polygon } from '../geometry/polygons.js'
import type { Polyline } from '../geometry/polyline.js'
import { type Card, outlineOfCard } from './card.js'
import type { Spot } from './placed-run.js'

/**
 * What a piece of the card is once all is cut: the card itself, waste that was to come away, an opening of a die, a shape cut
 * right out, or something that falls out though nobody asked for it.
 */
type PieceKind = 'card' | 'waste' | 'opening' | 'shape' | 'loose'

export interface CardPiece extends Polygon {
  readonly is: PieceKind
  readonly areaMm2: number
  /** A place inside it. */
  readonly spot: Spot
}

/** Whether a place lies in a polygon. */
const isInPolygon = ({ outer, holes }: Polygon, x: number, y: number): boolean =>
  contains(outer, x, y) && !holes.some((hole) => contains(hole, x, y))

/** How far inside its edge a place in a polygon is looked for, mm, widest first. */
const INSETS_MM = [2, 0.5, 0.1, 0.02]

/** A place inside a polygon, as far from its edge as is easily found. */
const spotIn = (polygon: Polygon): Spot => {
  const { outer } = polygon
  for (const inset of INSETS_MM)
    for (let at = 2; at + 1 < outer.length; at += 2) {
      const [ax, ay, bx, by] = [outer[at - 2], outer[at - 1], outer[at], outer[at + 1]] as [
        number,
        number,
        number,
        number,
      ]
      const length = Math.hypot(bx - ax, by - ay)
      if (length === 0) continue
      for (const side of [1, -1]) {
        const xMm = (ax + bx) / 2 - (side * inset * (by - ay)) / length
        const yMm = (ay + by) / 2 + (side * inset * (bx - ax)) / length
        if (isInPolygon(polygon, xMm, yMm)) return { xMm, yMm }
      }
    }
  return { xMm: outer[0] as number, yMm: outer[1] as number }
}

/** The closed lines of one die on the card, and whether its run cuts it whole, so that its shape is what is wanted. */
interface DieShape {
  readonly loops: readonly Polyline[]
  readonly whole: boolean
}

export interface PieceQuestion {
  readonly card: Card
  readonly cuts: readonly Polyline[]
  readonly shapes: readonly DieShape[]
  readonly waste: readonly Spot[]
  readonly keep: readonly Spot[]
}

/** mm. How near to the card's edge a piece reaches it. */
const AT_EDGE_MM = 0.01

const reachesEdge = ({ outer }: Polygon, { widthMm, heightMm }: Card): boolean => {
  const box = boxAround([outer])
  if (!box) return false
  return (
    box.fromX < AT_EDGE_MM ||
    box.fromY < AT_EDGE_MM ||
    box.toX > widthMm - AT_EDGE_MM ||
    box.toY > heightMm - AT_EDGE_MM
  )
}

/** The pieces that the card falls into, the card itself first. */
export const sortPieces = ({ card, cuts, shapes, waste, keep }: PieceQuestion): CardPiece[] => {
  const pieces = piecesOf([outlineOfCard(card)], cuts)
  const holds = (piece: Polygon, spots: readonly Spot[]): boolean =>
    spots.some(({ xMm, yMm }) => isInPolygon(piece, xMm, yMm))
  const own =
    pieces.find((piece) => holds(piece, keep) && !holds(piece, waste)) ??
    pieces.find((piece) => !holds(piece, waste) && reachesEdge(piece, card)) ??
    pieces.find((piece) => !holds(piece, waste)) ??
    pieces[0]
  const kindOf = (piece: Polygon, { xMm, yMm }: Spot): PieceKind => {
    if (piece === own) return 'card'
    if (holds(piece, waste)) return 'waste'
    const depths = shapes.map(({ loops, whole }) => ({
      whole,
      in: loops.filter((loop) => contains(loop, xMm, yMm)).length,
    }))
    if (depths.some((depth) => depth.in > 0 && depth.in % 2 === 0)) return 'opening'
    return depths.some((depth) => depth.whole && depth.in % 2 === 1) ? 'shape' : 'loose'
  }
  return pieces
    .map((piece): CardPiece => {
      const spot = spotIn(piece)
      return { ...piece, is: kindOf(piece, spot), areaMm2: areaOfPolygon(piece), spot }
    })
    .sort((one, other) => Number(other.is === 'card') - Number(one.is === 'card'))
}
