import { placeLines } from '../geometry/place-lines.js'
import { closedLoop, type Polyline } from '../geometry/polyline.js'
import { type RandomSource, randomInteger, randomItem, seededRandom } from '../numerics/random.js'
import { Arrangement, type Push, type Spot } from './arrangement.js'
import { inRows } from './boxes.js'
import { largestRectangleLeft } from './free-rectangle.js'
import type { PlacedPiece } from './placed-piece.js'
import { formOf, type PieceForm, type TurnedForm, turnedForm } from './form.js'
import { Room } from './room.js'
import { usableOf } from './usable.js'

/** How a piece may be turned: any way, end for end (grain, or a pattern that is the same upside down), or not at all. */
export const pieceTurns = ['any', 'half', 'none'] as const
export type PieceTurns = (typeof pieceTurns)[number]

interface NestPiece {
  /** Its outline, closed or not, mm. */
  readonly outline: Polyline
  /** How many are wanted at most. */
  readonly count: number
  readonly turns: PieceTurns
}

export interface NestWanted {
  readonly sheet: { readonly outline: Polyline; readonly holes: readonly Polyline[] }
  readonly pieces: readonly NestPiece[]
  /** Between pieces, and from the sheet's edge and holes, mm. */
  readonly gapMm: number
  readonly edgeMm: number
  readonly seed: number
}

export interface Nest {
  readonly placed: readonly PlacedPiece[]
  /** Share of the sheet's area that the pieces take. */
  readonly usedShare: number
  /** How many of each piece found no place. */
  readonly leftOutCounts: readonly number[]
}

/** What is found after so many steps of looking. */
export interface NestSoFar extends Nest {
  readonly steps: number
}

/** What ended the looking for better: nothing better was looked for, the steps were done, or the clock, so that it may come out otherwise elsewhere. */
export const nestEnds = ['looked', 'steps', 'clock'] as const
export type NestEnd = (typeof nestEnds)[number]

/** How long is looked: steps, which are the same on every machine; and ms of a clock, the last resort. */
export interface NestLimits {
  readonly steps: number
  readonly ms: number
}

/** Words of maps in a step, and what looking for the largest rectangle that is left costs. Measured: a step takes some half a millisecond. */
const WORK_PER_STEP = 60_000
const WORK_OF_REST = 100_000
/** Steps that are looked for a second that somebody is ready to wait: a sixth of what a machine of 2026 does in it, so that a busy one does them too. */
const STEPS_PER_SECOND = 300

/** As many steps as a machine that is slow does in so many ms too. */
export const limitsOf = (ms: number): NestLimits => ({ steps: (STEPS_PER_SECOND * ms) / 1000, ms })

/** mm from the sheet's edge, and between pieces, where nothing else is wanted. Common practice, no source. */
export const USUAL_EDGE_MM = 2
export const USUAL_GAP_MM = 2

/** Ways to turn pieces that are tried before the best of them is improved. */
const FIRST_TURNS = 6
/** Turns beside those of the best that are mixed in when it is improved. */
const MORE_TURNS = 2
/** Tries with the same turns, before others are mixed in. */
const TRIES_WITH_TURNS = 40
/** Turned forms that are laid at once: each pair of them is worked out. */
const MOST_FORMS = 24

const pushes: readonly Push[] = [0, 90, 180, 270, 45, 135, 225, 315].map((degrees) => ({
  ux: Math.cos((degrees * Math.PI) / 180),
  uy: Math.sin((degrees * Math.PI) / 180),
}))

/** Quarter turns from a first one on; half of them, or one, where a piece may not be turned freely, or others want their turns too. */
const turnsFrom = (first: number, turns: PieceTurns, pieces: number): readonly number[] => {
  if (turns === 'any') return [0, 180, 90, 270].slice(0, MOST_FORMS / pieces).map((quarter) => (first + quarter) % 360)
  return [0, 180].slice(0, turns === 'half' ? MOST_FORMS / pieces : 1)
}

