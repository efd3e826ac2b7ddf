import { lengthOf, type Polyline } from '@bold-heron/core'

/** mm. Along every line something is looked at so often. Diagnosis notes. */
export const SAMPLE_MM = 0.5

/** Places along lines, mm on the sheet as seen in the picture, with the direction across the line there. */
export interface Samples {
  readonly count: number
  readonly x: Float64Array
  readonly y: Float64Array
  readonly acrossX: Float64Array
  readonly acrossY: Float64Array
  readonly line: Int32Array
  /** mm from the line's first point. */
  readonly atMm: Float64Array
}

/** Places every half millimetre along lines, in the middle of their stretch. */
export const samplesAlong = (lines: readonly Polyline[]): Samples => {
  const found: number[][] = []
  lines.forEach((line, which) => {
    const total = lengthOf(line)
    const count = Math.max(1, Math.round(total / SAMPLE_MM))
    let at = 2
    let walkedMm = 0
    for (let sample = 0; sample < count && total > 0; sample++) {
      const aimMm = ((sample + 0.5) * total) / count
      for (; at + 1 < line.length; at += 2) {
        const [x0, y0, x1, y1] = [line[at - 2], line[at - 1], line[at], line[at + 1]] as [
          number,
          number,
          number,
          number,
        ]
        const pieceMm = Math.hypot(x1 - x0, y1 - y0)
        if (walkedMm + pieceMm >= aimMm || at + 3 >= line.length) {
          const share = pieceMm > 0 ? Math.min(1, (aimMm - walkedMm) / pieceMm) : 0
          const [dx, dy] = pieceMm > 0 ? [(x1 - x0) / pieceMm, (y1 - y0) / pieceMm] : [1, 0]
          found.push([x0 + share * (x1 - x0), y0 + share * (y1 - y0), -dy, dx, which, aimMm])
          break
        }
        walkedMm += pieceMm
      }
    }
  })
  const column = (which: number) => Float64Array.from(found, (each) => each[which] as number)
  return {
    count: found.length,
    x: column(0),
    y: column(1),
    acrossX: column(2),
    acrossY: column(3),
    line: Int32Array.from(found, (each) => each[4] as number),
    atMm: column(5),
  }
}
