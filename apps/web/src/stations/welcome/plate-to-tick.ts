import { type PressClass, type UsualPiece, usualPlate } from '@bold-heron/core'
import type { PlateInput } from '@bold-heron/schema'

/** A piece that is usual for a press, as it is asked for in the first minute; lengths in mm. */
export const plateToTick = (
  piece: UsualPiece,
  pressClass: PressClass,
  name: string,
): PlateInput & { ticked: boolean } => {
  const usual = usualPlate(piece, pressClass)
  return {
    ...usual,
    name,
    measuredBy: 'table',
    fullThicknessWidthMm: usual.widthMm,
    magnetic: false,
    reservedForSteel: false,
    faceA: 'fresh',
    faceB: 'fresh',
    note: '',
  }
}