/** The direction of an outline's longest edge, degrees. */
const longestEdge = (outline: Polyline): number => {
  let longest = 0
  let degrees = 0
  for (let at = 2; at + 1 < outline.length; at += 2) {
    const dx = (outline[at] as number) - (outline[at - 2] as number)
    const dy = (outline[at + 1] as number) - (outline[at - 1] as number)
    if (Math.hypot(dx, dy) <= longest) continue
    longest = Math.hypot(dx, dy)
    degrees = (Math.atan2(dy, dx) * 180) / Math.PI
  }
  return degrees
}

/** An arrangement that was found, good enough to go back to. */
interface Found {
  readonly forms: readonly TurnedForm[]
  readonly spots: readonly Spot[]
  readonly areaMm2: number
  /** The largest rectangle that is left, mm², once every piece has its place; 0 before. */
  readonly restMm2: number
  /** The sum of the pieces' reaches where they were pushed: the less, the more room is left in one piece. */
  readonly spread: number
}

/** More of the sheet used; with every piece in its place, more of it left in one rectangle; else more of it left to one side. */
const isBetter = (one: Found, other: Found): boolean => {
  if (Math.abs(one.areaMm2 - other.areaMm2) > 1e-6) return one.areaMm2 > other.areaMm2
  if (one.restMm2 !== other.restMm2) return one.restMm2 > other.restMm2
  return one.spread < other.spread
}

/** Tries that go on one after the other; each is a step. */
class Search {
  private readonly room: Room
  private readonly random: RandomSource
  private readonly counts: readonly number[]
  /** Largest first: what is small finds a place between them. */
  private readonly order: readonly number[]
  best: Found | undefined

  constructor(
    private readonly wanted: NestWanted,
    private readonly loops: readonly Polyline[],
    private readonly forms: readonly PieceForm[],
  ) {
    this.room = new Room(loops)
    this.random = seededRandom(wanted.seed)
    this.counts = wanted.pieces.map(({ count }) => count)
    this.order = forms
      .map((_, piece) => piece)
      .sort((one, other) => (forms[other] as PieceForm).areaMm2 - (forms[one] as PieceForm).areaMm2)
  }

  private turned(firstOf: (piece: number) => number): TurnedForm[] {
    return this.forms.flatMap((form, piece) =>
      turnsFrom(firstOf(piece), (this.wanted.pieces[piece] as NestPiece).turns, this.forms.length).map((turn) =>
        turnedForm(piece, form, turn),
      ),
    )
  }

  /** mm² that the pieces of an arrangement take. */
  private areaOf({ forms, placed }: Arrangement): number {
    return placed.reduce(
      (sum, { form }) => sum + (this.forms[(forms[form] as TurnedForm).piece] as PieceForm).areaMm2,
      0,
    )
  }

  private take(arrangement: Arrangement, push: Push): void {
    const { forms, placed } = arrangement
    const areaMm2 = this.areaOf(arrangement)
    const spread = placed.reduce((sum, { x, y }) => sum + push.ux * x + push.uy * y, 0) * this.room.stepMm
    const allLie = arrangement.left.every((count) => count === 0)
    if (allLie) this.room.work += WORK_OF_REST
    const restMm2 = allLie ? this.restBeside(arrangement) : 0
    const { best } = this
    const found: Found = { forms, spots: [...placed], areaMm2, restMm2, spread }
    if (!best || isBetter(found, best)) this.best = found
  }

  /** Fills the sheet anew with pieces turned one way, pushed several ways. */
  *fresh(at: number): Generator<void> {
    const edge = longestEdge(this.wanted.sheet.outline)
    const firstOf = (piece: number): number => {
      if (at === 0) return 0
      const own = longestEdge((this.forms[piece] as PieceForm).outline)
      return at === 1 ? edge - own : at === 2 ? edge - own + 45 : 360 * this.random()
    }
    const forms = this.turned(firstOf)
    for (const push of [...pushes.slice(0, 4), randomItem(this.random, pushes.slice(4))]) {
      const arrangement = new Arrangement(this.room, forms, this.counts)
      yield* arrangement.fill(this.order, push)
      this.take(arrangement, push)
      yield
    }
    if (this.best) this.room.keepOnly(this.best.forms)
  }

