import { cardOfFront } from '../card.js'
import { FRONT_MM, inMiddle, laidOn, runOf, type Start } from './start.js'

/** A base folded at its side that goes in open, the dies in the middle of its front. */
export const foldedFront: Start = (asked) => {
  const card = cardOfFront('side-fold', FRONT_MM.widthMm, FRONT_MM.heightMm)
  return laidOn(card, [runOf(1, asked, { leads: 'right', dies: inMiddle(asked.dies, card) })])
}
