import type { Polyline } from './polyline.js'

/** The convex hull of points, closed. Source: Andrew's monotone chain. */
export const convexHull = (points: Polyline): number[] => {
  const sorted = Array.from(
    { length: points.length / 2 },
    (_, at) => [points[2 * at] as number, points[2 * at + 1] as number] as const,
  ).sort(([ax, ay], [bx, by]) => ax - bx || ay - by)
  const chain = (ordered: readonly (readonly [number, number])[]): (readonly [number, number])[] => {
    const kept: (readonly [number, number])[] = []
    for (const [x, y] of ordered) {
      for (;;) {
        const [last, before] = [kept.at(-1), kept.at(-2)]
        if (!last || !before) break
        const turn = (last[0] - before[0]) * (y - before[1]) - (last[1] - before[1]) * (x - before[0])
        if (turn > 0) break
        kept.pop()
      }
      kept.push([x, y])
    }
    return kept.slice(0, -1)
  }
  const hull = [...chain(sorted), ...chain([...sorted].reverse())]
  return [...hull, hull[0] ?? [0, 0]].flat()
}
