import type { Plate } from '../layers/plate.js'
import type { Role } from '../layers/layer.js'
import type { Stack } from '../layers/stack.js'
import { firstAtLeast } from '../numerics/first-at-least.js'
import { SAME_COST, SAME_LENGTH_MM } from '../numerics/tolerances.js'
import type { Method } from '../techniques/method.js'
import { type CutContext, dieClassOf, jobMmOf } from '../job/cut-context.js'
import type { Place, PlatesPlace } from '../techniques/technique.js'
import { BestKept } from './best-kept.js'
import { type Frames, listFrames, NO_PIECE, platesOfFrame } from '../stacks/frames.js'
import { isFramedPlace, isShimPlace, stackInPlaces } from '../stacks/places.js'
import { framesOf, spreadOver } from '../stacks/spread.js'
import { PriceList } from './price-list.js'
import { keyOfPieces } from '../layers/stack-reference.js'
import { costOfOffset, mmOfOffset, points } from './ranking.js'
import { listShimSets, type ShimSets } from '../stacks/shim-sets.js'
import { finish, type Steps } from '../numerics/steps.js'
import type { SqueezeWindow } from '../learning/squeeze-window.js'

export interface SearchRequest {
  readonly method: Method
  readonly cut: CutContext
  readonly window: SqueezeWindow
  /** Everything that may be used; an entry's count is how many pieces there are. */
  readonly shelf: readonly Plate[]
  /** `keyOfPieces`s of stacks that cut clean on this press before. */
  readonly workedBefore: ReadonlySet<string>
  /** How many of the best to return; Infinity for all. */
  readonly keep: number
  /** The sequence to search; the usual one where it is absent. */
  readonly places?: readonly Place[] | undefined
  /** Narrows what may stand in a role; all may where it is absent. */
  readonly allows?: ((role: Role, plate: Plate) => boolean) | undefined
}

export interface FoundStack {
  readonly stack: Stack
  readonly squeezeMm: number
  /** Ranking points; less is better. */
  readonly cost: number
  readonly key: string
}

export interface SearchResult {
  /** Best first. */
  readonly found: readonly FoundStack[]
  /** Whether `found` is all there is; false where worse ones were passed over unlisted. */
  readonly complete: boolean
  /** Stacks whose cost was worked out. */
  readonly examined: number
}

/** A stack by its pieces: a frame's row, and shelf indices of its shims. */
interface Candidate {
  readonly cost: number
  readonly key: string
  readonly frame: number
  readonly shims: readonly number[]
  readonly squeezeMm: number
}

/** A shelf whose pieces make no more frames than this is searched at once. */
const MANY_FRAMES = 60_000

/** So many of some plates as they are spread by thickness: the cheapest where not all cost the same. */
const spreadOf = (
  many: number,
  plates: readonly number[],
  prices: Float64Array,
  shelf: readonly Plate[],
): readonly number[] => {
  if (plates.length === 0) return []
  const cheapestFirst = [...plates].sort((a, b) => (prices[a] as number) - (prices[b] as number) || a - b)
  const dearest = prices[cheapestFirst[Math.min(many, plates.length) - 1] as number] as number
  const byThickness = cheapestFirst
    .filter((at) => (prices[at] as number) <= dearest)
    .sort((a, b) => (shelf[a] as Plate).thickness.valueMm - (shelf[b] as Plate).thickness.valueMm || a - b)
  return spreadOver(byThickness, many)
}

/**
 * A cost that none of the stacks to be kept exceeds: that of the last one kept where half of the shelf is all there is, which is found the
 * same way. Infinite where all are to be kept, or the shelf is searched at once as it is.
 */