  /** The turns that the best has, and some more by chance, each with its opposite; the best's own turns come first and keep their numbers. */
  private mixedIn(best: Found): TurnedForm[] {
    const used = [...new Set(best.spots.map(({ form }) => form))]
    const spots = best.spots.map((spot) => ({ ...spot, form: used.indexOf(spot.form) }))
    const forms = used.map((form) => best.forms[form] as TurnedForm)
    this.best = { ...best, forms, spots }
    this.room.keepOnly(forms)
    const fresh = this.forms.flatMap((form, piece): TurnedForm[] => {
      const { turns } = this.wanted.pieces[piece] as NestPiece
      const firsts =
        turns === 'any'
          ? Array.from({ length: this.forms.length > 2 ? 1 : MORE_TURNS }, () => Math.floor(360 * this.random()))
          : [0]
      return firsts.flatMap((first) =>
        (turns === 'none' ? [first] : [first, (first + 180) % 360]).map((turn) => turnedForm(piece, form, turn)),
      )
    })
    const isNew = ({ piece, rotationDeg }: TurnedForm) =>
      !forms.some((form) => form.piece === piece && form.rotationDeg === rotationDeg)
    return [...forms, ...fresh.filter(isNew)]
  }

  /** Takes some pieces of the best out, round a spot or beyond a line, and fills what is free in another way. */
  *improve(): Generator<void> {
    if (!this.best) return
    const mixed = this.mixedIn(this.best)
    const arrangement = new Arrangement(this.room, mixed, this.counts)
    for (let tries = 0; tries < TRIES_WITH_TURNS; tries++) {
      const { spots } = this.best
      if (spots.length === 0) return
      const middle = randomItem(this.random, spots)
      const taken = randomInteger(this.random, 1, Math.max(2, Math.ceil(spots.length * 0.6)))
      const away = spots
        .map((spot) => ({ spot, apart: (spot.x - middle.x) ** 2 + (spot.y - middle.y) ** 2 }))
        .sort((one, other) => one.apart - other.apart)
      const kept = away.slice(taken).map(({ spot }) => spot)
      const push = randomItem(this.random, pushes)
      arrangement.restart(kept)
      yield* arrangement.fill(this.order, push)
      // What is as large and pushed another way is as good, and moves the free room about.
      const before: Found = this.best
      this.take(arrangement, push)
      if (this.best === before && arrangement.placed.length === before.spots.length && this.random() < 0.5)
        this.keepIfAsLarge(arrangement)
      yield
    }
  }

  /** mm² of the largest rectangle that is left beside the pieces. */
  private restBeside({ forms, placed }: Arrangement): number {
    const taken = placed.flatMap(({ form, x, y }) => {
      const { piece, rotationDeg } = forms[form] as TurnedForm
      const outline = (this.forms[piece] as PieceForm).outline
      return placeLines([outline], { xMm: this.room.xMm(x), yMm: this.room.yMm(y), rotationDeg })
    })
    return largestRectangleLeft(this.loops, taken)
  }

  /** Whether it is of any use to try on: something has found a place, and something else has not. */
  get goesOn(): boolean {
    return this.best !== undefined && this.best.spots.length > 0 && this.best.restMm2 === 0
  }

  private keepIfAsLarge(arrangement: Arrangement): void {
    const { forms, placed } = arrangement
    const areaMm2 = this.areaOf(arrangement)
    if (this.best && areaMm2 >= this.best.areaMm2 - 1e-6) this.best = { ...this.best, forms, spots: [...placed] }
  }

  get work(): number {
    return this.room.work
  }

  placedPieces(): PlacedPiece[] {
    const { best } = this
    if (!best) return []
    return best.spots.map(({ form, x, y }) => {
      const { piece, rotationDeg } = best.forms[form] as TurnedForm
      return { piece, xMm: this.room.xMm(x), yMm: this.room.yMm(y), rotationDeg: ((rotationDeg % 360) + 360) % 360 }
    })
  }
}

