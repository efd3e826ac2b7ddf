import { boxAround } from './box.js'
import { contains } from './nesting-depth.js'
import { lengthOf, type Polyline } from './polyline.js'

/** Part of the plane: what lies in any of some closed polylines. */
export type Region = readonly Polyline[]

/** Whether a point lies in a region. */
export const isInRegion = (region: Region, x: number, y: number): boolean => region.some((loop) => contains(loop, x, y))

/** Part of a polyline that lies wholly in a region, or wholly outside it. */
export interface LinePart {
  readonly line: readonly number[]
  readonly inside: boolean
}

/** mm. Stretches shorter than this are rounding at a crossing and go with the stretch before. */
const LEAST_STRETCH_MM = 1e-7

/** Where a straight piece crosses the edges of a region, as shares 0…1 of it, in order. */
const crossings = (region: Region, ax: number, ay: number, bx: number, by: number): number[] => {
  const found: number[] = []
  for (const loop of region)
    for (let at = 2; at + 1 < loop.length; at += 2) {
      const cx = loop[at - 2] as number
      const cy = loop[at - 1] as number
      const dx = (loop[at] as number) - cx
      const dy = (loop[at + 1] as number) - cy
      const cross = (bx - ax) * dy - (by - ay) * dx
      if (cross === 0) continue
      const t = ((cx - ax) * dy - (cy - ay) * dx) / cross
      const u = ((cx - ax) * (by - ay) - (cy - ay) * (bx - ax)) / cross
      if (t > 0 && t < 1 && u >= 0 && u <= 1) found.push(t)
    }
  return found.sort((one, other) => one - other)
}

/**
 * Splits a polyline where it enters and leaves a region. The stretches in their order make up the line: nothing is in two of
 * them, nothing is lost. A closed line that crosses the edge gives stretches that run over its first point.
 */
export const splitByRegion = (line: Polyline, region: Region): LinePart[] => {
  const stretches: { line: number[]; inside: boolean }[] = []
  const boxes = region.map((loop) => boxAround([loop]))
  const box = boxAround([line])
  const near = region.filter((_, at) => {
    const other = boxes[at]
    return (
      box &&
      other &&
      box.fromX <= other.toX &&
      box.toX >= other.fromX &&
      box.fromY <= other.toY &&
      box.toY >= other.fromY
    )
  })
  const add = (ax: number, ay: number, bx: number, by: number): void => {
    const last = stretches.at(-1)
    const short = Math.hypot(bx - ax, by - ay) < LEAST_STRETCH_MM
    const inside = short && last ? last.inside : isInRegion(near, (ax + bx) / 2, (ay + by) / 2)
    if (last?.inside === inside) last.line.push(bx, by)
    else stretches.push({ line: [ax, ay, bx, by], inside })
  }
  for (let at = 2; at + 1 < line.length; at += 2) {
    const [ax, ay, bx, by] = [line[at - 2], line[at - 1], line[at], line[at + 1]] as [number, number, number, number]
    let [fromX, fromY] = [ax, ay]
    for (const share of crossings(near, ax, ay, bx, by)) {
      const [x, y] = [ax + share * (bx - ax), ay + share * (by - ay)]
      add(fromX, fromY, x, y)
      ;[fromX, fromY] = [x, y]
    }
    add(fromX, fromY, bx, by)
  }
  const [first, last] = [stretches[0], stretches.at(-1)]
  const closed = line[0] === line[line.length - 2] && line[1] === line[line.length - 1]
  if (closed && first && last && first !== last && first.inside === last.inside) {
    last.line.push(...first.line.slice(2))
    stretches.shift()
  }
  return stretches.filter((stretch) => lengthOf(stretch.line) > 0)
}
