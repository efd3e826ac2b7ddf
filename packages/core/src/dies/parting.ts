import { placesAlong } from '../geometry/along.js'
import { contains, depthsOf } from '../geometry/nesting-depth.js'
import { isClosed, lengthOf, type Polyline, signedAreaOf } from '../geometry/polyline.js'
import { isInRegion } from '../geometry/region.js'
import { MOST_PLACES, LEAST_STEP_MM, NECK_SHARE, LEAST_NECK_MM, LEAST_PART, LEAST_DETOUR } from './constants.js'

/** Where a piece of several connected parts is snipped: from one place of its edge straight to another, mm in the drawing. */
export interface PartingPlace {
  readonly from: readonly [xMm: number, yMm: number]
  readonly to: readonly [xMm: number, yMm: number]
  readonly acrossMm: number
}

interface Candidate extends PartingPlace {
  /** Where on the edge, by the places in their order. */
  readonly at: readonly [number, number]
  /** Its width beside the smaller part; less is a clearer neck. */
  readonly share: number
}

/** An edge at even steps, and twice the area swept from its first place up to each, for areas of any part. */
const placesOn = (edge: Polyline) => {
  const length = lengthOf(edge)
  const count = Math.max(8, Math.min(MOST_PLACES, Math.floor(length / LEAST_STEP_MM)))
  const points = placesAlong(
    edge,
    Array.from({ length: count }, (_, at) => (at * length) / count),
  ).map(({ x, y }): PartingPlace['from'] => [x, y])
  const swept = [0]
  points.forEach(([x, y], at) => {
    const [nextX, nextY] = points[(at + 1) % count] as PartingPlace['from']
    swept.push((swept[at] as number) + x * nextY - nextX * y)
  })
  return { points, swept, stepMm: length / count }
}

/** Whether the straight way between two places of an edge lies in the piece, across no hole of it. */
const isWithin = (
  edge: Polyline,
  holes: readonly Polyline[],
  [ax, ay]: readonly number[],
  [bx, by]: readonly number[],
) =>
  [0.1, 0.3, 0.5, 0.7, 0.9].every((share) => {
    const x = (ax as number) + share * ((bx as number) - (ax as number))
    const y = (ay as number) + share * ((by as number) - (ay as number))
    return contains(edge, x, y) && !isInRegion(holes, x, y)
  })

const clearestFirst = (a: Candidate, b: Candidate): number => a.share - b.share || a.acrossMm - b.acrossMm

const necksOf = (edge: Polyline, holes: readonly Polyline[]): Candidate[] => {
  const { points, swept, stepMm } = placesOn(edge)
  const count = points.length
  const whole = Math.abs(swept[count] as number) / 2
  const found: Candidate[] = []
  for (let one = 0; one < count; one++)
    for (let other = one + 2; other < count; other++) {
      const [from, to] = [points[one], points[other]] as [PartingPlace['from'], PartingPlace['to']]
      const acrossMm = Math.hypot(to[0] - from[0], to[1] - from[1])
      const roundMm = stepMm * Math.min(other - one, count - other + one)
      if (acrossMm < LEAST_NECK_MM || roundMm < LEAST_DETOUR * acrossMm) continue
      // The part's edge closed by the way across (shoelace formula).
      const part = Math.abs((swept[other] as number) - (swept[one] as number) + to[0] * from[1] - from[0] * to[1]) / 2
      const smaller = Math.min(part, whole - part)
      if (smaller < LEAST_PART * whole) continue
      const share = acrossMm / Math.sqrt((4 * smaller) / Math.PI)
      if (share < NECK_SHARE) found.push({ from, to, acrossMm, at: [one, other], share })
    }
  found.sort(clearestFirst)
  const kept: Candidate[] = []
  /** Places of one neck lie beside one another on both of its sides, or cross. */
  const isApart = (each: Candidate, other: Candidate): boolean => {
    const inside = ({ at: [a, b] }: Candidate, place: number): boolean => place > a && place < b
    if (inside(other, each.at[0]) !== inside(other, each.at[1])) return false
    const away = (a: number, b: number): number => stepMm * Math.min(Math.abs(a - b), count - Math.abs(a - b))
    const [[a, b], [c, d]] = [each.at, other.at]
    const near = Math.min(Math.max(away(a, c), away(b, d)), Math.max(away(a, d), away(b, c)))
    return near > 2 * Math.max(each.acrossMm, other.acrossMm) + 4 * stepMm
  }
  for (const each of found)
    if (kept.every((other) => isApart(each, other)) && isWithin(edge, holes, each.from, each.to)) kept.push(each)
  return kept
}

/**
 * Where a collage of connected pieces is parted: the necks between its parts, narrowest for their parts first. `lines` are a die's cutting
 * lines, mm, and `pieces` how many it is said to give of a sheet. As many places are told as pieces still hang together: a bird's wings or a bow
 * have necks too, and are one piece; what is open, or of one part, is parted nowhere.
 */
export const partingPlaces = (lines: readonly Polyline[], pieces: number): PartingPlace[] => {
  const loops = lines.filter((line) => isClosed(line) && Math.abs(signedAreaOf(line)) > 1)
  const depths = depthsOf(loops)
  const inner = loops.filter((_, at) => depths[at] !== 0)
  const outer = loops.filter((_, at) => depths[at] === 0)
  const hanging = pieces - outer.length
  if (hanging <= 0) return []
  return outer
    .flatMap((edge) =>
      necksOf(
        edge,
        inner.filter((loop) => contains(edge, loop[0] as number, loop[1] as number)),
      ),
    )
    .sort(clearestFirst)
    .slice(0, hanging)
    .map(({ from, to, acrossMm }) => ({ from, to, acrossMm }))
}
