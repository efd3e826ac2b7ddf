import { type Homography, mapped } from '../scan/homography.js'
import { blurred, type Gray, smaller } from './gray.js'
import { awayAt, type Distances, distanceTo, type Sign } from './light.js'
import type { Samples } from './samples.js'

/** Pixels of the longer side of the picture that poses are looked for in, and then made better in. */
const COARSE_PX = 170
const FINE_PX = 560
/** Pixels. Farther than this nothing pulls. */
const COARSE_MOST = 7
const FINE_MOST = 9
/** Lines are looked for everywhere, so specks would do harm: so many times the usual difference of a pixel from those around it is light. */
const SURE_LIGHT = 5
/** Greys. However still the picture is. */
const LEAST_LIGHT = 1.5
/** Which share of the picture's longer side the lines take up at the least and the most, and the ratio from one size to the next. */
const LEAST_SHARE = 0.3
const MOST_SHARE = 1.05
const SIZE_RATIO = 1.09
const TURN_DEG = 6
const SHIFT_PX = 4
const COARSE_SAMPLES = 70
/** Poses of each size that are made better, and how unlike they have to be. */
const KEPT = 4
const UNLIKE_DEG = 20
/** A second place that fits nearly as well: nobody can say which it is. */
const AS_GOOD = 1.35
/** Mean distance, as a share of the most, above which the lines lie on nothing. */
const LEAST_FIT = 0.6

const fieldOf = (gray: Gray, sign: Sign, most: number): Distances => {
  const soft = blurred(gray, 1)
  const around = blurred(soft, 6).values
  const differs = soft.values.map((value, at) => sign * (value - (around[at] as number)))
  const usual = Float32Array.from(differs, Math.abs).sort()[differs.length >> 1] as number
  const level = Math.max(LEAST_LIGHT, SURE_LIGHT * usual)
  return distanceTo({ ...gray, values: differs }, level, most)
}

/** The same so many times smaller, a pixel being light where any of those it stands for is: thin lines do not fade. */
const smallerField = ({ width, height, away }: Distances, times: number, most: number): Distances => {
  const [w, h] = [Math.ceil(width / times), Math.ceil(height / times)]
  const light = new Float32Array(w * h)
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++)
      if (away[y * width + x] === 0) light[Math.floor(y / times) * w + Math.floor(x / times)] = 1
  return distanceTo({ width: w, height: h, values: light }, 1, most)
}

/** A place of the lines in a picture: how many pixels a millimetre is, how they are turned, and where their middle lies. */
interface Pose {
  readonly scale: number
  readonly turnDeg: number
  readonly x: number
  readonly y: number
  readonly cost: number
}

/** The likeliest places, by trying them all. */
const posesIn = (field: Distances, points: Float64Array, sizeMm: number): Pose[] => {
  const longer = Math.max(field.width, field.height)
  const found: Pose[] = []
  const count = points.length / 2
  for (let share = LEAST_SHARE; share <= MOST_SHARE; share *= SIZE_RATIO) {
    const scale = (share * longer) / sizeMm
    const ofSize: Pose[] = []
    for (let turnDeg = 0; turnDeg < 360; turnDeg += TURN_DEG) {
      const [c, s] = [scale * Math.cos((turnDeg * Math.PI) / 180), scale * Math.sin((turnDeg * Math.PI) / 180)]
      const laid = new Float64Array(points.length)
      let [reachX, reachY] = [0, 0]
      for (let at = 0; at < count; at++) {
        const [x, y] = [points[2 * at] as number, points[2 * at + 1] as number]
        laid[2 * at] = c * x - s * y
        laid[2 * at + 1] = s * x + c * y
        reachX = Math.max(reachX, Math.abs(laid[2 * at] as number))
        reachY = Math.max(reachY, Math.abs(laid[2 * at + 1] as number))
      }
      let best: Pose | undefined
      for (
        let y = Math.min(field.height / 2, 0.9 * reachY);
        y <= Math.max(field.height / 2, field.height - 0.9 * reachY);
        y += SHIFT_PX
      )
        for (
          let x = Math.min(field.width / 2, 0.9 * reachX);
          x <= Math.max(field.width / 2, field.width - 0.9 * reachX);
          x += SHIFT_PX
        ) {
          // What lies worse already than the best of this turn is not added up to its end.
          const worse = best ? best.cost * count : Infinity
          let sum = 0
          for (let at = 0; at < count && sum < worse; at++)
            sum += awayAt(field, x + (laid[2 * at] as number), y + (laid[2 * at + 1] as number))
          if (sum < worse) best = { scale, turnDeg, x, y, cost: sum / count }
        }
      if (best) ofSize.push(best)
    }
    // What is small lies well in many places, so sizes do not compete.
    found.push(...ofSize.sort((a, b) => a.cost - b.cost).slice(0, KEPT))
  }
  return found
}

