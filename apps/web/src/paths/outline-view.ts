import { boxAround, measureOutline, type OutlineMeasures, type Polyline } from '@bold-heron/core'
import { pathOfAll } from './line-path.js'

/** Lines ready to be shown: as one path, and what can be measured on them. Lengths in mm. */
export interface OutlineView {
  readonly d: string
  readonly box: { readonly x: number; readonly y: number; readonly width: number; readonly height: number }
  readonly measures: OutlineMeasures
}

/** Lines as they are shown and measured; undefined where there are none. */
export const viewOf = (lines: readonly Polyline[]): OutlineView | undefined => {
  const box = boxAround(lines)
  const measures = measureOutline(lines)
  if (!box || !measures) return undefined
  return {
    d: pathOfAll(lines),
    box: { x: box.fromX, y: box.fromY, width: box.toX - box.fromX, height: box.toY - box.fromY },
    measures,
  }
}
