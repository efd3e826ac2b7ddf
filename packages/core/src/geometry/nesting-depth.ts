import { type Box, boxAround } from './box.js'
import type { Polyline } from './polyline.js'

/** Whether a point lies inside a closed polyline (even-odd rule; a point on the line may go either way). */
export const contains = (loop: Polyline, x: number, y: number): boolean => {
  let inside = false
  for (let at = 2; at + 1 < loop.length; at += 2) {
    const ax = loop[at - 2] as number
    const ay = loop[at - 1] as number
    const bx = loop[at] as number
    const by = loop[at + 1] as number
    if (ay > y !== by > y && x < ((bx - ax) * (y - ay)) / (by - ay) + ax) inside = !inside
  }
  return inside
}

const encloses = (outer: Box, inner: Box): boolean =>
  outer.fromX <= inner.fromX && outer.fromY <= inner.fromY && outer.toX >= inner.toX && outer.toY >= inner.toY

/** A loop by its place among all, with the box around it. */
interface BoxedLoop {
  readonly at: number
  readonly loop: Polyline
  readonly box: Box
}

/**
 * How many of the other loops each closed loop lies inside; loops must not cross. Loops are met from left to right, and each is held
 * against those only that have begun and not yet ended there.
 */
export const depthsOf = (loops: readonly Polyline[]): number[] => {
  const depths = loops.map(() => 0)
  const byStart = new Map<number, BoxedLoop[]>()
  for (const [at, loop] of loops.entries()) {
    const box = boxAround([loop])
    if (!box) continue
    const beside = byStart.get(box.fromX)
    if (beside) beside.push({ at, loop, box })
    else byStart.set(box.fromX, [{ at, loop, box }])
  }
  let open: BoxedLoop[] = []
  for (const [fromX, begun] of [...byStart].sort(([one], [other]) => one - other)) {
    // Those that begin at the same place may lie in one another.
    open = [...open.filter(({ box }) => box.toX >= fromX), ...begun]
    for (const inner of begun)
      depths[inner.at] = open.filter(
        (outer) =>
          outer !== inner &&
          encloses(outer.box, inner.box) &&
          contains(outer.loop, inner.loop[0] as number, inner.loop[1] as number),
      ).length
  }
  return depths
}