/**
 * Lays as much of some pieces on a sheet as it can, by their true outlines, holes of the sheet minded: yields what it has after every try,
 * each at least as good as the one before, and goes on until nobody asks any more. The same seed gives the same tries.
 *
 * Pieces are laid where they reach least in a direction, in several turns and directions; then parts of the best are taken out and laid anew.
 * Rows of boxes are tried beside it, so that it is never worse than they are.
 */
export function* nest(wanted: NestWanted): Generator<NestSoFar, void> {
  const { loops, areaMm2: sheetMm2 } = usableOf(closedLoop(wanted.sheet.outline), wanted.sheet.holes.map(closedLoop))
  const forms = wanted.pieces.map(({ outline }) => formOf(closedLoop(outline), wanted.gapMm, wanted.edgeMm))
  const areaOfPlaced = (placed: readonly PlacedPiece[]): number =>
    placed.reduce((sum, { piece }) => sum + (forms[piece] as PieceForm).areaMm2, 0)
  const nestOf = (placed: readonly PlacedPiece[], work: number): NestSoFar => ({
    placed,
    usedShare: placed.length === 0 ? 0 : areaOfPlaced(placed) / sheetMm2,
    leftOutCounts: wanted.pieces.map(
      ({ count }, piece) => count - placed.filter((each) => each.piece === piece).length,
    ),
    steps: work / WORK_PER_STEP,
  })
  let rows: PlacedPiece[] = []
  for (let startMm = 0; startMm < 10; startMm += 2.5) {
    const tried = inRows(loops, forms, wanted.pieces, { ...wanted, startMm })
    if (areaOfPlaced(tried) > areaOfPlaced(rows)) rows = tried
  }
  yield nestOf(rows, 0)
  // Holes that leave nothing of a sheet leave nowhere to look.
  if (loops.length === 0) return
  const search = new Search(wanted, loops, forms)
  const better = (): NestSoFar => {
    const placed = search.placedPieces()
    return nestOf(areaOfPlaced(placed) >= areaOfPlaced(rows) - 1e-6 ? placed : rows, search.work)
  }
  const turns = wanted.pieces.some((piece) => piece.turns === 'any') ? FIRST_TURNS : 1
  for (let at = 0; at < turns; at++) for (const _ of search.fresh(at)) yield better()
  // Where not a single piece finds a place, none ever will; where all have one, the tries so far left most of the sheet in one piece.
  while (search.goesOn) for (const _ of search.improve()) yield better()
}

/** When looking for better is enough: once every piece has a place, or when the time is up. */
export type Enough = 'fits' | 'best'

/** What ends the looking for better after what was found so far; undefined where it goes on. `elapsedMs` by a clock. */
export const nestEndsBy = (
  found: NestSoFar,
  { steps, ms }: NestLimits,
  elapsedMs: number,
  enough: Enough,
): NestEnd | undefined => {
  if (enough === 'fits' && found.leftOutCounts.every((count) => count === 0)) return 'looked'
  if (found.steps >= steps) return 'steps'
  return elapsedMs >= ms ? 'clock' : undefined
}

/**
 * What is found in so many steps: the best there is, which with every piece in its place is the one that leaves the largest rectangle; or,
 * where it is enough that they fit, the first with all of them. The same for the same question unless the clock, which is handed in, ends it.
 */
export const nestFor = (
  wanted: NestWanted,
  limits: NestLimits,
  now: () => number,
  enough: Enough = 'best',
): Nest & { readonly endedBy: NestEnd } => {
  const from = now()
  let best: Nest = { placed: [], usedShare: 0, leftOutCounts: wanted.pieces.map(({ count }) => count) }
  for (const { steps, ...found } of nest(wanted)) {
    best = found
    const endedBy = nestEndsBy({ ...found, steps }, limits, now() - from, enough)
    if (endedBy) return { ...best, endedBy }
  }
  return { ...best, endedBy: 'looked' }
}
