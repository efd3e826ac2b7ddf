import { circleAt } from '../geometry/polyline.js'
import type { RollerFrame } from '../press/mechanics.js'
import type { PlacedDie } from '../press/nip/contact-cells.js'
import type { Pressing } from '../press/cut-simulation.js'

/** The small hand press of the press model's reference points. */
export const smallPress: RollerFrame = {
  rollerDiameterMm: 28,
  bearingSpanMm: 190,
  throatMm: 165,
  rollerModulusMPa: 205_000,
  frameStiffnessNPerMm: 8000,
}

/** A press that gives nowhere. */
export const stiffPress: RollerFrame = { ...smallPress, frameStiffnessNPerMm: Infinity, rollerModulusMPa: Infinity }

export const thinShape = { bladeHeightMm: 0.6, bodyStripMm: 2.5 }

export const thinDie = (lines: number[][]): PlacedDie => ({ lines, shape: thinShape, lowerMm: 0 })

export const beds = {
  pad: { indentStiffness: 110, softness: 0 },
  steel: { indentStiffness: 2000, softness: 0 },
  mat: { indentStiffness: 25, softness: 0.02 },
}

/** Card of the reference points: `base` mm of squeeze over `count` sheets of 0.30. */
export const cardOn = (bed: { indentStiffness: number; softness: number }, base: number, count = 1): Pressing => ({
  law: {
    sheetsMm: 0.3 * count,
    shearStrengthMPa: 40,
    wedgeRatio: 0.15,
    indentStiffness: bed.indentStiffness,
    squashModulusMPa: 3,
  },
  bedSoftness: bed.softness,
  squeezeMm: base + 0.3 * count,
})

/** A field of round openings in a square frame: lace of about `lineMm` per side², centred at (x, y). */
export const laceAt = (x: number, y: number, side: number, holes: number, radius: number): number[][] => {
  const half = side / 2
  const lines = [[x - half, y - half, x + half, y - half, x + half, y + half, x - half, y + half, x - half, y - half]]
  for (let column = 0; column < holes; column++)
    for (let row = 0; row < holes; row++)
      lines.push(
        circleAt(x - half + ((column + 0.5) * side) / holes, y - half + ((row + 0.5) * side) / holes, radius, 0.02),
      )
  return lines
}