/** Solves eight equations in place (Gauss with pivots); false where they say too little. */
const solve = (matrix: number[][], right: number[]): boolean => {
  const n = right.length
  for (let column = 0; column < n; column++) {
    let pivot = column
    for (let row = column + 1; row < n; row++)
      if (Math.abs(matrix[row]![column]!) > Math.abs(matrix[pivot]![column]!)) pivot = row
    if (Math.abs(matrix[pivot]![column]!) < 1e-12) return false
    ;[matrix[column], matrix[pivot]] = [matrix[pivot]!, matrix[column]!]
    ;[right[column], right[pivot]] = [right[pivot]!, right[column]!]
    for (let row = 0; row < n; row++) {
      if (row === column) continue
      const factor = matrix[row]![column]! / matrix[column]![column]!
      for (let at = column; at < n; at++) matrix[row]![at]! -= factor * matrix[column]![at]!
      right[row]! -= factor * right[column]!
    }
  }
  for (let row = 0; row < n; row++) right[row]! /= matrix[row]![row]!
  return true
}

const costIn = (field: Distances, points: Float64Array, map: Homography): number => {
  let sum = 0
  for (let at = 0; at < points.length; at += 2) {
    const { x, y } = mapped(map, points[at] as number, points[at + 1] as number)
    sum += awayAt(field, x, y)
  }
  return (2 * sum) / points.length
}

/**
 * Moves a map so that points lie nearer to what stands out: Gauss and Newton on the distances, those that are farthest left out, with a little
 * weight that keeps it from running away. `free` of its numbers may change: six for a map without slant, eight with it.
 */
const better = (field: Distances, points: Float64Array, start: Homography, free: 6 | 8, rounds: number): Homography => {
  let now = start
  let cost = costIn(field, points, now)
  // Numbers of the map weigh as they move a point a millimetre from the middle.
  const sizes = [1, 1, 30, 1, 1, 30, 2e-3, 2e-3].slice(0, free)
  let damping = 0.05
  for (let round = 0; round < rounds; round++) {
    const matrix = Array.from({ length: free }, () => new Array<number>(free).fill(0))
    const right = new Array<number>(free).fill(0)
    for (let at = 0; at < points.length; at += 2) {
      const [px, py] = [points[at] as number, points[at + 1] as number]
      const w = now[6] * px + now[7] * py + 1
      const { x, y } = mapped(now, px, py)
      const away = awayAt(field, x, y)
      if (away >= field.most - 1e-6) continue
      const gx = (awayAt(field, x + 1, y) - awayAt(field, x - 1, y)) / 2
      const gy = (awayAt(field, x, y + 1) - awayAt(field, x, y - 1)) / 2
      const slope = [px / w, py / w, 1 / w]
      const row = [
        gx * slope[0]!,
        gx * slope[1]!,
        gx * slope[2]!,
        gy * slope[0]!,
        gy * slope[1]!,
        gy * slope[2]!,
        -(gx * x + gy * y) * slope[0]!,
        -(gx * x + gy * y) * slope[1]!,
      ]
      for (let one = 0; one < free; one++) {
        const scaled = row[one]! * sizes[one]!
        right[one]! -= scaled * away
        for (let other = 0; other < free; other++) matrix[one]![other]! += scaled * row[other]! * sizes[other]!
      }
    }
    for (let one = 0; one < free; one++) matrix[one]![one]! *= 1 + damping
    if (!solve(matrix, right)) return now
    const next = now.map((value, at) => value + (at < free ? right[at]! * sizes[at]! : 0)) as unknown as Homography
    const after = costIn(field, points, next)
    if (after < cost) [now, cost, damping] = [next, after, damping / 2]
    else damping *= 4
    if (damping > 1e4) break
  }
  return now
}

