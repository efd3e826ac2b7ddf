import { type Box, boxAround } from '../geometry/box.js'
import type { Polyline } from '../geometry/polyline.js'
import { BitMap } from './bit-map.js'
import { fillLoops, QuadFiller } from './fill.js'
import { reachOf, type TurnedForm } from './form.js'

/** Which ways one piece may not lie off another, in steps of the lattice: the map's origin lies at (dx, dy) off it. */
interface Clash {
  readonly map: BitMap
  readonly dx: number
  readonly dy: number
}

/** mm. The finest lattice, and how many points it may have. */
const FINEST_STEP_MM = 0.2
const MOST_POINTS = 400_000
/** Words of a map that cost as much as what one number of one outline meets of one number of another. Measured. */
const WORK_PER_PAIR = 12

/** Hands every pair of edges of two outlines on: where the first pair of ends lies off one another, and both edges. */
const edgePairs = (
  one: Polyline,
  other: Polyline,
  visit: (ax: number, ay: number, ux: number, uy: number, vx: number, vy: number) => void,
): void => {
  for (let at = 2; at + 1 < one.length; at += 2) {
    const [px, py] = [one[at - 2] as number, one[at - 1] as number]
    const [ux, uy] = [(one[at] as number) - px, (one[at + 1] as number) - py]
    for (let on = 2; on + 1 < other.length; on += 2) {
      const [qx, qy] = [other[on - 2] as number, other[on - 1] as number]
      visit(px - qx, py - qy, ux, uy, qx - (other[on] as number), qy - (other[on + 1] as number))
    }
  }
}

const scaled = (line: Polyline, by: number, dx = 0, dy = 0): number[] =>
  Array.from(line, (value, at) => (value + (at % 2 === 0 ? dx : dy)) * by)

/**
 * The room on a sheet: a lattice of places for the middles of pieces, and at which of them a piece lies on the sheet or clear of another
 * one. Two outlines meet where their boundaries cross or where one lies in the other; the places at which boundaries cross are those
 * between the pairs of their edges (Minkowski's difference), so that a place that is free is free exactly, and nothing is lost but the step.
 */
export class Room {
  readonly stepMm: number
  readonly width: number
  readonly height: number
  private readonly from: Box
  private readonly loops: readonly Polyline[]
  private readonly onSheet = new Map<string, BitMap>()
  private readonly clashes = new Map<string, Clash>()
  /** Words of maps that were written or read so far: the same on every machine, as seconds are not. */
  work = 0

  /** `loops`: what can be used of the sheet, closed loops that do not cross, mm. */
  constructor(loops: readonly Polyline[]) {
    const box = boxAround(loops)
    if (!box) throw new RangeError('a sheet needs an outline')
    const [wide, high] = [box.toX - box.fromX, box.toY - box.fromY]
    this.from = box
    this.stepMm = Math.max(FINEST_STEP_MM, Math.sqrt((wide * high) / MOST_POINTS))
    this.width = Math.floor(wide / this.stepMm) + 1
    this.height = Math.floor(high / this.stepMm) + 1
    this.loops = loops.map((loop) => scaled(loop, 1 / this.stepMm, -box.fromX, -box.fromY))
  }

  /** Where a place of the lattice lies, mm. */
  xMm(x: number): number {
    return this.from.fromX + x * this.stepMm
  }
  yMm(y: number): number {
    return this.from.fromY + y * this.stepMm
  }

  /** Where a turned piece lies on the sheet, clear of its edges and holes. */
  sheetMap(form: TurnedForm): BitMap {
    const key = `${form.piece} ${form.rotationDeg}`
    const known = this.onSheet.get(key)
    if (known) return known
    const outline = scaled(form.edged, 1 / this.stepMm)
    const free = new BitMap(this.width, this.height)
    fillLoops(free, this.loops, -(outline[0] as number), -(outline[1] as number))
    const taken = new BitMap(this.width, this.height)
    const filler = new QuadFiller(taken)
    this.work += WORK_PER_PAIR * this.loops.reduce((sum, loop) => sum + loop.length * outline.length, 0)
    const mirrored = outline.map((value) => -value)
    for (const loop of this.loops) {
      edgePairs(loop, outline, (ax, ay, ux, uy, vx, vy) => filler.fill(ax, ay, ux, uy, vx, vy))
      fillLoops(taken, [mirrored], loop[0] as number, loop[1] as number)
    }
    free.clearUnder(taken, 0, 0)
    this.onSheet.set(key, free)
    return free
  }

  /** Which ways `other` may not lie off `one`. */
  clash(one: TurnedForm, other: TurnedForm): Clash {
    const key = `${one.piece} ${one.rotationDeg} ${other.piece} ${other.rotationDeg}`
    const known = this.clashes.get(key)
    if (known) return known
    const by = 1 / this.stepMm
    const low = (ux: number, uy: number): number =>
      Math.ceil((reachOf(one, ux, uy) + reachOf(other, -ux, -uy)) * by) + 1
    const [dx, dy] = [-low(-1, 0), -low(0, -1)]
    const map = new BitMap(low(1, 0) - dx + 1, low(0, 1) - dy + 1)
    const a = scaled(one.spaced, by)
    const b = scaled(other.spaced, by)
    const filler = new QuadFiller(map)
    this.work += WORK_PER_PAIR * a.length * b.length
    edgePairs(a, b, (ax, ay, ux, uy, vx, vy) => filler.fill(ax - dx, ay - dy, ux, uy, vx, vy))
    fillLoops(map, [a], -(b[0] as number) - dx, -(b[1] as number) - dy)
    fillLoops(map, [b.map((value) => -value)], (a[0] as number) - dx, (a[1] as number) - dy)
    const clash = { map, dx, dy }
    this.clashes.set(key, clash)
    return clash
  }

  /** Forgets what was worked out for turns that are not among these, so that memory stays small. */
  keepOnly(forms: readonly TurnedForm[]): void {
    const kept = new Set(forms.map(({ piece, rotationDeg }) => `${piece} ${rotationDeg}`))
    for (const key of this.onSheet.keys()) if (!kept.has(key)) this.onSheet.delete(key)
    for (const key of this.clashes.keys()) {
      const [one, turn, other, otherTurn] = key.split(' ')
      if (!kept.has(`${one} ${turn}`) || !kept.has(`${other} ${otherTurn}`)) this.clashes.delete(key)
    }
  }
}
