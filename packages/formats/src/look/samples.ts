import { boxAround, heightOfBox, lengthOf, middleOf, placesAlong, type Polyline, widthOf } from '@bold-heron/core'

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
  /** mm. The middle of the box around them all, and its longer side. */
  readonly middle: readonly [number, number]
  readonly longerMm: number
}

/** Places every half millimetre along lines, in the middle of their stretch. */
export const samplesAlong = (lines: readonly Polyline[]): Samples => {
  const found = lines.flatMap((points, line) => {
    const total = lengthOf(points)
    if (total === 0) return []
    const count = Math.max(1, Math.round(total / SAMPLE_MM))
    const aims = Array.from({ length: count }, (_, at) => ((at + 0.5) * total) / count)
    return placesAlong(points, aims).map((place, at) => ({ ...place, line, atMm: aims[at] as number }))
  })
  const box = boxAround([found.flatMap(({ x, y }) => [x, y])])
  return {
    count: found.length,
    x: Float64Array.from(found, ({ x }) => x),
    y: Float64Array.from(found, ({ y }) => y),
    acrossX: Float64Array.from(found, ({ alongY }) => -alongY),
    acrossY: Float64Array.from(found, ({ alongX }) => alongX),
    line: Int32Array.from(found, ({ line }) => line),
    atMm: Float64Array.from(found, ({ atMm }) => atMm),
    middle: box ? middleOf(box) : [0, 0],
    longerMm: box ? Math.max(widthOf(box), heightOfBox(box)) : 0,
  }
}
