import type { Pixel } from '../scan/homography.js'
import { thresholdOf } from '../scan/picture.js'
import { blurred, type Gray } from './gray.js'

/** The four corners of a sheet in a picture: top left, top right, bottom right, bottom left as it is seen. */
export type Corners = readonly [Pixel, Pixel, Pixel, Pixel]

/** A straight edge of the sheet: x·cos + y·sin = away, and how many pixels of its outline lie on it. */
interface Edge {
  readonly angle: number
  readonly away: number
  readonly count: number
}

const ANGLES = 360
/** Pixels of the small picture that an outline pixel may lie off its edge. */
const NEAR = 2
/** An edge must hold this share of the sheet's longer side to be one. */
const LEAST_SHARE = 0.15

/** Whether a pixel is the sheet's and not the ground's, of the largest piece only. */
const sheetMask = (gray: Gray, isSheetDark: boolean): Uint8Array => {
  const soft = blurred(gray, 1)
  const level = thresholdOf(soft.values)
  const { width, height, values } = soft
  const is = Uint8Array.from(values, (value) => (value < level === isSheetDark ? 1 : 0))
  const piece = new Int32Array(is.length).fill(-1)
  let best = -1
  let bestSize = 0
  const queue = new Int32Array(is.length)
  let name = 0
  let tail = 0
  const take = (at: number) => {
    if (!is[at] || piece[at] !== -1) return
    piece[at] = name
    queue[tail++] = at
  }
  for (let seed = 0; seed < is.length; seed++) {
    if (!is[seed] || piece[seed] !== -1) continue
    tail = 0
    take(seed)
    for (let head = 0; head < tail; head++) {
      const at = queue[head] as number
      const x = at % width
      if (x > 0) take(at - 1)
      if (x < width - 1) take(at + 1)
      if (at >= width) take(at - width)
      if (at < width * (height - 1)) take(at + width)
    }
    if (tail > bestSize) [best, bestSize] = [name, tail]
    name++
  }
  return Uint8Array.from(piece, (name) => (name === best ? 1 : 0))
}

/** The outermost pixels of a piece, seen from each side of the picture, but for those at the picture's own edge. */
const outlineOf = (mask: Uint8Array, width: number, height: number): Pixel[] => {
  const found: Pixel[] = []
  const add = (x: number, y: number) => {
    if (x > 1 && y > 1 && x < width - 2 && y < height - 2) found.push({ x: x + 0.5, y: y + 0.5 })
  }
  for (let y = 0; y < height; y++) {
    let [from, to] = [-1, -1]
    for (let x = 0; x < width; x++)
      if (mask[y * width + x]) {
        if (from === -1) from = x
        to = x
      }
    if (from === -1) continue
    add(from, y)
    add(to, y)
  }
  for (let x = 0; x < width; x++) {
    let [from, to] = [-1, -1]
    for (let y = 0; y < height; y++)
      if (mask[y * width + x]) {
        if (from === -1) from = y
        to = y
      }
    if (from === -1) continue
    add(x, from)
    add(x, to)
  }
  return found
}

/** The straight line through most of some points (a Hough transform, one line at a time), fitted to those near it. */
const strongest = (points: readonly Pixel[], reach: number): Edge | undefined => {
  const most = Math.ceil(reach)
  const votes = new Uint16Array(ANGLES * (2 * most + 1))
  const [cosines, sines] = [Math.cos, Math.sin].map((of) =>
    Float64Array.from({ length: ANGLES }, (_, turn) => of((Math.PI * turn) / ANGLES)),
  ) as [Float64Array, Float64Array]
  let best = 0
  for (const { x, y } of points)
    for (let turn = 0; turn < ANGLES; turn++) {
      const away = Math.round(x * (cosines[turn] as number) + y * (sines[turn] as number))
      const at = turn * (2 * most + 1) + away + most
      const count = ++votes[at]!
      if (count > (votes[best] as number)) best = at
    }
  const angle = (Math.PI * Math.floor(best / (2 * most + 1))) / ANGLES
  const away = (best % (2 * most + 1)) - most
  return points.length > 0 ? fitted(points, { angle, away, count: votes[best] as number }) : undefined
}

