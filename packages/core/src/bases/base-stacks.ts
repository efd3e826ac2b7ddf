import type { CutContext } from '../job/cut-context.js'
import type { Layer, Role } from '../layers/layer.js'
import type { Plate } from '../layers/plate.js'
import type { Method } from '../techniques/method.js'
import { finish } from '../numerics/steps.js'
import { type FramePrices, type Frames, listFrames, platesOfFrame } from '../stacks/frames.js'
import { isFramedPlace, isShimPlace, stackInPlaces } from '../stacks/places.js'
import { framesOf, spreadOver } from '../stacks/spread.js'
import type { Place, PlatesPlace } from '../techniques/technique.js'

/** Plates for every place of a series but the shims', bottom to top; undefined where a place is left empty. */
export interface BaseStack {
  /** The pieces in their roles, bottom to top with what is pressed between them: bases of other series that are the same share it. */
  readonly key: string
  readonly plates: readonly (Plate | undefined)[]
  readonly places: readonly Place[]
  readonly heightMm: number
}

/** Combinations of plates beyond which each place tries only some of those that the shelf has for it. */
const MOST_FRAMES = 20_000
/** Plates that are tried in one place all the same. */
const FEWEST_PER_PLACE = 6

/** The plates that are tried in each place, as indices into the shelf: of a big shelf some, as they are spread by thickness. */
const triedIn = (
  framed: readonly PlatesPlace[],
  shelf: readonly Plate[],
  fits: (place: PlatesPlace, plate: Plate) => boolean,
): (readonly number[])[] => {
  const byThickness = [...shelf.keys()].sort((a, b) => {
    const [one, other] = [shelf[a] as Plate, shelf[b] as Plate]
    return one.thickness.valueMm - other.thickness.valueMm || (one.id < other.id ? -1 : 1)
  })
  let tried: (readonly number[])[] = framed.map((place) =>
    byThickness.filter((at) => {
      const plate = shelf[at] as Plate
      return place.kinds.includes(plate.kind) && fits(place, plate)
    }),
  )
  const many = (): number =>
    framesOf(
      tried.map(({ length }) => length),
      framed,
    )
  for (let most = 24; many() > MOST_FRAMES && most >= FEWEST_PER_PLACE; most -= 3)
    tried = tried.map((its) => spreadOver(its, most))
  return tried
}

const keyOf = (places: readonly Place[], chosen: readonly (Plate | undefined)[]): string => {
  let slot = 0
  return places
    .flatMap((place) => {
      if (place.is !== 'plates') return [place.is]
      if (isShimPlace(place)) return ['shims']
      const plate = chosen[slot++]
      return plate ? [`${place.role} ${plate.id}`] : []
    })
    .join(' · ')
}

/** Bases of one series of places, each set of pieces on a bed once, of heights from–to mm. */
export const basesIn = (
  places: readonly Place[],
  shelf: readonly Plate[],
  fits: (place: PlatesPlace, plate: Plate) => boolean,
  [fromMm, toMm]: readonly [number, number],
  bedRole: Role,
): BaseStack[] => {
  const framed = places.filter(isFramedPlace)
  const pricesIn = new Map(
    triedIn(framed, shelf, fits).map((tried, at) => {
      const prices = new Float64Array(shelf.length).fill(Infinity)
      for (const plate of tried) prices[plate] = 0
      return [framed[at] as PlatesPlace, prices]
    }),
  )
  // A base costs nothing by itself: the same pieces on the same bed answer alike, and the first in the shelf's order stand for them.
  const free: FramePrices = {
    inPlace: (place) => pricesIn.get(place) as Float64Array,
    ofPair: () => 0,
    ofDoubt: () => 0,
  }
  const bedAt = framed.findIndex(({ role }) => role === bedRole)
  const frames = finish(
    listFrames(framed, shelf, free, {
      mostMm: toMm,
      leastMm: fromMm,
      mostCost: Infinity,
      reach: () => [fromMm, toMm],
      apart: bedAt === -1 ? undefined : bedAt,
    }),
  )
  return inOrderOfShelf(frames).map((frame) => {
    const plates = platesOfFrame(frames, frame, shelf)
    return { key: keyOf(places, plates), plates, places, heightMm: frames.heightMm[frame] as number }
  })
}

/** Frames in the order of the shelf, place by place. */
const inOrderOfShelf = ({ length, slots, pieces }: Frames): number[] =>
  Array.from({ length }, (_, frame) => frame).sort((one, other) => {
    for (let at = 0; at < slots; at++) {
      const differ = (pieces[one * slots + at] as number) - (pieces[other * slots + at] as number)
      if (differ !== 0) return differ
    }
    return 0
  })

/** A base with shims on it, as the stack of a press run. */
export const stackOn = ({ plates, places }: BaseStack, shims: readonly Plate[], cut: CutContext): Layer[] =>
  stackInPlaces(places, plates, shims, cut)

/** The plate of a base that stands in a role. */
export const plateIn = ({ plates, places }: BaseStack, role: Role): Plate | undefined =>
  plates[places.filter(isFramedPlace).findIndex((place) => place.role === role)]

/** Whether a rule stops a plate in a place whatever else is there. */
export const isStopped = (method: Method, cut: CutContext, place: PlatesPlace, plate: Plate): boolean =>
  method.ofPiece(place.role, plate, cut).some(({ severity }) => severity === 'stop')
