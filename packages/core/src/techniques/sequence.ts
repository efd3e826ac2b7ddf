import type { Layer } from '../layers/layer.js'
import type { Stack } from '../layers/stack.js'
import type { Place } from './technique.js'

const fits = (layer: Layer, place: Place): boolean =>
  place.is === 'plates' ? layer.is === 'plate' && place.kinds.includes(layer.plate.kind) : layer.is === place.is

/** Whether the layers, bottom to top, can be read as the sequence of places. Small stacks, so plain backtracking will do. */
export const followsSequence = (stack: Stack, places: readonly Place[], layerAt = 0, placeAt = 0): boolean => {
  const place = places[placeAt]
  if (place === undefined) return layerAt === stack.length
  const least = place.is === 'plates' ? place.least : 1
  const most = place.is === 'plates' ? place.most : 1
  for (let taken = 0; taken <= most; taken++) {
    if (taken >= least && followsSequence(stack, places, layerAt + taken, placeAt + 1)) return true
    const layer = stack[layerAt + taken]
    if (layer === undefined || !fits(layer, place)) return false
  }
  return false
}
