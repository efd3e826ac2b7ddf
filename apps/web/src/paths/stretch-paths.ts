import { type Die, layOutDies, middlesOf, placeLines, type Polyline, stretchesOf } from '@bold-heron/core'

/** A stretch of a die's line ready to be drawn and touched: the feed goes up, the throat from left to right; lengths in mm. */
interface StretchPath {
  readonly d: string
  /** Its middle. */
  readonly x: number
  readonly y: number
}

export interface StretchPaths {
  /** The lines whole, die by die, as they are drawn. */
  readonly lines: readonly Polyline[]
  readonly stretches: readonly StretchPath[]
  readonly box: { readonly x: number; readonly y: number; readonly width: number; readonly height: number }
}

/** µm are enough for a drawing. */
const written = (x: number, y: number): string => `${y.toFixed(3)} ${(-x).toFixed(3)}`

/** A part of a line, by mm from its first point. */
const partOf = (line: Polyline, fromMm: number, toMm: number): string => {
  const found: string[] = []
  let walkedMm = 0
  for (let at = 2; at + 1 < line.length; at += 2) {
    const [x0, y0, x1, y1] = [line[at - 2], line[at - 1], line[at], line[at + 1]] as [number, number, number, number]
    const pieceMm = Math.hypot(x1 - x0, y1 - y0)
    const from = Math.max(0, (fromMm - walkedMm) / pieceMm)
    const to = Math.min(1, (toMm - walkedMm) / pieceMm)
    if (pieceMm > 0 && from < to) {
      if (found.length === 0) found.push(`M${written(x0 + from * (x1 - x0), y0 + from * (y1 - y0))}`)
      found.push(`L${written(x0 + to * (x1 - x0), y0 + to * (y1 - y0))}`)
    }
    walkedMm += pieceMm
    if (walkedMm >= toMm) break
  }
  return found.join('')
}

/** The stretches of dies as they lie in a press with a throat so wide, mm; in the order of `stretchesOf`. */
export const stretchPaths = (dies: readonly Die[], throatMm: number): StretchPaths => {
  const poses = layOutDies(dies, throatMm, 0)
  const lines = dies.map((die, at) => placeLines(die.outline.lines, poses[at] as (typeof poses)[number]))
  const stretches = stretchesOf(dies)
  const middles = middlesOf(stretches, lines)
  const drawn = stretches.map(({ die, line, fromMm, toMm }, at) => ({
    d: partOf(lines[die]?.[line] ?? [], fromMm, toMm),
    x: middles[2 * at + 1] as number,
    y: -(middles[2 * at] as number),
  }))
  const xs = drawn.map(({ x }) => x)
  const ys = drawn.map(({ y }) => y)
  const [x, y] = [Math.min(...xs), Math.min(...ys)]
  return {
    lines: lines
      .flat()
      .map((line) => line.map((_, at) => (at % 2 === 0 ? line[at + 1] : -(line[at - 1] as number)) as number)),
    stretches: drawn,
    box:
      drawn.length > 0
        ? { x, y, width: Math.max(...xs) - x, height: Math.max(...ys) - y }
        : { x: 0, y: 0, width: 1, height: 1 },
  }
}
