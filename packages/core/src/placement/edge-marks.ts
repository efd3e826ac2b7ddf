import type { Card } from './card.js'
import type { CardEdge, EdgeLine } from './placed-run.js'
import { lineOnCard } from './pressed-region.js'

/** A mark on an edge of the card, as a hand measures it: from the left end of a level edge, from the top end of an upright one, mm. */
export interface EdgeMark {
  readonly edge: CardEdge
  readonly atMm: number
}

/** mm. A place nearer to an edge lies on it. */
const ON_EDGE_MM = 1e-6

const markAt = (x: number, y: number, { widthMm, heightMm }: Card): EdgeMark => {
  if (Math.abs(x) < ON_EDGE_MM) return { edge: 'left', atMm: y }
  if (Math.abs(x - widthMm) < ON_EDGE_MM) return { edge: 'right', atMm: y }
  return { edge: Math.abs(y - heightMm) < ON_EDGE_MM ? 'bottom' : 'top', atMm: x }
}

/** The two marks that a pencil line is drawn between; undefined where it misses the card. */
export const edgeMarksOf = (line: EdgeLine, card: Card): readonly [EdgeMark, EdgeMark] | undefined => {
  const [ax, ay, bx, by] = lineOnCard(line, card) ?? []
  if (ax === undefined || ay === undefined || bx === undefined || by === undefined) return undefined
  const marks = [markAt(ax, ay, card), markAt(bx, by, card)] as const
  const order: readonly CardEdge[] = ['left', 'top', 'right', 'bottom']
  const [one, other] = marks
  return order.indexOf(one.edge) <= order.indexOf(other.edge) ? [one, other] : [other, one]
}

/** Where a mark lies on the card, mm. */
export const placeOfMark = ({ edge, atMm }: EdgeMark, { widthMm, heightMm }: Card): readonly [x: number, y: number] => {
  if (edge === 'left') return [0, atMm]
  if (edge === 'right') return [widthMm, atMm]
  return [atMm, edge === 'bottom' ? heightMm : 0]
}