/** A map may be so much larger one way than the other, and at one place than at another, at the slants that photos are taken at. */
const MOST_UNEVEN = 1.7

/** Whether a map shows lines as a photo would, and does not fold them onto an edge that is in the picture. */
const isSane = (map: Homography, points: Float64Array): boolean => {
  let [least, most] = [Infinity, 0]
  for (let at = 0; at < points.length; at += 2 * Math.ceil(points.length / 40)) {
    const [x, y] = [points[at] as number, points[at + 1] as number]
    const here = mapped(map, x, y)
    const along = mapped(map, x + 0.5, y)
    const down = mapped(map, x, y + 0.5)
    const [ax, ay, dx, dy] = [along.x - here.x, along.y - here.y, down.x - here.x, down.y - here.y]
    // The map's stretches there, longest and shortest, from its area and its lengths.
    const area = Math.abs(ax * dy - ay * dx)
    const lengths = ax * ax + ay * ay + dx * dx + dy * dy
    const spread = Math.sqrt(Math.max(0, lengths * lengths - 4 * area * area))
    most = Math.max(most, Math.sqrt((lengths + spread) / 2))
    least = Math.min(least, Math.sqrt(Math.max(0, (lengths - spread) / 2)))
  }
  return least > 0 && most / least < MOST_UNEVEN
}

const turnOf = ([a, , , d]: Homography): number => (Math.atan2(d, a) * 180) / Math.PI

const apartDeg = (one: number, other: number): number => Math.abs(((one - other + 540) % 360) - 180)

interface Placed {
  readonly map: Homography
  readonly cost: number
}

/** So many places that are unlike one another are looked at closely. */
const LOOKED_AT = 4

/** The best of some places, each turned otherwise than those before it or lying elsewhere. */
const unlikeOf = (places: readonly Placed[]): Placed[] => {
  const kept: Placed[] = []
  for (const each of places) {
    const isNew = kept.every(
      ({ map }) =>
        apartDeg(turnOf(map), turnOf(each.map)) > UNLIKE_DEG ||
        Math.hypot(map[2] - each.map[2], map[5] - each.map[5]) > 2 * FINE_MOST,
    )
    if (isNew) kept.push(each)
    if (kept.length === LOOKED_AT) break
  }
  return kept
}

/** Points of lines about their middle, so many at the most; only of lines that are named, where any are. */
const pointsOf = (
  { x, y, line, count, middle: [mx, my] }: Samples,
  most: number,
  named?: ReadonlySet<number>,
): Float64Array => {
  const its = [...x.keys()].filter((at) => at < count && (!named || named.has(line[at] as number)))
  const every = Math.max(1, Math.ceil(its.length / most))
  return Float64Array.from(
    its.filter((_, at) => at % every === 0).flatMap((at) => [(x[at] as number) - mx, (y[at] as number) - my]),
  )
}

/** A line as long as this share of the longest is looked for first: hundreds of small openings alike lie on each other in many ways. */
const LONG_SHARE = 0.4

const longLines = ({ line }: Samples): ReadonlySet<number> => {
  const counts = new Map<number, number>()
  for (const each of line) counts.set(each, (counts.get(each) ?? 0) + 1)
  const longest = Math.max(...counts.values())
  return new Set([...counts].flatMap(([each, count]) => (count >= LONG_SHARE * longest ? [each] : [])))
}