function* boundOf(
  request: SearchRequest,
  framed: readonly PlatesPlace[],
  shimAt: readonly number[],
  prices: PriceList,
): Steps<number> {
  const { shelf, keep } = request
  if (!Number.isFinite(keep)) return Infinity
  const inPlaces = framed.map((place) => prices.inPlace(place))
  const fitting = inPlaces.map((inPlace) => [...shelf.keys()].filter((at) => Number.isFinite(inPlace[at])))
  if (
    framesOf(
      fitting.map(({ length }) => length),
      framed,
    ) <= MANY_FRAMES
  )
    return Infinity
  const sampled = new Set([
    ...fitting.flatMap((plates, at) =>
      spreadOf(Math.ceil(plates.length / 2), plates, inPlaces[at] as Float64Array, shelf),
    ),
    ...shimAt.filter((_, at) => at % 2 === 0),
  ])
  if (sampled.size === shelf.length) return Infinity
  const { found } = yield* searchSteps({ ...request, shelf: shelf.filter((_, at) => sampled.has(at)) })
  const last = found[keep - 1]
  return last ? last.cost + SAME_COST : Infinity
}

/** What so many of a shim cost in a stack, and bounds on what any set of them does. */
const shimCosts = (
  { shelf, window }: SearchRequest,
  shimPlace: PlatesPlace | undefined,
  shimAt: readonly number[],
  prices: PriceList,
) => {
  const shimPrices = shimPlace ? prices.inPlace(shimPlace) : new Float64Array(0)
  const cheapestShim = shimAt.reduce((least, at) => Math.min(least, shimPrices[at] as number), Infinity)
  // Doubt may fall by at most this much, where shims stand in the gap already.
  const mostRelief = shimAt.reduce((sum, at) => {
    const inGap = window.pieces[(shelf[at] as Plate).id]?.count ?? 0
    return sum + (inGap > 0 ? -prices.ofDoubt(at, inGap) : 0)
  }, 0)
  return {
    costOf: (index: number, count: number): number =>
      count * (shimPrices[shimAt[index] as number] as number) + prices.ofDoubt(shimAt[index] as number, count),
    cheapestShim,
    mostRelief,
    leastPerShim: Number.isFinite(cheapestShim) ? cheapestShim - mostRelief : 0,
  }
}

/** mm. The thickest that so many shims can be together. */
const thickestShimsMm = (shims: readonly Plate[], most: number): number =>
  shims
    .flatMap((plate) => Array<number>(Math.min(plate.count, most)).fill(plate.thickness.valueMm))
    .sort((a, b) => b - a)
    .slice(0, most)
    .reduce((sum, mm) => sum + mm, 0)

/**
 * Finds the best stacks whose squeeze lies in the window, exactly.
 *
 * A stack is a frame (platform, spacer, bed, pad: few choices each) and a set of shims (many). Frames are listed cheapest
 * first; sets of 0, 1, 2… shims are listed once, thinnest first, so that those which bring a frame into the window are one
 * slice. Every set costs at least its size in points, so sizes and frames whose bound lies above the worst stack kept
 * are passed over: nothing better can be among them. Costs are sums over pieces, which is what makes the bound exact.
 */
