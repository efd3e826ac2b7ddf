import type { Layer, Role } from '../layers/layer.js'
import type { Plate } from '../layers/plate.js'
import type { Stack } from '../layers/stack.js'
import type { Place } from './technique.js'

/** As much of a layer as a place asks for. */
export interface Laid {
  readonly is: Layer['is']
  readonly plate?: Pick<Plate, 'kind'>
  /** Absent where none was given yet. */
  readonly role?: Role
}

const fits = ({ is, plate, role }: Laid, place: Place): boolean =>
  place.is === 'plates'
    ? plate !== undefined && place.kinds.includes(plate.kind) && (role === undefined || role === place.role)
    : is === place.is

/**
 * The role that a sequence of places gives each layer, bottom to top (undefined for dies and sheets); undefined where the layers
 * cannot be read as that sequence. Small stacks, so plain backtracking will do.
 */
export const rolesInSequence = (
  layers: readonly Laid[],
  places: readonly Place[],
  layerAt = 0,
  placeAt = 0,
): (Role | undefined)[] | undefined => {
  const place = places[placeAt]
  if (place === undefined) return layerAt === layers.length ? [] : undefined
  const { least, most, role } = place.is === 'plates' ? place : { least: 1, most: 1, role: undefined }
  for (let taken = 0; taken <= most; taken++) {
    const rest = taken >= least ? rolesInSequence(layers, places, layerAt + taken, placeAt + 1) : undefined
    if (rest) return [...Array<Role | undefined>(taken).fill(role), ...rest]
    const layer = layers[layerAt + taken]
    if (layer === undefined || !fits(layer, place)) return undefined
  }
  return undefined
}

/** Whether a stack's plates stand in the roles and the order of the places. */
export const followsSequence = (stack: Stack, places: readonly Place[]): boolean =>
  rolesInSequence(stack, places) !== undefined
