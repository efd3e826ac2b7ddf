import { boxAround } from '../geometry/box.js'
import { contains } from '../geometry/nesting-depth.js'
import { piecesOf, type Polygon } from '../geometry/polygons.js'
import { isClosed, lengthOf, type Polyline } from '../geometry/polyline.js'
import { leastCut, type Link } from '../numerics/least-cut.js'
import { type Card, outlineOfCard } from './card.js'
import { endsOf, ON_LINE_MM, type Place as Pair } from './cut-ends.js'
import type { EdgeLine, Spot } from './placed-run.js'
import { beyondLine, directionsOf, lineOnCard } from './pressed-region.js'
import { NEIGHBOURS_TRIED } from './constants.js'

/** A cut by knife: along a ruler, or by hand round a curve, mm. */
export interface KnifeCut {
  readonly line: readonly number[]
  readonly how: 'straight' | 'curve'
  readonly lengthMm: number
}

export interface KnifeQuestion {
  readonly card: Card
  /** What the press cuts. */
  readonly cuts: readonly Polyline[]
  /** Lines of dies that it does not cut: a knife may follow them. */
  readonly left: readonly Polyline[]
  /** Pencil lines that pads were laid on: a knife may follow them. */
  readonly lines: readonly EdgeLine[]
  /** Plates' edges that are no pencil lines: cuts that end there go on along their dies' own lines, and no ruler is laid from there. */
  readonly edges: readonly EdgeLine[]
  /** Closed shapes that a ruler should not run through. */
  readonly shapes: readonly Polyline[]
  readonly waste: readonly Spot[]
  readonly keep: readonly Spot[]
}

export interface KnifePlan {
  readonly cuts: readonly KnifeCut[]
  readonly totalMm: number
  /** Whether the waste comes away: false where a waste spot cannot be parted from what is kept. */
  readonly frees: boolean
}

/** A ruler through a shape costs so many times its length, so it is done only where nothing else parts the pieces. */
const THROUGH_SHAPE = 25
/** mm. A curve that strays no more than this from its chord is cut along a ruler. */
const STRAIGHT_MM = 0.15
/** mm. How far to either side of a cut its two pieces are looked for. */
const BESIDE_MM = 0.04
/** mm. Where else a spot's piece is looked for. */
const NUDGES = [
  [0.07, 0.05],
  [-0.07, 0.05],
  [0.05, -0.07],
  [-0.05, -0.07],
] as const

interface Candidate {
  readonly line: readonly number[]
  readonly price: number
}

const pairs = (line: Polyline): Pair[] => {
  const found: Pair[] = []
  for (let at = 0; at + 1 < line.length; at += 2) found.push([line[at] as number, line[at + 1] as number])
  return found
}

/** A uniform grid of straight pieces, so that what crosses one is found among the few nearby. */
class PieceGrid {
  private readonly cells = new Map<number, number[]>()
  private readonly pieces: number[] = []
  constructor(
    lines: readonly Polyline[],
    private readonly cellMm = 4,
  ) {
    for (const line of lines)
      for (let at = 2; at + 1 < line.length; at += 2) {
        const piece = this.pieces.length
        this.pieces.push(line[at - 2] as number, line[at - 1] as number, line[at] as number, line[at + 1] as number)
        this.visit(this.pieces.slice(piece) as [number, number, number, number], (key) => {
          const cell = this.cells.get(key)
          if (cell) cell.push(piece)
          else this.cells.set(key, [piece])
        })
      }
  }

  private visit([ax, ay, bx, by]: readonly [number, number, number, number], see: (key: number) => void): void {
    const cell = (value: number): number => Math.floor(value / this.cellMm)
    const steps = Math.max(1, Math.ceil(Math.hypot(bx - ax, by - ay) / this.cellMm))
    const seen = new Set<number>()
    for (let step = 0; step < steps; step++) {
      const [x0, y0] = [ax + ((bx - ax) * step) / steps, ay + ((by - ay) * step) / steps]
      const [x1, y1] = [ax + ((bx - ax) * (step + 1)) / steps, ay + ((by - ay) * (step + 1)) / steps]
      for (let x = cell(Math.min(x0, x1)); x <= cell(Math.max(x0, x1)); x++)
        for (let y = cell(Math.min(y0, y1)); y <= cell(Math.max(y0, y1)); y++) {
          const key = x * 100_003 + y
          if (seen.has(key)) continue
          seen.add(key)
          see(key)
        }
    }
  }

