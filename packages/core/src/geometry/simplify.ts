import { isClosed, type Polyline } from './polyline.js'

/** How far a point lies from a segment. */
const distanceTo = (px: number, py: number, ax: number, ay: number, bx: number, by: number): number => {
  const [dx, dy] = [bx - ax, by - ay]
  const squared = dx * dx + dy * dy
  const t = squared === 0 ? 0 : Math.max(0, Math.min(1, ((px - ax) * dx + (py - ay) * dy) / squared))
  return Math.hypot(px - ax - t * dx, py - ay - t * dy)
}

/**
 * A polyline with fewer points, none of which it strays from by more than `tolerance`; a closed one stays closed. Source: Ramer, Douglas
 * and Peucker's method, without recursion.
 */
export const simplified = (line: Polyline, tolerance: number): number[] => {
  const count = line.length / 2
  if (count < 3) return [...line]
  const kept = new Uint8Array(count)
  const x = (at: number): number => line[2 * at] as number
  const y = (at: number): number => line[2 * at + 1] as number
  kept[0] = kept[count - 1] = 1
  const spans: [number, number][] = []
  if (isClosed(line)) {
    // A loop begins where it ends: it is parted at the point that is farthest from there.
    let far = 0
    let most = -1
    for (let at = 1; at < count - 1; at++) {
      const apart = Math.hypot(x(at) - x(0), y(at) - y(0))
      if (apart > most) [far, most] = [at, apart]
    }
    kept[far] = 1
    spans.push([0, far], [far, count - 1])
  } else spans.push([0, count - 1])
  for (let span = spans.pop(); span; span = spans.pop()) {
    const [from, to] = span
    let far = -1
    let most = tolerance
    for (let at = from + 1; at < to; at++) {
      const apart = distanceTo(x(at), y(at), x(from), y(from), x(to), y(to))
      if (apart > most) [far, most] = [at, apart]
    }
    if (far < 0) continue
    kept[far] = 1
    spans.push([from, far], [far, to])
  }
  const few: number[] = []
  for (let at = 0; at < count; at++) if (kept[at]) few.push(x(at), y(at))
  return few
}
