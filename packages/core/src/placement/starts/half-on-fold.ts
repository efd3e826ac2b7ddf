import { cardOfFront } from '../card.js'
import { halfOnFold } from '../half-on-fold.js'
import { REST_MM, laid, laidOn, runOf, type Start } from './start.js'
import { BEYOND_BODY_MM } from '../constants.js'

const GAP_MM = 8

/**
 * Halves along one fold: the sheet goes in folded shut, and each comes out whole. A half that is open towards the fold lies just short of it,
 * so that the crease stays; one that is closed all round reaches over it.
 */
export const halvesOnFold: Start = (asked) => {
  const halves = asked.dies.map(halfOnFold)
  const alongMm = halves.reduce((sum, half) => sum + half.alongMm + GAP_MM, -GAP_MM)
  const deepMm = Math.max(1, ...halves.map((half) => half.deepMm))
  const frontMm = { widthMm: Math.max(alongMm, 1) + 2 * REST_MM, heightMm: BEYOND_BODY_MM + deepMm + REST_MM }
  const card = cardOfFront('top-fold', frontMm.widthMm, frontMm.heightMm)
  const foldMm = card.fold?.atMm ?? 0
  let fromMm = REST_MM
  const poses = halves.map((half) => {
    const pose = { xMm: fromMm + half.alongMm / 2, yMm: foldMm + half.middleBeyondMm, rotationDeg: half.rotationDeg }
    fromMm += half.alongMm + GAP_MM
    return pose
  })
  return laidOn(card, [runOf(1, asked, { goesIn: 'folded', dies: laid(asked.dies, poses) })])
}
