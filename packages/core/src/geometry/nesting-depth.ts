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

/**
 * How many of the other loops each closed loop lies inside; loops must not cross. Loops are met from left to right, and each is held
 * against those only that have begun and not yet ended there.
 */
export const depthsOf = (loops: readonly Polyline[]): number[] => {
  const depths = loops.map(() => 0)
  const boxed = loops
    .flatMap((loop, at) => {
      const box = boxAround([loop])
      return box ? [{ loop, at, box }] : []
    })
    .sort((one, other) => one.box.fromX - other.box.fromX)
  let open: typeof boxed = []
  for (let at = 0; at < boxed.length;) {
    const fromX = (boxed[at] as (typeof boxed)[number]).box.fromX
    open = open.filter(({ box }) => box.toX >= fromX)
    // Those that begin at the same place may lie in one another.
    const begun = at
    while (at < boxed.length && (boxed[at] as (typeof boxed)[number]).box.fromX === fromX)
      open.push(boxed[at++] as (typeof boxed)[number])
    for (const inner of boxed.slice(begun, at))
      for (const outer of open)
        if (outer !== inner && encloses(outer.box, inner.box))
          if (contains(outer.loop, inner.loop[0] as number, inner.loop[1] as number))
            depths[inner.at] = (depths[inner.at] as number) + 1
  }
  return depths
}
