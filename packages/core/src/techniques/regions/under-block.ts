import { finding, type Place, plates } from '../technique.js'
import type { Region } from './region.js'

const block: Place = plates('block', ['press-block'], 1, 1)

/** A block is thicker than the pad it stands for: the platform may leave the stack, and a pad may fill it up instead. */
const below: readonly Place[] = [
  plates('platform', ['platform'], 0, 1),
  plates('spacer', ['spacer', 'cutting-pad'], 0, 1),
  plates('spacer', ['spacer'], 0, 1),
]

/** Only under a press block: everywhere else the stack is thinner by the block, so that nothing touches. */
export const underBlock: Region = {
  id: 'under-block',
  /** As where all is pressed, with a block behind the die; the plate that it replaces in height may leave the stack. */
  places: (places, bladeSide) =>
    places.flatMap((place): Place[] => {
      if (place.is === 'dies') return bladeSide === 'down' ? [place, block] : [block, place]
      if (place.is !== 'plates') return [place]
      if (place.role === 'platform') return [...below]
      if (place.role === 'spacer') return []
      return [place.role === 'pad' ? { ...place, least: 0 } : place]
    }),
  keepsOrder: false,
  // What is pressed is what the block covers, so it covers it.
  ofPiece: (found, role) => (role === 'block' ? [] : found),
  ofStack: (stack) =>
    stack.some((layer) => layer.is === 'plate' && layer.role === 'block') ? [] : [finding('block-missing', 'stop')],
}
