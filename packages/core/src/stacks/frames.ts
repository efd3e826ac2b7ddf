import { Mistake } from '../faults/guards.js'
import { plateIdOf } from '../layers/leaves.js'
import type { Plate } from '../layers/plate.js'
import { firstAtLeast } from '../numerics/first-at-least.js'
import { SAME_LENGTH_MM } from '../numerics/tolerances.js'
import type { PlateKind } from '../materials/plate-kind.js'
import type { PlatesPlace } from '../techniques/technique.js'
import type { Steps } from '../numerics/steps.js'

/** No piece in this place. */
export const NO_PIECE = -1

/** Choices of plates for every place but the shims', cheapest first, as flat arrays. Heights in mm. */
export interface Frames {
  readonly length: number
  /** Places per frame. */
  readonly slots: number
  readonly heightMm: Float64Array
  readonly cost: Float64Array
  /** `slots` shelf indices per frame, NO_PIECE where a place is left empty. */
  readonly pieces: Int16Array
  /** Whether frames may have been left out for what they would cost. */
  readonly leftOut: boolean
}

/** What pieces cost, by their place on the shelf: where a plate stands, two plates together, and the doubt of so many of an entry. */
export interface FramePrices {
  /** Of every plate of the shelf in a place; infinite for those that may not stand there. */
  inPlace(place: PlatesPlace): ArrayLike<number>
  ofPair(one: number, other: number): number
  ofDoubt(plate: number, count: number): number
}

export interface FrameLimits {
  /** mm. A frame must not be higher than this. */
  readonly mostMm: number
  /** mm. Nor lower: not even the thickest shims would fill it up. */
  readonly leastMm: number
  /** Dearer stacks are not wanted; infinite where all are. */
  readonly mostCost: number
  /**
   * The heights that a frame may have, mm, so that no more than `cost` need be added to make a stack of it; undefined where there is none.
   * It must not shrink as `cost` grows.
   */
  reach(cost: number): readonly [fromMm: number, toMm: number] | undefined
  /** A place whose piece makes two frames out of the same pieces; absent where it does not matter which piece stands where. */
  readonly apart?: number | undefined
}

/** A plate that may stand in a place, and the least that it adds to a frame's cost there. */
interface Candidate {
  readonly index: number
  readonly mm: number
  readonly cost: number
}

/** Frames as they are found, each set of pieces once. */
class FrameRows {
  readonly heights: number[] = []
  readonly costs: number[] = []
  readonly pieces: number[] = []
  private readonly rowOf = new Map<number | string, number>()
  private readonly countsByNumber: boolean

  constructor(
    private readonly slots: number,
    private readonly shelfSize: number,
    private readonly apart: number | undefined,
  ) {
    this.countsByNumber = (shelfSize + 1) ** (slots + 1) < Number.MAX_SAFE_INTEGER
  }

  /** A name for the set of pieces, whatever their order but for the one that stands apart. */
  private nameOf(chosen: Int16Array): number | string {
    const sorted = chosen.slice().sort()
    const apart = this.apart === undefined ? NO_PIECE : (chosen[this.apart] as number)
    if (!this.countsByNumber) return `${sorted.join(' ')} · ${apart}`
    let name = apart + 1
    for (const piece of sorted) name = name * (this.shelfSize + 1) + piece + 1
    return name
  }

  /** Whether pieces stand before those of a row, place by place as the shelf has them. */
  private standsBefore(chosen: Int16Array, row: number): boolean {
    for (let at = 0; at < this.slots; at++) {
      const differ = (chosen[at] as number) - (this.pieces[row * this.slots + at] as number)
      if (differ !== 0) return differ < 0
    }
    return false
  }

