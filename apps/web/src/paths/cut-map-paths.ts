import { type LineMap, type LineState, lineStates } from '@bold-heron/core'

/** Part of a cut map in one state: its path, and its share of all line. */
interface StatePath {
  readonly d: string
  readonly share: number
}

export interface MapPaths {
  readonly byState: Readonly<Record<LineState, StatePath>>
  /** What is drawn, in drawing coordinates: x across the throat, y against the feed (so that the feed goes up), mm. */
  readonly box: { readonly x: number; readonly y: number; readonly width: number; readonly height: number }
}

/** µm are enough for a drawing. */
const written = (mm: number): string => mm.toFixed(3)

/** Where a place of the map is drawn. */
type Drawn = (x: number, y: number) => readonly [x: number, y: number]

/** Seen from above with the feed going up and the throat from left to right. */
const feedUp: Drawn = (x, y) => [y, -x]

/** The paths of a cut map, as seen at the press unless told otherwise. */
export const pathsOf = ({ points, starts, states }: LineMap, drawn: Drawn = feedUp): MapPaths => {
  const parts: Record<LineState, string[]> = { hanging: [], nearly: [], clean: [] }
  const lengths: Record<LineState, number> = { hanging: 0, nearly: 0, clean: 0 }
  let [fromX, toX, fromY, toY] = [Infinity, -Infinity, Infinity, -Infinity]
  states.forEach((state, chain) => {
    const name = lineStates[state] as LineState
    for (let at = starts[chain] as number; at < (starts[chain + 1] as number); at++) {
      const [x, y] = drawn(points[2 * at] as number, points[2 * at + 1] as number)
      const isFirst = at === starts[chain]
      parts[name].push(`${isFirst ? 'M' : 'L'}${written(x)} ${written(y)}`)
      if (!isFirst)
        lengths[name] += Math.hypot(
          (points[2 * at] as number) - (points[2 * at - 2] as number),
          (points[2 * at + 1] as number) - (points[2 * at - 1] as number),
        )
      fromX = Math.min(fromX, x)
      toX = Math.max(toX, x)
      fromY = Math.min(fromY, y)
      toY = Math.max(toY, y)
    }
  })
  const total = lengths.hanging + lengths.nearly + lengths.clean
  const pathOf = (name: LineState): StatePath => ({
    d: parts[name].join(''),
    share: total > 0 ? lengths[name] / total : 0,
  })
  return {
    byState: { hanging: pathOf('hanging'), nearly: pathOf('nearly'), clean: pathOf('clean') },
    box:
      total > 0 ? { x: fromX, y: fromY, width: toX - fromX, height: toY - fromY } : { x: 0, y: 0, width: 1, height: 1 },
  }
}
