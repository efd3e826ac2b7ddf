import { type Die, laidStretches, linesLaid, partAlong, type Polyline } from '@bold-heron/core'
import { pathOf } from './line-path.js'

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

/** A line as it is drawn: the feed goes up. */
const drawnLine = (line: Polyline): number[] =>
  Array.from(line, (_, at) => (at % 2 === 0 ? line[at + 1] : -(line[at - 1] as number)) as number)

/** The stretches of dies as they lie in a press with a throat so wide, mm; in the order of `stretchesOf`. */
export const stretchPaths = (dies: readonly Die[], throatMm: number): StretchPaths => {
  const lines = linesLaid(dies, throatMm)
  const { stretches, middles } = laidStretches(dies, lines)
  const drawn = stretches.map(({ die, line, fromMm, toMm }, at) => ({
    d: pathOf(drawnLine(partAlong(lines[die]?.[line] ?? [], fromMm, toMm))),
    x: middles[2 * at + 1] as number,
    y: -(middles[2 * at] as number),
  }))
  const xs = drawn.map(({ x }) => x)
  const ys = drawn.map(({ y }) => y)
  const [x, y] = [Math.min(...xs), Math.min(...ys)]
  return {
    lines: lines.flat().map(drawnLine),
    stretches: drawn,
    box:
      drawn.length > 0
        ? { x, y, width: Math.max(...xs) - x, height: Math.max(...ys) - y }
        : { x: 0, y: 0, width: 1, height: 1 },
  }
}