  /** Keeps a frame, unless the same pieces stand cheaper in another order, or as cheap in one that comes before. */
  add(chosen: Int16Array, heightMm: number, cost: number): void {
    const name = this.nameOf(chosen)
    const row = this.rowOf.get(name)
    if (row !== undefined) {
      const differ = cost - (this.costs[row] as number)
      if (differ > 0 || (differ === 0 && !this.standsBefore(chosen, row))) return
    }
    const to = row ?? this.heights.length
    this.rowOf.set(name, to)
    this.heights[to] = heightMm
    this.costs[to] = cost
    for (let at = 0; at < this.slots; at++) this.pieces[to * this.slots + at] = chosen[at] as number
  }
}

/** The pieces that each place may have, thinnest first, with what each costs there at the least, however many of its entry lie in the frame. */
const candidatesOf = (
  shelf: readonly Plate[],
  prices: FramePrices,
  placePrices: readonly ArrayLike<number>[],
): Candidate[][] => {
  const leastDoubt = Float64Array.from(shelf.keys(), (index) => {
    let least = Infinity
    for (let count = 1; count <= placePrices.length; count++)
      least = Math.min(least, prices.ofDoubt(index, count) / count)
    return least
  })
  return placePrices.map((inPlace) =>
    [...shelf.keys()]
      .filter((index) => Number.isFinite(inPlace[index]))
      .map((index): Candidate => {
        const cost = (inPlace[index] as number) + (leastDoubt[index] as number)
        return { index, mm: (shelf[index] as Plate).thickness.valueMm, cost }
      })
      .sort((one, other) => one.mm - other.mm || one.index - other.index),
  )
}

/** The least that the places from each on add to a frame's cost. */
const leastCostFrom = (places: readonly PlatesPlace[], candidates: readonly (readonly Candidate[])[]): Float64Array => {
  const leastFrom = new Float64Array(places.length + 1)
  for (let at = places.length - 1; at >= 0; at--) {
    const cheapest = (candidates[at] as readonly Candidate[]).reduce(
      (least, { cost }) => Math.min(least, cost),
      Infinity,
    )
    const optional = (places[at] as PlatesPlace).least === 0
    leastFrom[at] = (leastFrom[at + 1] as number) + (optional ? Math.min(0, cheapest) : cheapest)
  }
  return leastFrom
}

/** Frames as they were found, cheapest first. */
const inOrderOfCost = ({ heights, costs, pieces }: FrameRows, slots: number, leftOut: boolean): Frames => {
  const order = Uint32Array.from(heights.keys()).sort((a, b) => (costs[a] as number) - (costs[b] as number))
  const sorted = new Int16Array(order.length * slots)
  order.forEach((row, to) => {
    for (let at = 0; at < slots; at++) sorted[to * slots + at] = pieces[row * slots + at] as number
  })
  return {
    length: order.length,
    slots,
    heightMm: Float64Array.from(order, (row) => heights[row] as number),
    cost: Float64Array.from(order, (row) => costs[row] as number),
    pieces: sorted,
    leftOut,
  }
}

/**
 * Lists every way to fill the places, one piece each, that may become a stack within the limits, without trying those that cannot: what
 * is still to come costs at least so much, and the last piece must bring the frame to a height that is worth its cost. Where two orders
 * use the same pieces, the cheaper is kept. In slices, one for each plate in the first place.
 */