  /** Shares 0…1 of a straight piece at which others cross it, its own ends left out. */
  crossings(a: Pair, b: Pair): number[] {
    const found: number[] = []
    const seen = new Set<number>()
    const lengthMm = Math.hypot(b[0] - a[0], b[1] - a[1])
    const margin = ON_LINE_MM / Math.max(lengthMm, ON_LINE_MM)
    this.visit([a[0], a[1], b[0], b[1]], (key) => {
      for (const piece of this.cells.get(key) ?? []) {
        if (seen.has(piece)) continue
        seen.add(piece)
        const [cx, cy, dx, dy] = this.pieces.slice(piece, piece + 4) as [number, number, number, number]
        const cross = (b[0] - a[0]) * (dy - cy) - (b[1] - a[1]) * (dx - cx)
        if (Math.abs(cross) < 1e-12) continue
        const t = ((cx - a[0]) * (dy - cy) - (cy - a[1]) * (dx - cx)) / cross
        const u = ((cx - a[0]) * (b[1] - a[1]) - (cy - a[1]) * (b[0] - a[0])) / cross
        if (t > margin && t < 1 - margin && u >= -1e-9 && u <= 1 + 1e-9) found.push(t)
      }
    })
    return found.sort((one, other) => one - other)
  }
}

const nameOf = ([x, y]: Pair): string => `${x.toFixed(4)},${y.toFixed(4)}`

/** The directions in which dies' lines that are not cut go on from a cut end; a ruler need not go the same way. */
const goingOn = (left: readonly Polyline[]): ReadonlyMap<string, Pair[]> => {
  const found = new Map<string, Pair[]>()
  const add = (end: Pair, next: Pair): void => {
    const length = Math.hypot(next[0] - end[0], next[1] - end[1])
    const way: Pair = [(next[0] - end[0]) / length, (next[1] - end[1]) / length]
    found.set(nameOf(end), [...(found.get(nameOf(end)) ?? []), way])
  }
  for (const line of left) {
    const points = pairs(line)
    if (points.length < 2) continue
    add(points[0] as Pair, points[1] as Pair)
    add(points.at(-1) as Pair, points.at(-2) as Pair)
  }
  return found
}

/** Cosine of the angle within which two directions are the same. */
const SAME_WAY = 0.99999

/** Straight joins between cut ends, and from them to the card's edge, that cross no cut. */
const joinsOf = ({ card, cuts, left, lines, edges, shapes }: KnifeQuestion): Candidate[] => {
  const isOnEdge = ([x, y]: Pair): boolean => edges.some((edge) => Math.abs(beyondLine(edge, x, y)) < ON_LINE_MM)
  const ends = endsOf(cuts).filter((end) => !isOnEdge(end))
  const { widthMm: w, heightMm: h } = card
  const joins: [Pair, Pair][] = []
  for (const line of lines) {
    const { along } = directionsOf(line)
    const place = ([x, y]: Pair): number => (x - line.xMm) * along[0] + (y - line.yMm) * along[1]
    const onEdge = pairs(lineOnCard(line, card) ?? [])
    const onLine = [...ends.filter(([x, y]) => Math.abs(beyondLine(line, x, y)) < ON_LINE_MM), ...onEdge].sort(
      (one, other) => place(one) - place(other),
    )
    for (let at = 1; at < onLine.length; at++) joins.push([onLine[at - 1] as Pair, onLine[at] as Pair])
  }
  ends.forEach((end, own) => {
    const near = [...ends.keys()]
      .filter((at) => at !== own)
      .map((at) => [Math.hypot((ends[at] as Pair)[0] - end[0], (ends[at] as Pair)[1] - end[1]), at] as const)
      .sort((one, other) => one[0] - other[0])
      .slice(0, NEIGHBOURS_TRIED)
    for (const [, at] of near) if (at > own) joins.push([end, ends[at] as Pair])
    joins.push([end, [0, end[1]]], [end, [w, end[1]]], [end, [end[0], 0]], [end, [end[0], h]])
  })
  const grid = new PieceGrid(cuts)
  const ongoing = goingOn(left)
  const known = new Set<string>()
  return joins.flatMap(([a, b]) => {
    // The same join may be found from either end, and as part of a pencil line.
    const name = [nameOf(a), nameOf(b)].sort().join(' ')
    if (known.has(name)) return []
    known.add(name)
    const lengthMm = Math.hypot(b[0] - a[0], b[1] - a[1])
    if (lengthMm < ON_LINE_MM || grid.crossings(a, b).length > 0) return []
    const way: Pair = [(b[0] - a[0]) / lengthMm, (b[1] - a[1]) / lengthMm]
    const isAlong = (end: Pair, sign: 1 | -1): boolean =>
      (ongoing.get(nameOf(end)) ?? []).some(([x, y]) => sign * (x * way[0] + y * way[1]) > SAME_WAY)
    if (isAlong(a, 1) || isAlong(b, -1)) return []
    const [x, y] = [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2]
    const through = shapes.filter((shape) => contains(shape, x, y)).length % 2 === 1
    return [{ line: [...a, ...b], price: through ? THROUGH_SHAPE : 1 }]
  })
}

