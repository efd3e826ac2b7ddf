import { type Affine, after } from '../geometry/affine.js'
import { type Box, heightOfBox, widthOf } from '../geometry/box.js'
import { acrossX, acrossY } from '../geometry/reflect.js'
import type { BladeSide } from '../layers/layer.js'
import { type Card, frontOf } from './card.js'
import type { CardEdge, PlacedRun } from './placed-run.js'

/**
 * Whether the card lies in the press as the mirror image of its front, seen from above: with the blades looking down from above
 * the face they enter is up, with blades looking up it is down.
 */
export const liesMirrored = (run: Pick<PlacedRun, 'face'>, blade: BladeSide): boolean =>
  (run.face === 'back') !== (blade === 'up')

/** Turns the card so that the edge that leads comes to x = 0: x along the feed, y across from the left, seen from above. */
const turnedTo = (leads: CardEdge, { widthMm: w, heightMm: h }: Card): Affine => {
  switch (leads) {
    case 'top':
      return [0, 1, 1, 0, 0, 0]
    case 'left':
      return [1, 0, 0, -1, 0, h]
    case 'right':
      return [-1, 0, 0, 1, w, 0]
    case 'bottom':
      return [0, -1, -1, 0, h, w]
  }
}

/**
 * From the card's front to where it lies in the press: x along the feed from the edge that leads, y across. Mirrored, the card is
 * turned over about the middle line along the feed, so the same edge leads.
 */
export const cardToPress = (card: Card, run: PlacedRun, blade: BladeSide): Affine => {
  const turned = turnedTo(run.leads, card)
  if (!liesMirrored(run, blade)) return turned
  const acrossFeed = run.leads === 'top' || run.leads === 'bottom' ? card.widthMm : card.heightMm
  return after(acrossY(acrossFeed / 2), turned)
}

/** From the card's front to the drawing of how it lies in the press: the front itself, or its mirror image, the same way up. */
export const cardToPressDrawing = (card: Card, run: PlacedRun, blade: BladeSide): Affine =>
  liesMirrored(run, blade)
    ? run.leads === 'left' || run.leads === 'right'
      ? acrossY(card.heightMm / 2)
      : acrossX(card.widthMm / 2)
    : [1, 0, 0, 1, 0, 0]

/** What of a card lies there to be measured on and pressed, mm on the open card: its front alone where it goes in folded shut. */
export const boxInPress = (card: Card, { goesIn }: Pick<PlacedRun, 'goesIn'>): Box =>
  goesIn === 'folded' ? frontOf(card) : { fromX: 0, fromY: 0, toX: card.widthMm, toY: card.heightMm }

/** What goes between the rollers, across the throat and along the feed, mm: the front alone where the card is folded shut. */
export const sizeInPress = (card: Card, run: PlacedRun): { readonly acrossMm: number; readonly alongMm: number } => {
  const box = boxInPress(card, run)
  const [w, h] = [widthOf(box), heightOfBox(box)]
  return run.leads === 'top' || run.leads === 'bottom' ? { acrossMm: w, alongMm: h } : { acrossMm: h, alongMm: w }
}
