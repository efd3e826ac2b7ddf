import type { Plate } from '../layers/plate.js'

/** All sets of exactly `size` shims, thinnest first, as flat arrays; a set's items are indices into the shims. */
export interface ShimSets {
  readonly size: number
  readonly length: number
  /** Thickness of each set in mm, ascending. */
  readonly heightMm: Float64Array
  readonly cost: Float64Array
  /** `size` shim indices per set. */
  readonly items: Uint16Array
  readonly leastCost: number
  /** Whether sets were left out for costing more than was asked for. */
  readonly leftOut: boolean
}

export interface ShimLimits {
  /** mm. Thicker sets are left out. */
  readonly mostMm: number
  /** Dearer sets are left out. */
  readonly mostCost: number
  /** The least that any further shim can add to a set's cost. */
  readonly leastPerShim: number
}

/**
 * Lists every set (with repetition up to each shim's count) of exactly `size` shims within the limits.
 * `costOf(index, count)` is what `count` pieces of a shim cost together.
 */
export const listShimSets = (
  shims: readonly Plate[],
  size: number,
  { mostMm, mostCost, leastPerShim }: ShimLimits,
  costOf: (index: number, count: number) => number,
): ShimSets => {
  let leftOut = false
  const heights: number[] = []
  const costs: number[] = []
  const items: number[] = []
  const chosen: number[] = []

  const choose = (from: number, left: number, heightMm: number, cost: number): void => {
    if (heightMm > mostMm) return
    if (cost + left * leastPerShim > mostCost) {
      leftOut = true
      return
    }
    if (left === 0) {
      heights.push(heightMm)
      costs.push(cost)
      for (const index of chosen) items.push(index)
      return
    }
    for (let index = from; index < shims.length; index++) {
      const { count, thickness } = shims[index] as Plate
      for (let taken = Math.min(count, left); taken >= 1; taken--) {
        for (let piece = 0; piece < taken; piece++) chosen.push(index)
        choose(index + 1, left - taken, heightMm + taken * thickness.valueMm, cost + costOf(index, taken))
        chosen.length -= taken
      }
    }
  }
  choose(0, size, 0, 0)

  const order = Uint32Array.from(heights.keys()).sort((a, b) => (heights[a] as number) - (heights[b] as number))
  const sorted: ShimSets = {
    size,
    length: order.length,
    heightMm: Float64Array.from(order, (at) => heights[at] as number),
    cost: Float64Array.from(order, (at) => costs[at] as number),
    items: new Uint16Array(order.length * size),
    leastCost: costs.reduce((least, cost) => Math.min(least, cost), Infinity),
    leftOut,
  }
  order.forEach((at, to) => {
    for (let piece = 0; piece < size; piece++) sorted.items[to * size + piece] = items[at * size + piece] as number
  })
  return sorted
}

/** The shims of a set. */
export const shimsOfSet = ({ items, size }: ShimSets, set: number, shims: readonly Plate[]): Plate[] =>
  Array.from(items.subarray(set * size, (set + 1) * size), (at) => shims[at] as Plate)
