import type { Plate } from '../layers/plate.js'
import type { Layer } from '../layers/layer.js'
import { thicknessOf } from '../layers/layer.js'
import type { Stack } from '../layers/stack.js'
import { SAME_LENGTH_MM } from '../numerics/tolerances.js'
import { type CutContext, dieClassOf, jobLayer, type Place, type Technique } from '../techniques/technique.js'
import { BestKept, byCost } from './best-kept.js'
import { costOfDoubt, costOfOffset, costOfPair, costOfPiece, piecesKey, points } from './ranking.js'
import { firstAtLeast, listShimSets, type ShimSets } from './shim-sets.js'
import type { SqueezeWindow } from './window.js'

export interface SearchRequest {
  readonly technique: Technique
  readonly cut: CutContext
  readonly window: SqueezeWindow
  /** Everything that may be used; an entry's count is how many pieces there are. */
  readonly shelf: readonly Plate[]
  /** `piecesKey`s of stacks that cut clean on this press before. */
  readonly workedBefore: ReadonlySet<string>
  /** How many of the best to return; Infinity for all. */
  readonly keep: number
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

type PlatesPlace = Extract<Place, { is: 'plates' }>

/** One choice of plates for every place but the shims'. */
interface Frame {
  readonly byPlace: ReadonlyMap<Place, readonly Plate[]>
  readonly heightMm: number
  readonly cost: number
  readonly key: string
  /** What each shim costs for lying in one stack with this frame's pieces; absent where none does. */
  readonly shimPairs?: readonly number[]
}

const isShims = (place: Place): place is PlatesPlace => place.is === 'plates' && place.role === 'shim'

/** Every way to fill the places other than the shims', the cheaper order kept where two orders use the same pieces. */
const listFrames = ({ technique, cut, window, shelf }: SearchRequest, places: readonly Place[]): Frame[] => {
  const framed = places.filter((place): place is PlatesPlace => place.is === 'plates' && !isShims(place))
  const best = new Map<string, Frame>()
  const chosen: (readonly Plate[])[] = []
  const used = new Map<Plate, number>()

  const close = (): void => {
    const pieces = chosen.flat()
    const key = piecesKey(pieces.map((plate) => plate.id))
    let cost = 0
    framed.forEach((place, at) => {
      for (const plate of chosen[at] as readonly Plate[]) cost += costOfPiece(technique, place.role, plate, cut)
    })
    pieces.forEach((plate, at) => {
      for (const other of pieces.slice(at + 1)) cost += costOfPair(technique, plate, other, cut)
    })
    for (const [plate, count] of used) if (count > 0) cost += costOfDoubt(plate, count, window)
    const rival = best.get(key)
    if (rival && rival.cost <= cost) return
    best.set(key, {
      byPlace: new Map(framed.map((place, at) => [place, chosen[at] as readonly Plate[]])),
      heightMm: pieces.reduce((sum, plate) => sum + plate.thickness.valueMm, 0),
      cost,
      key,
    })
  }

  const fill = (at: number): void => {
    const place = framed[at]
    if (place === undefined) return close()
    if (place.least === 0) {
      chosen.push([])
      fill(at + 1)
      chosen.pop()
    }
    for (const plate of shelf) {
      const already = used.get(plate) ?? 0
      if (!place.kinds.includes(plate.kind) || already >= plate.count) continue
      used.set(plate, already + 1)
      chosen.push([plate])
      fill(at + 1)
      chosen.pop()
      used.set(plate, already)
    }
  }
  fill(0)
  return [...best.values()].sort(byCost)
}

/** Shims are not framed, so what they cost beside a frame's pieces is worked out once per frame. */
const withShimPairs = (frame: Frame, shims: readonly Plate[], technique: Technique, cut: CutContext): Frame => {
  const pieces = [...frame.byPlace.values()].flat()
  const shimPairs = shims.map((shim) => pieces.reduce((sum, piece) => sum + costOfPair(technique, piece, shim, cut), 0))
  return shimPairs.some((cost) => cost > 0) ? { ...frame, shimPairs } : frame
}

const layersOf = (places: readonly Place[], frame: Frame, shims: readonly Plate[], cut: CutContext): Layer[] =>
  places.flatMap((place): Layer[] => {
    if (place.is !== 'plates') return [jobLayer(place.is, cut)]
    const plates = isShims(place) ? shims : (frame.byPlace.get(place) ?? [])
    return plates.map((plate) => ({ is: 'plate', plate }))
  })

/**
 * Finds the best stacks whose squeeze lies in the window, exactly.
 *
 * A stack is a frame (platform, spacer, bed, pad: few choices each) and a set of shims (many). Frames are listed cheapest
 * first; sets of 0, 1, 2… shims are listed once, thinnest first, so that those which bring a frame into the window are one
 * slice. Every set costs at least its size in points, so sizes and frames whose bound lies above the worst stack kept
 * are passed over: nothing better can be among them. Costs are sums over pieces, which is what makes the bound exact.
 */
export const searchStacks = (request: SearchRequest): SearchResult => {
  const { technique, cut, window, shelf, workedBefore } = request
  const places = technique.places(dieClassOf(cut), cut.bladeSide, cut.rules)
  const shimPlace = places.find(isShims)
  const shims = shimPlace ? shelf.filter((plate) => shimPlace.kinds.includes(plate.kind)) : []
  const frames = listFrames(request, places).map((frame) => withShimPairs(frame, shims, technique, cut))
  const cheapestFrame = frames[0]
  if (!cheapestFrame) return { found: [], complete: true, examined: 0 }

  const perShim = shims.map((plate) => costOfPiece(technique, 'shim', plate, cut))
  const costOf = (index: number, count: number): number =>
    count * (perShim[index] as number) + costOfDoubt(shims[index] as Plate, count, window)
  const cheapestShim = Math.min(Infinity, ...perShim)
  // Doubt may fall by at most this much, where shims stand in the gap already.
  const mostRelief = shims.reduce((sum, plate) => {
    const inGap = window.piecesInGap[plate.id]?.count ?? 0
    return sum + (inGap > 0 ? -costOfDoubt(plate, inGap, window) : 0)
  }, 0)
  const bonus = workedBefore.size > 0 ? points.workedBefore : 0

  const jobMm = thicknessOf(jobLayer('dies', cut)).valueMm + thicknessOf(jobLayer('sheets', cut)).valueMm
  const lowMm = window.lowMm + window.gapMm - jobMm - SAME_LENGTH_MM
  const highMm = window.highMm + window.gapMm - jobMm + SAME_LENGTH_MM
  const lowestFrameMm = frames.reduce((least, frame) => Math.min(least, frame.heightMm), Infinity)

  const best = new BestKept<Candidate>(request.keep)
  let examined = 0
  let passedOver = false

  const takeSlice = (frame: Frame, sets: ShimSets): void => {
    for (let at = firstAtLeast(sets, lowMm - frame.heightMm); at < sets.length; at++) {
      const heightMm = frame.heightMm + (sets.heightMm[at] as number)
      if (heightMm > highMm) return
      examined++
      const squeezeMm = heightMm + jobMm - window.gapMm
      let cost = frame.cost + (sets.cost[at] as number) + costOfOffset(squeezeMm, window)
      if (frame.shimPairs)
        for (let piece = 0; piece < sets.size; piece++)
          cost += frame.shimPairs[sets.items[at * sets.size + piece] as number] as number
      if (cost - bonus > best.bar) {
        passedOver = true
        continue
      }
      const chosen: Plate[] = []
      for (let piece = 0; piece < sets.size; piece++)
        chosen.push(shims[sets.items[at * sets.size + piece] as number] as Plate)
      const key = piecesKey([...(frame.key === '' ? [] : frame.key.split(' ')), ...chosen.map((plate) => plate.id)])
      best.offer({ cost: workedBefore.has(key) ? cost - bonus : cost, key, frame, shims: chosen, squeezeMm })
    }
  }

  for (let size = 0; size <= (shimPlace?.most ?? 0); size++) {
    if (size > 0 && cheapestFrame.cost + size * cheapestShim - mostRelief - bonus > best.bar) {
      passedOver = true
      break
    }
    const sets = listShimSets(shims, size, highMm - lowestFrameMm, costOf)
    for (const frame of frames) {
      if (frame.cost + sets.leastCost - bonus > best.bar) {
        passedOver = true
        break
      }
      takeSlice(frame, sets)
    }
  }

  const found = best.list().map(({ cost, key, frame, shims: chosen, squeezeMm }): FoundStack => {
    return { stack: layersOf(places, frame, chosen, cut), squeezeMm, cost, key }
  })
  return { found, complete: !passedOver && found.length < request.keep, examined }
}

interface Candidate {
  readonly cost: number
  readonly key: string
  readonly frame: Frame
  readonly shims: readonly Plate[]
  readonly squeezeMm: number
}
