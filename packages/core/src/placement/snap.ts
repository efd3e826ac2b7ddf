import type { Box } from '../geometry/box.js'
import { type Card, frontOf } from './card.js'

/** What a die, block or line caught hold of, for the hint on the drawing. */
type SnapTo = 'edge' | 'centre' | 'fold' | 'equal-margins' | 'other'

export interface Snapped {
  /** How far to move, mm. */
  readonly byMm: number
  readonly to: SnapTo
  /** Where the guiding line is, mm. */
  readonly atMm: number
}

interface Target {
  readonly atMm: number
  readonly to: SnapTo
}

/** Lines along one axis that something laid on the card catches hold of. */
const targets = (card: Card, axis: 'x' | 'y', others: readonly Box[]): Target[] => {
  const front = frontOf(card)
  const [from, to] = axis === 'x' ? [front.fromX, front.toX] : [front.fromY, front.toY]
  const whole = axis === 'x' ? card.widthMm : card.heightMm
  const foldHere = card.fold && (card.fold.runs === 'upright') === (axis === 'x')
  return [
    ...(foldHere ? [{ atMm: card.fold.atMm, to: 'fold' as const }] : []),
    { atMm: (from + to) / 2, to: 'centre' },
    { atMm: 0, to: 'edge' },
    { atMm: whole, to: 'edge' },
    ...others.flatMap((box): Target[] => {
      const [a, b] = axis === 'x' ? [box.fromX, box.toX] : [box.fromY, box.toY]
      return [
        { atMm: a, to: 'other' },
        { atMm: b, to: 'other' },
        { atMm: (a + b) / 2, to: 'other' },
      ]
    }),
  ]
}

/**
 * What the box of something being moved catches hold of along one axis within so many mm: its edges on edges, its middle on
 * centres and the fold, or the margin that it already keeps on the other axis. Undefined where nothing is near.
 */
export const snapAlong = (
  axis: 'x' | 'y',
  box: Box,
  card: Card,
  others: readonly Box[],
  withinMm: number,
): Snapped | undefined => {
  const [from, to] = axis === 'x' ? [box.fromX, box.toX] : [box.fromY, box.toY]
  const middle = (from + to) / 2
  const candidates: Snapped[] = targets(card, axis, others).flatMap(({ atMm, to: what }): Snapped[] =>
    what === 'centre'
      ? [{ byMm: atMm - middle, to: what, atMm }]
      : [from, to, middle].map((own) => ({ byMm: atMm - own, to: what, atMm })),
  )
  const front = frontOf(card)
  const [marginOther, near, far] =
    axis === 'x' ? [box.fromY - front.fromY, front.fromX, front.toX] : [box.fromX - front.fromX, front.fromY, front.toY]
  if (marginOther > 0) {
    candidates.push({ byMm: near + marginOther - from, to: 'equal-margins', atMm: near + marginOther })
    candidates.push({ byMm: far - marginOther - to, to: 'equal-margins', atMm: far - marginOther })
  }
  return candidates
    .filter(({ byMm }) => Math.abs(byMm) <= withinMm)
    .sort((one, other) => Math.abs(one.byMm) - Math.abs(other.byMm))[0]
}
