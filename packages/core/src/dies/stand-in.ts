import { circleAt } from '../geometry/polyline.js'
import { factsOfDieClass, type DieClass } from './classes/list.js'
import type { Outline } from './outline.js'
import { DENSEST_LINE_PER_MM2 } from './constants.js'

/** mm. How closely the stand-in's round shapes are drawn. */
const TOLERANCE_MM = 0.05
const roundedFrame = (lengthMm: number, widthMm: number): number[] => {
  const corner = Math.min(lengthMm, widthMm) * 0.2
  const line: number[] = []
  const corners = [
    [lengthMm - corner, widthMm - corner],
    [corner, widthMm - corner],
    [corner, corner],
    [lengthMm - corner, corner],
  ] as const
  corners.forEach(([x, y], quarter) => {
    const pieces = Math.max(3, Math.ceil(Math.PI / 4 / Math.acos(1 - Math.min(1, TOLERANCE_MM / corner))))
    for (let piece = 0; piece <= pieces; piece++) {
      const angle = ((quarter + piece / pieces) * Math.PI) / 2
      line.push(x + corner * Math.cos(angle), y + corner * Math.sin(angle))
    }
  })
  line.push(line[0] as number, line[1] as number)
  return line
}

/**
 * An honest stand-in for a die whose outline nobody has: a rounded frame as large as the die, filled with round openings
 * until its line is as dense as `laciness` (0…1) says. Good for forces and passes, not for where exactly it hangs.
 */
export const standInOutline = (dieClass: DieClass, lengthMm: number, widthMm: number, laciness: number): Outline => {
  const lines: number[][] = [roundedFrame(lengthMm, widthMm)]
  const share = factsOfDieClass(dieClass).cased ? laciness / 2 : laciness
  const wantedMm = share * DENSEST_LINE_PER_MM2 * lengthMm * widthMm
  if (wantedMm > 0) {
    // Openings of 7 mm for light lace down to 3.5 mm for dense; pitch from how much line is wanted.
    const radius = 3.5 - 1.75 * share
    const count = Math.max(1, Math.round(wantedMm / (2 * Math.PI * radius)))
    const aspect = lengthMm / widthMm
    const columns = Math.max(1, Math.round(Math.sqrt(count * aspect)))
    const rows = Math.max(1, Math.round(count / columns))
    const room = Math.min(lengthMm / (columns + 1), widthMm / (rows + 1)) / 2
    for (let column = 1; column <= columns; column++)
      for (let row = 1; row <= rows; row++)
        lines.push(
          circleAt(
            (lengthMm * column) / (columns + 1),
            (widthMm * row) / (rows + 1),
            Math.min(radius, room * 0.85),
            TOLERANCE_MM,
          ),
        )
  }
  return { source: 'stand-in', lines }
}
