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

/** How many of the other loops each closed loop lies inside; loops must not cross. */
export const depthsOf = (loops: readonly Polyline[]): number[] => {
  const boxes = loops.map((loop) => boxAround([loop]))
  return loops.map((loop, own) => {
    const box = boxes[own]
    return loops.reduce<number>((depth, other, at) => {
      const around = boxes[at]
      if (at === own || !box || !around || !encloses(around, box)) return depth
      return contains(other, loop[0] as number, loop[1] as number) ? depth + 1 : depth
    }, 0)
  })
}
