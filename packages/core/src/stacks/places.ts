import { type CutContext, jobLayer } from '../job/cut-context.js'
import type { Layer, Role } from '../layers/layer.js'
import type { Plate } from '../layers/plate.js'
import type { Place, PlatesPlace } from '../techniques/technique.js'

/** The place of shims in a series. */
export const isShimPlace = (place: Place): place is PlatesPlace & { readonly role: 'shim' } =>
  place.is === 'plates' && place.role === 'shim'

/** A place of one plate, or none: all but the shims'. What stands in these is a frame. */
export const isFramedPlace = (place: Place): place is PlatesPlace & { readonly role: Exclude<Role, 'shim'> } =>
  place.is === 'plates' && place.role !== 'shim'

/** The stack of a press run, bottom to top: a frame's plates in their places (undefined where one is left empty), and shims in theirs. */
export const stackInPlaces = (
  places: readonly Place[],
  frame: readonly (Plate | undefined)[],
  shims: readonly Plate[],
  cut: CutContext,
): Layer[] => {
  let slot = 0
  return places.flatMap((place): Layer[] => {
    if (place.is !== 'plates') return [jobLayer(place.is, cut)]
    if (isShimPlace(place)) return shims.map((plate) => ({ is: 'plate', plate, role: 'shim' }))
    const plate = frame[slot++]
    return plate ? [{ is: 'plate', plate, role: place.role }] : []
  })
}