const offEdge = ({ x, y }: Pixel, { angle, away }: Edge): number => x * Math.cos(angle) + y * Math.sin(angle) - away

/** An edge laid through the points near it as well as may be (least squares across it). */
const fitted = (points: readonly Pixel[], edge: Edge): Edge => {
  let now = edge
  for (const near of [2 * NEAR, NEAR, NEAR]) {
    const its = points.filter((point) => Math.abs(offEdge(point, now)) <= near)
    if (its.length < 8) return now
    const [mx, my] = [
      its.reduce((sum, { x }) => sum + x, 0) / its.length,
      its.reduce((sum, { y }) => sum + y, 0) / its.length,
    ]
    let [xx, xy, yy] = [0, 0, 0]
    for (const { x, y } of its) {
      xx += (x - mx) ** 2
      xy += (x - mx) * (y - my)
      yy += (y - my) ** 2
    }
    const along = 0.5 * Math.atan2(2 * xy, xx - yy)
    const angle = along + Math.PI / 2
    now = { angle, away: mx * Math.cos(angle) + my * Math.sin(angle), count: its.length }
  }
  return now
}

const crossing = (one: Edge, other: Edge): Pixel | undefined => {
  const [c1, s1, c2, s2] = [Math.cos(one.angle), Math.sin(one.angle), Math.cos(other.angle), Math.sin(other.angle)]
  const det = c1 * s2 - c2 * s1
  return Math.abs(det) < 0.2
    ? undefined
    : { x: (one.away * s2 - other.away * s1) / det, y: (c1 * other.away - c2 * one.away) / det }
}

/** Four edges as corners in their order round the sheet; undefined where they make no four-sided figure. */
const cornersOf = (edges: readonly Edge[], width: number, height: number): Corners | undefined => {
  const all: Pixel[] = []
  for (const [at, one] of edges.entries())
    for (const other of edges.slice(at + 1)) {
      const corner = crossing(one, other)
      if (corner && corner.x > -width && corner.y > -height && corner.x < 2 * width && corner.y < 2 * height)
        all.push(corner)
    }
  if (all.length < 4) return undefined
  const [mx, my] = [width / 2, height / 2]
  // Crossings far outside are where edges that face each other meet.
  all.sort((a, b) => Math.hypot(a.x - mx, a.y - my) - Math.hypot(b.x - mx, b.y - my))
  const four = all.slice(0, 4)
  const [cx, cy] = [four.reduce((sum, { x }) => sum + x, 0) / 4, four.reduce((sum, { y }) => sum + y, 0) / 4]
  four.sort((a, b) => Math.atan2(a.y - cy, a.x - cx) - Math.atan2(b.y - cy, b.x - cx))
  // Begins at the top left: the one of least x + y.
  const first = four.reduce((best, { x, y }, at) => (x + y < four[best]!.x + four[best]!.y ? at : best), 0)
  const [a, b, c, d] = [0, 1, 2, 3].map((at) => four[(first + at) % 4] as Pixel)
  return a && b && c && d ? [a, b, c, d] : undefined
}

/**
 * Finds the corners of a sheet that is darker or lighter than what lies round it, by the four straight edges that most of its outline lies
 * on; a hand over one of them does not matter. Undefined where fewer than four are in the picture.
 */
export const sheetCorners = (gray: Gray, isSheetDark: boolean): Corners | undefined => {
  const { width, height } = gray
  let points = outlineOf(sheetMask(gray, isSheetDark), width, height)
  const least = LEAST_SHARE * Math.max(width, height)
  const edges: Edge[] = []
  while (edges.length < 4) {
    const edge = strongest(points, Math.hypot(width, height))
    if (!edge || edge.count < least) return undefined
    points = points.filter((point) => Math.abs(offEdge(point, edge)) > 2 * NEAR)
    edges.push(edge)
  }
  return cornersOf(edges, width, height)
}
