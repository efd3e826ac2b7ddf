import { placeLines } from '../../geometry/place-lines.js'
import { cardOfFront } from '../card.js'
import { frameRound as poseRound } from '../frame-round.js'
import { panel } from './panel.js'
import { REST_MM, areaOf, laid, laidOn, runOf, sizeOf, type Start } from './start.js'

/** The smaller die cuts a piece; it is put back, and the larger is fitted round it with equal margins. */
export const frameRound: Start = (asked) => {
  const [piece, frame] = [...asked.dies].sort((one, other) => areaOf(one) - areaOf(other))
  if (!piece || !frame) return panel(asked)
  const around = sizeOf(frame)
  const card = cardOfFront('panel', around.widthMm + 2 * REST_MM, around.heightMm + 2 * REST_MM)
  const middle = { xMm: card.widthMm / 2, yMm: card.heightMm / 2, rotationDeg: 0 }
  const pose = poseRound(placeLines(piece.outline.lines, middle), frame.outline.lines) ?? middle
  return laidOn(card, [
    runOf(1, asked, { dies: laid([piece], [middle]) }),
    runOf(2, asked, { dies: laid([frame], [pose], 2) }),
  ])
}
