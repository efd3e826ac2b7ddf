import { boxAround, heightOfBox, type Polyline, widthOf } from '@bold-heron/core'
import { pathData } from '@bold-heron/formats'

/** Points of a thumbnail in all: more cannot be told apart at its size. */
const MOST_POINTS = 1500
/** Share of the longer side that is left free around. */
const MARGIN = 0.04
/** The interface's ink; a picture knows nothing of the page it stands on. */
const INK = '#22303c'

/** A line with only as many of its points as can be told apart; its ends stay. */
const thinned = (line: Polyline, every: number): number[] => {
  const points = line.length / 2
  const kept: number[] = []
  for (let at = 0; at < points; at++)
    if (at % every === 0 || at === points - 1) kept.push(line[2 * at] as number, line[2 * at + 1] as number)
  return kept
}

/** A small drawing of a die's lines (SVG), true to shape; empty where it has none. */
export const thumbnailOf = (lines: readonly Polyline[]): string => {
  const box = boxAround(lines)
  if (!box) return ''
  const points = lines.reduce((sum, line) => sum + line.length / 2, 0)
  const every = Math.max(1, Math.ceil(points / MOST_POINTS))
  const margin = MARGIN * Math.max(widthOf(box), heightOfBox(box))
  const view = [box.fromX - margin, box.fromY - margin, widthOf(box) + 2 * margin, heightOfBox(box) + 2 * margin].map(
    (mm) => mm.toFixed(2),
  )
  const d = lines.map((line) => pathData(thinned(line, every))).join('')
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="${view.join(' ')}"><path d="${d}" fill="none" stroke="${INK}" stroke-width="1" vector-effect="non-scaling-stroke"/></svg>`
}