/**
 * Dies' lines that are not pressed, parted where they meet a pencil line or cross a cut: a knife may leave them there. What runs along a pencil
 * line is left to the ruler there.
 */
const followed = ({ left, lines, cuts }: KnifeQuestion): Candidate[] => {
  const grid = new PieceGrid(cuts)
  const onLine = ([x, y]: Pair): boolean => lines.some((line) => Math.abs(beyondLine(line, x, y)) < ON_LINE_MM)
  return left.flatMap((line) => {
    const parts: number[][] = []
    const points = pairs(line)
    let part: number[] = [...(points[0] ?? [])]
    const parted = (at: Pair): void => {
      part.push(...at)
      parts.push(part)
      part = [...at]
    }
    for (let at = 1; at < points.length; at++) {
      const [a, b] = [points[at - 1] as Pair, points[at] as Pair]
      for (const share of grid.crossings(a, b)) parted([a[0] + share * (b[0] - a[0]), a[1] + share * (b[1] - a[1])])
      if (onLine(b)) parted(b)
      else part.push(...b)
    }
    parts.push(part)
    return parts
      .filter((each) => lengthOf(each) > 1e-6 && !pairs(each).every(onLine))
      .map((each): Candidate => ({ line: each, price: 1 }))
  })
}

/** Candidates cut up where they cross one another, so that each part has one piece of card on either side. */
const partsOf = (candidates: readonly Candidate[]): { part: number[]; whose: number }[] => {
  const grid = new PieceGrid(candidates.map(({ line }) => line))
  return candidates.flatMap(({ line }, whose) => {
    const parts: { part: number[]; whose: number }[] = []
    const points = pairs(line)
    let part: number[] = [...(points[0] as Pair)]
    for (let at = 1; at < points.length; at++) {
      const [a, b] = [points[at - 1] as Pair, points[at] as Pair]
      for (const share of grid.crossings(a, b)) {
        const cut: Pair = [a[0] + share * (b[0] - a[0]), a[1] + share * (b[1] - a[1])]
        part.push(...cut)
        parts.push({ part, whose })
        part = [...cut]
      }
      part.push(...b)
    }
    parts.push({ part, whose })
    return parts.filter((each) => lengthOf(each.part) > 1e-6)
  })
}

/** Finds the piece that a spot lies in; -1 where it lies in none. */
const pieceFinder = (pieces: readonly Polygon[]) => {
  const boxes = pieces.map(({ outer }) => boxAround([outer]))
  return (x: number, y: number): number =>
    pieces.findIndex(({ outer, holes }, at) => {
      const box = boxes[at]
      if (!box || x < box.fromX || x > box.toX || y < box.fromY || y > box.toY) return false
      return contains(outer, x, y) && !holes.some((hole) => contains(hole, x, y))
    })
}

/** A place on a part of a cut, and the direction there: the middle of its longest straight piece. */
const middleOfPart = (part: readonly number[]): readonly [x: number, y: number, ux: number, uy: number] => {
  let best: readonly [number, number, number, number] = [part[0] as number, part[1] as number, 1, 0]
  let longest = 0
  for (let at = 2; at + 1 < part.length; at += 2) {
    const [dx, dy] = [
      (part[at] as number) - (part[at - 2] as number),
      (part[at + 1] as number) - (part[at - 1] as number),
    ]
    const length = Math.hypot(dx, dy)
    if (length <= longest) continue
    longest = length
    best = [(part[at - 2] as number) + dx / 2, (part[at - 1] as number) + dy / 2, dx / length, dy / length]
  }
  return best
}