/** Places of the picture that stand out, a few thousand of them. */
const lightIn = ({ away, width }: Distances): Float64Array => {
  const light: number[] = []
  away.forEach((mm, at) => {
    if (mm === 0) light.push((at % width) + 0.5, Math.floor(at / width) + 0.5)
  })
  const every = Math.max(1, Math.ceil(light.length / 2 / 3000))
  return Float64Array.from(light.filter((_, at) => Math.floor(at / 2) % every === 0))
}

/** Mean distance of what stands out to the lines, pixels: what of the picture a place of them leaves unexplained. */
const leftOver = (field: Distances, light: Float64Array, points: Float64Array, map: Homography): number => {
  const drawn = new Float32Array(field.away.length)
  for (let at = 0; at < points.length; at += 2) {
    const { x, y } = mapped(map, points[at] as number, points[at + 1] as number)
    const [px, py] = [Math.floor(x), Math.floor(y)]
    if (px >= 0 && py >= 0 && px < field.width && py < field.height) drawn[py * field.width + px] = 1
  }
  const { away } = distanceTo({ width: field.width, height: field.height, values: drawn }, 1, field.most)
  let sum = 0
  for (let at = 0; at < light.length; at += 2)
    sum += away[Math.floor(light[at + 1] as number) * field.width + Math.floor(light[at] as number)] as number
  return light.length > 0 ? (2 * sum) / light.length : field.most
}

/**
 * Finds the lines in a picture by themselves, where no corner of the sheet is in it: the map from places on the sheet, mm, to pixels. Undefined
 * where they lie on nothing, or where another way round fits as well, as with an outline that looks the same from several sides.
 */
export const placeByOutline = (whole: Gray, samples: Samples, sign: Sign): Homography | undefined => {
  if (samples.count === 0) return undefined
  const longer = Math.max(whole.width, whole.height)
  const fineTimes = Math.max(1, Math.round(longer / FINE_PX))
  const fine = fieldOf(smaller(whole, fineTimes), sign, FINE_MOST)
  const zoom = Math.max(1, Math.round(Math.max(fine.width, fine.height) / COARSE_PX))
  const coarse = smallerField(fine, zoom, COARSE_MOST)
  const long = longLines(samples)
  const poses = posesIn(coarse, pointsOf(samples, COARSE_SAMPLES, long), samples.longerMm)
  const [outer, points, every] = [pointsOf(samples, 400, long), pointsOf(samples, 600), pointsOf(samples, Infinity)]
  const light = lightIn(fine)
  const near = poses.flatMap(({ scale, turnDeg, x, y }) => {
    const size = zoom * scale
    const [c, s] = [size * Math.cos((turnDeg * Math.PI) / 180), size * Math.sin((turnDeg * Math.PI) / 180)]
    const flat = better(fine, outer, [c, -s, zoom * x, s, c, zoom * y, 0, 0], 6, 8)
    const map = better(fine, outer, flat, 8, 10)
    return isSane(map, points) ? [{ map, cost: costIn(fine, outer, map) }] : []
  })
  near.sort((a, b) => a.cost - b.cost)
  const found = unlikeOf(near).map(({ map: start }) => {
    const map = better(fine, points, start, 8, 8)
    return { map, cost: costIn(fine, points, map) + leftOver(fine, light, every, map) }
  })
  found.sort((a, b) => a.cost - b.cost)
  const [best, ...others] = found
  if (!best || best.cost > LEAST_FIT * FINE_MOST) return undefined
  const other = others.find(({ map }) => apartDeg(turnOf(map), turnOf(best.map)) > UNLIKE_DEG)
  if (other && other.cost < AS_GOOD * best.cost) return undefined
  const [a, b, c, d, e, f, g, h] = best.map
  // From the sheet's corner rather than from the middle of the lines, and onto the picture as large as it is.
  const [mx, my] = samples.middle
  const at = 1 - g * mx - h * my
  const times = fineTimes / at
  return [
    a * times,
    b * times,
    (c - a * mx - b * my) * times,
    d * times,
    e * times,
    (f - d * mx - e * my) * times,
    g / at,
    h / at,
  ]
}
