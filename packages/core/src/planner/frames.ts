import { Mistake } from '../faults/guards.js'
import type { Plate } from '../layers/plate.js'
import type { PlatesPlace, PriceList } from './price-list.js'

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
}

export interface FrameLimits {
  /** mm. A frame must not be higher than this. */
  readonly mostMm: number
  /** mm. Nor lower: not even the thickest shims would fill it up. */
  readonly leastMm: number
}

/**
 * Lists every way to fill the places, one piece each, whose height lies within the limits. Where two orders use the same
 * pieces, the cheaper is kept.
 */
export const listFrames = (
  places: readonly PlatesPlace[],
  shelf: readonly Plate[],
  prices: PriceList,
  { mostMm, leastMm }: FrameLimits,
): Frames => {
  if (places.some((place) => place.most > 1)) throw new Mistake('a framed place holds one piece at most')
  const slots = places.length
  const placePrices = places.map((place) => prices.inPlace(place))
  const candidates = places.map((_, at) =>
    [...shelf.keys()].filter((index) => Number.isFinite((placePrices[at] as Float64Array)[index])),
  )
  const used = new Uint16Array(shelf.length)
  const chosen = new Int16Array(slots).fill(NO_PIECE)

  const heights: number[] = []
  const costs: number[] = []
  const pieces: number[] = []
  const rowOf = new Map<number, number>()

  /** A number for the set of pieces, whatever their order. */
  const nameOfSet = (): number => {
    const sorted = chosen.slice().sort()
    let name = 0
    for (const piece of sorted) name = name * (shelf.length + 1) + piece + 1
    return name
  }

  const close = (heightMm: number, cost: number): void => {
    if (heightMm < leastMm) return
    let whole = cost
    for (let at = 0; at < slots; at++) {
      const piece = chosen[at] as number
      if (piece === NO_PIECE) continue
      for (let other = at + 1; other < slots; other++)
        if (chosen[other] !== NO_PIECE) whole += prices.ofPair(piece, chosen[other] as number)
      if (chosen.indexOf(piece) === at) whole += prices.ofDoubt(piece, used[piece] as number)
    }
    const name = nameOfSet()
    const row = rowOf.get(name)
    if (row !== undefined && (costs[row] as number) <= whole) return
    const to = row ?? heights.length
    rowOf.set(name, to)
    heights[to] = heightMm
    costs[to] = whole
    for (let at = 0; at < slots; at++) pieces[to * slots + at] = chosen[at] as number
  }

  const fill = (at: number, heightMm: number, cost: number): void => {
    if (heightMm > mostMm) return
    const place = places[at]
    if (place === undefined) return close(heightMm, cost)
    if (place.least === 0) fill(at + 1, heightMm, cost)
    for (const index of candidates[at] as number[]) {
      const plate = shelf[index] as Plate
      if ((used[index] as number) >= plate.count) continue
      used[index]!++
      chosen[at] = index
      fill(at + 1, heightMm + plate.thickness.valueMm, cost + ((placePrices[at] as Float64Array)[index] as number))
      chosen[at] = NO_PIECE
      used[index]!--
    }
  }
  fill(0, 0, 0)

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
  }
}