/** How far a line strays from the chord between its ends, mm. */
const strayOf = (line: readonly number[]): number => {
  const [ax, ay, bx, by] = [line[0], line[1], line[line.length - 2], line[line.length - 1]] as [
    number,
    number,
    number,
    number,
  ]
  const length = Math.hypot(bx - ax, by - ay)
  return pairs(line).reduce(
    (most, [x, y]) =>
      Math.max(
        most,
        length < 1e-9 ? Math.hypot(x - ax, y - ay) : Math.abs((bx - ax) * (y - ay) - (by - ay) * (x - ax)) / length,
      ),
    0,
  )
}

/** Chosen parts of one candidate that follow one another, as whole cuts. */
const joined = (parts: readonly { part: readonly number[]; whose: number }[]): KnifeCut[] => {
  const cuts: { line: number[]; whose: number }[] = []
  for (const { part, whose } of parts) {
    const last = cuts.at(-1)
    const goesOn =
      last?.whose === whose &&
      last.line[last.line.length - 2] === part[0] &&
      last.line[last.line.length - 1] === part[1]
    if (goesOn) last.line.push(...part.slice(2))
    else cuts.push({ line: [...part], whose })
  }
  return cuts.map(({ line }) => ({
    line,
    how: strayOf(line) <= STRAIGHT_MM ? 'straight' : 'curve',
    lengthMm: lengthOf(line),
  }))
}

/** Whether a line can part two of some spots: a closed one with none of them inside, such as an opening of lace, cannot. */
const dividing =
  (spots: readonly Spot[]) =>
  (line: Polyline): boolean => {
    const box = isClosed(line) ? boxAround([line]) : undefined
    if (!box) return true
    return spots.some(
      ({ xMm, yMm }) =>
        xMm >= box.fromX && xMm <= box.toX && yMm >= box.fromY && yMm <= box.toY && contains(line, xMm, yMm),
    )
  }

/**
 * The shortest knife cuts that part the waste from what is kept. Candidates are the dies' lines that were not pressed, the
 * pencil lines between cut ends, straight joins between near cut ends and from them to the card's edge; they divide the card
 * into pieces, and among all sets of them the shortest that leaves no way from waste to keep is taken (a least cut, exact
 * among the candidates).
 */
export const planKnife = (question: KnifeQuestion): KnifePlan => {
  const { card, cuts, left, waste, keep } = question
  if (waste.length === 0) return { cuts: [], totalMm: 0, frees: true }
  const outline = outlineOfCard(card)
  const divides = dividing([...waste, ...keep])
  const candidates = [...followed({ ...question, left: left.filter(divides) }), ...joinsOf(question)]
  const parts = partsOf(candidates)
  const pieces = piecesOf([outline], [...cuts.filter(divides), ...parts.map(({ part }) => part)])
  const pieceAt = pieceFinder(pieces)
  // A spot that happens to lie on a candidate belongs to the piece beside it.
  const pieceNear = ({ xMm, yMm }: Spot): number[] =>
    [[0, 0], ...NUDGES]
      .map(([x, y]) => pieceAt(xMm + x, yMm + y))
      .filter((at) => at >= 0)
      .slice(0, 1)
  const sources = waste.flatMap(pieceNear)
  let sinks = keep.flatMap(pieceNear)
  // Nobody said what stays: the largest piece that is not to come away.
  if (sinks.length === 0) sinks = [...pieces.keys()].filter((at) => !sources.includes(at)).slice(0, 1)

  const links: Link[] = []
  const partOfLink: number[] = []
  parts.forEach(({ part, whose }, at) => {
    const [x, y, ux, uy] = middleOfPart(part)
    const [one, other] = [
      pieceAt(x - uy * BESIDE_MM, y + ux * BESIDE_MM),
      pieceAt(x + uy * BESIDE_MM, y - ux * BESIDE_MM),
    ]
    if (one < 0 || other < 0 || one === other) return
    links.push({ from: one, to: other, price: lengthOf(part) * (candidates[whose] as Candidate).price })
    partOfLink.push(at)
  })
  const chosen = leastCut(pieces.length, links, sources, sinks)
  if (!chosen) return { cuts: [], totalMm: 0, frees: false }
  const knife = joined(
    chosen
      .map((link) => partOfLink[link] as number)
      .sort((one, other) => one - other)
      .map((at) => parts[at] as { part: number[]; whose: number }),
  )
  return { cuts: knife, totalMm: knife.reduce((sum, cut) => sum + cut.lengthMm, 0), frees: true }
}
