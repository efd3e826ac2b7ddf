import type { Die } from '../dies/die.js'
import type { Round } from '../goals/looks.js'
import type { HangingStretch } from '../outcomes/hanging-stretch.js'
import { laidStretches, whereStretchesHang } from '../outcomes/laid-stretches.js'
import { shareHanging } from '../outcomes/stretches.js'
import { linesLaid } from '../placement/lines-laid.js'

/**
 * A look with what hangs pointed out on the outline of its dies, as they lie in a press with a throat so wide, mm: share and place are what
 * that comes to. With nothing pointed out it stays as it was told.
 */
export const lookPointedOut = (
  look: Round,
  dies: readonly Die[],
  throatMm: number,
  hangingAt: readonly HangingStretch[],
): Round => {
  const laid = laidStretches(dies, linesLaid(dies, throatMm))
  const shares = shareHanging(laid.stretches, dies, hangingAt)
  const hanging = whereStretchesHang(laid, (at) => (shares[at] as number) >= 0.5)
  const { hangingAt: _, ...told } = { ...look, pointedOut: (look.pointedOut ?? 0) + 1 }
  return hanging
    ? {
        ...told,
        seen: 'hanging',
        hangingShare: hanging.share,
        hangingPlace: hanging.place,
        hangingDieIds: undefined,
        hangingAt,
      }
    : told
}