export function* searchSteps(request: SearchRequest): Steps<SearchResult> {
  const { method, cut, window, shelf, workedBefore } = request
  const places = request.places ?? method.places(dieClassOf(cut), cut.bladeSide, cut.rules)
  const framed = places.filter(isFramedPlace)
  const shimPlace = places.find(isShimPlace)
  const mostShims = shimPlace?.most ?? 0
  const shimAt = shimPlace ? [...shelf.keys()].filter((at) => shimPlace.kinds.includes((shelf[at] as Plate).kind)) : []
  const shims = shimAt.map((at) => shelf[at] as Plate)
  const prices = new PriceList(method, cut, window, shelf, request.allows)

  const jobMm = jobMmOf(cut)
  const lowMm = window.lowMm + window.gapMm - jobMm - SAME_LENGTH_MM
  const highMm = window.highMm + window.gapMm - jobMm + SAME_LENGTH_MM
  const { costOf, cheapestShim, mostRelief, leastPerShim } = shimCosts(request, shimPlace, shimAt, prices)
  const bonus = workedBefore.size > 0 ? points.workedBefore : 0
  const bound = yield* boundOf(request, framed, shimAt, prices)
  const leastMm = lowMm - thickestShimsMm(shims, mostShims)
  /** mm. Where a frame without shims would be at its best. */
  const midMm = window.midMm + window.gapMm - jobMm
  const frames = yield* listFrames(framed, shelf, prices, {
    mostMm: highMm,
    leastMm,
    mostCost: bound + bonus,
    reach(cost) {
      // With a shim or more it may have any height that they can make up for.
      if (shims.length > 0 && cost >= leastPerShim) return [leastMm, highMm]
      if (cost < 0) return undefined
      const asideMm = mmOfOffset(cost, window)
      return [Math.max(lowMm, midMm - asideMm), Math.min(highMm, midMm + asideMm)]
    },
  })
  if (frames.length === 0) return { found: [], complete: true, examined: 0 }

  const pairedShims = shimPairPrices(frames, shimAt, prices)
  const lowestFrameMm = frames.heightMm.reduce((least, mm) => Math.min(least, mm), Infinity)

  const best = new BestKept<Candidate>(request.keep)
  let examined = 0
  let passedOver = frames.leftOut
  /** Cost that a stack must not exceed to be among those kept. */
  const bar = (): number => Math.min(best.bar, bound)

  const keyOf = (frame: number, chosen: readonly number[]): string =>
    keyOfPieces([...piecesOf(frames, frame), ...chosen].map((at) => (shelf[at] as Plate).id))

  const takeSlice = (frame: number, sets: ShimSets): void => {
    const frameMm = frames.heightMm[frame] as number
    for (let at = firstAtLeast(sets.heightMm, lowMm - frameMm); at < sets.length; at++) {
      const heightMm = frameMm + (sets.heightMm[at] as number)
      if (heightMm > highMm) return
      examined++
      const squeezeMm = heightMm + jobMm - window.gapMm
      let cost = (frames.cost[frame] as number) + (sets.cost[at] as number) + costOfOffset(squeezeMm, window)
      if (pairedShims)
        for (let piece = 0; piece < sets.size; piece++)
          cost += pairedShims(frame, sets.items[at * sets.size + piece] as number)
      if (cost - bonus > bar()) {
        passedOver = true
        continue
      }
      const chosen: number[] = []
      for (let piece = 0; piece < sets.size; piece++)
        chosen.push(shimAt[sets.items[at * sets.size + piece] as number] as number)
      const key = keyOf(frame, chosen)
      best.offer({ cost: workedBefore.has(key) ? cost - bonus : cost, key, frame, shims: chosen, squeezeMm })
    }
  }

  for (let size = 0; size <= mostShims; size++) {
    if (size > 0 && (frames.cost[0] as number) + size * cheapestShim - mostRelief - bonus > bar()) {
      passedOver = true
      break
    }
    const mostCost = bar() + bonus - (frames.cost[0] as number)
    const sets = listShimSets(shims, size, { mostMm: highMm - lowestFrameMm, mostCost, leastPerShim }, costOf)
    passedOver ||= sets.leftOut
    yield size / (mostShims + 1)
    for (let frame = 0; frame < frames.length; frame++) {
      if ((frames.cost[frame] as number) + sets.leastCost - bonus > bar()) {
        passedOver = true
        break
      }
      takeSlice(frame, sets)
    }
  }

  const found = best.list().map(({ cost, key, frame, shims: chosen, squeezeMm }): FoundStack => {
    const shimPlates = chosen.map((at) => shelf[at] as Plate)
    return { stack: stackInPlaces(places, platesOfFrame(frames, frame, shelf), shimPlates, cut), squeezeMm, cost, key }
  })
  return { found, complete: !passedOver && found.length < request.keep, examined }
}

/** As `searchSteps`, at once. */
export const searchStacks = (request: SearchRequest): SearchResult => finish(searchSteps(request))

const piecesOf = (frames: Frames, frame: number): number[] =>
  [...frames.pieces.subarray(frame * frames.slots, (frame + 1) * frames.slots)].filter((piece) => piece !== NO_PIECE)

/** What a shim costs for lying in one stack with a frame's pieces; undefined where no shim costs anything beside any plate. */
const shimPairPrices = (frames: Frames, shimAt: readonly number[], prices: PriceList) => {
  const inFrames = new Set(frames.pieces)
  inFrames.delete(NO_PIECE)
  if (!shimAt.some((shim) => [...inFrames].some((piece) => prices.ofPair(piece, shim) > 0))) return undefined
  return (frame: number, shim: number): number =>
    piecesOf(frames, frame).reduce((sum, piece) => sum + prices.ofPair(piece, shimAt[shim] as number), 0)
}
