import { MM_PER_INCH } from '../units/length.js'
import { rectangle } from '../geometry/rectangle.js'
import type { Affine } from '../geometry/affine.js'
import { acrossX, acrossY } from '../geometry/reflect.js'

/** A crease, straight across the card: upright (at an x) or level (at a y), mm from the card's top left corner. */
export interface Fold {
  readonly runs: 'upright' | 'level'
  readonly atMm: number
}

/**
 * A card component as it lies flat and open, its front up: x to the right, y down from its top left corner, mm. A folded base
 * has one fold.
 */
export interface Card {
  readonly widthMm: number
  readonly heightMm: number
  readonly fold: Fold | null
}

/** The component's edge. */
export const outlineOfCard = ({ widthMm, heightMm }: Card): number[] =>
  rectangle({ fromX: 0, fromY: 0, toX: widthMm, toY: heightMm })

/** A crease as a line from edge to edge. */
export const lineOfFold = (card: Card, { runs, atMm }: Fold): number[] =>
  runs === 'upright' ? [atMm, 0, atMm, card.heightMm] : [0, atMm, card.widthMm, atMm]

/** Where a place on the open card comes to lie when the card is folded shut, seen through its front. */
export const throughFold = ({ runs, atMm }: Fold): Affine => (runs === 'upright' ? acrossX(atMm) : acrossY(atMm))

/** How a card base folds: not at all, along its left side, or along its top. */
export const baseKinds = ['panel', 'side-fold', 'top-fold'] as const
export type BaseKind = (typeof baseKinds)[number]

/** The open sheet of a base whose front has the given size, mm. Folded bases are scored in the middle. */
export const cardOfFront = (kind: BaseKind, frontWidthMm: number, frontHeightMm: number): Card => {
  if (kind === 'side-fold')
    return { widthMm: 2 * frontWidthMm, heightMm: frontHeightMm, fold: { runs: 'upright', atMm: frontWidthMm } }
  if (kind === 'top-fold')
    return { widthMm: frontWidthMm, heightMm: 2 * frontHeightMm, fold: { runs: 'level', atMm: frontHeightMm } }
  return { widthMm: frontWidthMm, heightMm: frontHeightMm, fold: null }
}

/** Which panel of a folded card is its front: right of an upright fold, below a level one; the whole card without a fold. */
export const frontOf = ({ widthMm, heightMm, fold }: Card) => ({
  fromX: fold?.runs === 'upright' ? fold.atMm : 0,
  fromY: fold?.runs === 'level' ? fold.atMm : 0,
  toX: widthMm,
  toY: heightMm,
})

/** Fronts that are bought and cut often. A sizes: ISO 216; inch sizes: common practice, no source. */
export const usualFronts = [
  { id: 'a6', widthMm: 105, heightMm: 148 },
  { id: 'a5', widthMm: 148, heightMm: 210 },
  { id: 'a7', widthMm: 74, heightMm: 105 },
  { id: 'a2-inch', widthMm: 4.25 * MM_PER_INCH, heightMm: 5.5 * MM_PER_INCH },
  { id: 'five-by-seven', widthMm: 5 * MM_PER_INCH, heightMm: 7 * MM_PER_INCH },
  { id: 'six-square', widthMm: 6 * MM_PER_INCH, heightMm: 6 * MM_PER_INCH },
] as const
