import { type CutContext, jobLayer } from '../job/cut-context.js'
import type { Layer, Role } from '../layers/layer.js'
import type { Plate } from '../layers/plate.js'
import type { Method } from '../techniques/method.js'
import type { Place } from '../techniques/technique.js'

type PlatesPlace = Extract<Place, { is: 'plates' }>

/** Plates for every place of a series but the shims', bottom to top; undefined where a place is left empty. */
export interface BaseStack {
  /** The pieces in their roles, bottom to top with what is pressed between them: bases of other series that are the same share it. */
  readonly key: string
  readonly plates: readonly (Plate | undefined)[]
  readonly places: readonly Place[]
  readonly heightMm: number
}

export const isShimPlace = (place: Place): boolean => place.is === 'plates' && place.role === 'shim'
const isFramed = (place: Place): place is PlatesPlace => place.is === 'plates' && !isShimPlace(place)

/** Combinations of plates beyond which each place tries only some of those that the shelf has for it. */
const MOST_FRAMES = 20_000
/** Plates that are tried in one place all the same. */
const FEWEST_PER_PLACE = 6

const thinned = (plates: readonly Plate[], most: number): readonly Plate[] => {
  if (plates.length <= most) return plates
  const byThickness = [...plates].sort((a, b) => a.thickness.valueMm - b.thickness.valueMm || (a.id < b.id ? -1 : 1))
  return Array.from(
    { length: most },
    (_, at) => byThickness[Math.round((at * (plates.length - 1)) / (most - 1))] as Plate,
  )
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

/** Bases of one series of places, each set of pieces once, of heights from–to mm. */
export const basesIn = (
  places: readonly Place[],
  shelf: readonly Plate[],
  fits: (place: PlatesPlace, plate: Plate) => boolean,
  [fromMm, toMm]: readonly [number, number],
  bedRole: Role,
): BaseStack[] => {
  const framed = places.filter(isFramed)
  let its: (readonly Plate[])[] = framed.map((place) =>
    shelf.filter((plate) => place.kinds.includes(plate.kind) && fits(place, plate)),
  )
  const framesOf = (lists: typeof its): number =>
    lists.reduce((product, list, at) => product * (list.length + ((framed[at] as PlatesPlace).least === 0 ? 1 : 0)), 1)
  for (let most = 24; framesOf(its) > MOST_FRAMES && most >= FEWEST_PER_PLACE; most -= 3)
    its = its.map((list) => thinned(list, most))
  const found = new Map<string, BaseStack>()
  const used = new Map<string, number>()
  const chosen: (Plate | undefined)[] = []
  const fill = (at: number, heightMm: number): void => {
    if (heightMm > toMm) return
    const place = framed[at]
    if (!place) {
      if (heightMm < fromMm) return
      const bed = chosen[framed.findIndex(({ role }) => role === bedRole)]
      const pieces = [...chosen.map((plate) => plate?.id ?? '').sort(), bed?.id].join(' ')
      // The same pieces on the same bed answer alike; the first in the shelf's order stands for them.
      if (!found.has(pieces)) found.set(pieces, { key: keyOf(places, chosen), plates: [...chosen], places, heightMm })
      return
    }
    if (place.least === 0) {
      chosen[at] = undefined
      fill(at + 1, heightMm)
    }
    for (const plate of its[at] as readonly Plate[]) {
      const count = used.get(plate.id) ?? 0
      if (count >= plate.count) continue
      used.set(plate.id, count + 1)
      chosen[at] = plate
      fill(at + 1, heightMm + plate.thickness.valueMm)
      used.set(plate.id, count)
    }
    chosen.length = at
  }
  fill(0, 0)
  return [...found.values()]
}

/** A base with shims on it, as the stack of a press run. */
export const stackOn = ({ plates, places }: BaseStack, shims: readonly Plate[], cut: CutContext): Layer[] => {
  let slot = 0
  return places.flatMap((place): Layer[] => {
    if (place.is !== 'plates') return [jobLayer(place.is, cut)]
    if (isShimPlace(place)) return shims.map((plate) => ({ is: 'plate', plate, role: 'shim' }))
    const plate = plates[slot++]
    return plate ? [{ is: 'plate', plate, role: place.role }] : []
  })
}

/** Whether a rule stops a plate in a place whatever else is there. */
export const isStopped = (method: Method, cut: CutContext, place: PlatesPlace, plate: Plate): boolean =>
  method.ofPiece(place.role, plate, cut).some(({ severity }) => severity === 'stop')
