import type { Pose } from '../geometry/place-lines.js'

/** Where a die lies: in the stack x runs along the feed, y across from the left end of the throat; on a card from its top left corner. */
export type DiePose = Pose

/** How far the upright box of a laid die lies from the card's left and top edge, mm; `lengthMm` along x and `widthMm` along y, unturned. */
export const edgesOf = (
  { xMm, yMm, rotationDeg }: DiePose,
  { lengthMm, widthMm }: { readonly lengthMm: number; readonly widthMm: number },
): { readonly leftMm: number; readonly topMm: number } => {
  const turn = (rotationDeg * Math.PI) / 180
  const [across, along] = [Math.abs(Math.cos(turn)), Math.abs(Math.sin(turn))]
  return {
    leftMm: xMm - (across * lengthMm + along * widthMm) / 2,
    topMm: yMm - (along * lengthMm + across * widthMm) / 2,
  }
}