export function* listFrames(
  places: readonly PlatesPlace[],
  shelf: readonly Plate[],
  prices: FramePrices,
  { mostMm, leastMm, mostCost, reach, apart }: FrameLimits,
): Steps<Frames> {
  if (places.some((place) => place.most > 1)) throw new Mistake('a framed place holds one piece at most')
  const slots = places.length
  const placePrices = places.map((place) => prices.inPlace(place))
  const candidates = candidatesOf(shelf, prices, placePrices)
  const thicknesses = candidates.map((its) => Float64Array.from(its, ({ mm }) => mm))
  const leastFrom = leastCostFrom(places, candidates)
  /** A platform is one piece however its leaves are set. */
  const things = shelf.map(({ id }) => plateIdOf(id))
  const thingAt = things.map((id) => things.indexOf(id))
  const used = new Uint16Array(shelf.length)
  const chosen = new Int16Array(slots).fill(NO_PIECE)
  const rows = new FrameRows(slots, shelf.length, apart)

  const close = (heightMm: number): void => {
    if (heightMm < leastMm || heightMm > mostMm) return
    let whole = 0
    for (let at = 0; at < slots; at++) {
      const piece = chosen[at] as number
      if (piece !== NO_PIECE) whole += (placePrices[at] as ArrayLike<number>)[piece] as number
    }
    for (let at = 0; at < slots; at++) {
      const piece = chosen[at] as number
      if (piece === NO_PIECE) continue
      for (let other = at + 1; other < slots; other++)
        if (chosen[other] !== NO_PIECE) whole += prices.ofPair(piece, chosen[other] as number)
      if (chosen.indexOf(piece) === at) whole += prices.ofDoubt(piece, used[thingAt[piece] as number] as number)
    }
    const within = reach(mostCost - whole)
    if (!within || heightMm < within[0] - SAME_LENGTH_MM || heightMm > within[1] + SAME_LENGTH_MM) return
    rows.add(chosen, heightMm, whole)
  }

  /** Puts a piece in a place and goes on; `cost` is the least that the frame costs so far. */
  const take = (at: number, { index, mm, cost: own }: Candidate, heightMm: number, cost: number): void => {
    const thing = thingAt[index] as number
    if ((used[thing] as number) >= (shelf[index] as Plate).count) return
    used[thing]!++
    chosen[at] = index
    fill(at + 1, heightMm + mm, cost + own)
    chosen[at] = NO_PIECE
    used[thing]!--
  }

  const isCovering = (kinds: readonly PlateKind[], at: number): boolean => {
    const below = chosen[at - 1] ?? NO_PIECE
    return below !== NO_PIECE && kinds.includes((shelf[below] as Plate).kind)
  }

  const fill = (at: number, heightMm: number, cost: number): void => {
    if (heightMm > mostMm) return
    const place = places[at]
    if (place === undefined) return close(heightMm)
    const within = reach(mostCost - cost - (leastFrom[at] as number))
    if (!within) return
    if (place.over && !isCovering(place.over, at)) return fill(at + 1, heightMm, cost)
    if (place.least === 0 && !place.over) fill(at + 1, heightMm, cost)
    const its = candidates[at] as Candidate[]
    if (at < slots - 1) {
      for (const candidate of its) take(at, candidate, heightMm, cost)
      return
    }
    const thinnest = firstAtLeast(thicknesses[at] as Float64Array, within[0] - heightMm - SAME_LENGTH_MM)
    for (let next = thinnest; next < its.length; next++) {
      const candidate = its[next] as Candidate
      if (heightMm + candidate.mm > within[1] + SAME_LENGTH_MM) return
      take(at, candidate, heightMm, cost)
    }
  }
  // Where a place has nobody to fill it there is no frame.
  if (leastFrom[0] !== Infinity) {
    const first = slots > 1 ? (candidates[0] as Candidate[]) : []
    // What `fill` does with the first place, with a breath between its plates.
    if (first.length === 0) fill(0, 0, 0)
    else if ((places[0] as PlatesPlace).least === 0) fill(1, 0, 0)
    for (const [at, candidate] of first.entries()) {
      if (reach(mostCost - (leastFrom[0] as number))) take(0, candidate, 0, 0)
      yield at / first.length
    }
  }

  return inOrderOfCost(rows, slots, mostCost < Infinity)
}

/** The plates of a frame, place by place; undefined where one is left empty. */
export const platesOfFrame = (
  { pieces, slots }: Frames,
  frame: number,
  shelf: readonly Plate[],
): (Plate | undefined)[] => Array.from(pieces.subarray(frame * slots, (frame + 1) * slots), (piece) => shelf[piece])
