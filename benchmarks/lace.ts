import { circleAt } from '../packages/core/src/geometry/polyline.js'

/** Lace of `side` mm: round openings of 8 mm in a square, about 2 500 mm of line at 100 mm. */
export const laceOf = (side: number, throatMm: number): number[][] => {
  const count = Math.round(side / 10)
  const lines: number[][] = []
  for (let column = 0; column < count; column++)
    for (let row = 0; row < count; row++)
      lines.push(
        circleAt(
          40 + ((column + 0.5) * side) / count,
          throatMm / 2 - side / 2 + ((row + 0.5) * side) / count,
          3.98,
          0.02,
        ),
      )
  return lines
}
