import type { Die } from '../dies/die.js'
import { placeLines } from '../geometry/place-lines.js'
import type { Round } from '../goals/looks.js'
import type { HangingStretch } from '../outcomes/hanging-stretch.js'
import { whereItHangs } from '../outcomes/hanging.js'
import { middlesOf, shareHanging, stretchesOf } from '../outcomes/stretches.js'
import { layOutDies } from '../placement/lay-out.js'
import type { DiePose } from '../placement/place-die.js'

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
  const stretches = stretchesOf(dies)
  const poses = layOutDies(dies, throatMm, 0)
  const middles = middlesOf(
    stretches,
    dies.map((die, at) => placeLines(die.outline.lines, poses[at] as DiePose)),
  )
  const shares = shareHanging(stretches, dies, hangingAt)
  const hanging = whereItHangs(
    stretches.map(({ fromMm, toMm }, at) => ({
      x: middles[2 * at] as number,
      y: middles[2 * at + 1] as number,
      lengthMm: toMm - fromMm,
      hangs: (shares[at] as number) >= 0.5,
    })),
  )
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
