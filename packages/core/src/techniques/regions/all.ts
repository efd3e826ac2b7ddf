import type { Region } from './region.js'

/** All of the dies is pressed. */
export const all: Region = {
  id: 'all',
  places: (places) => places,
  keepsOrder: true,
  ofPiece: (found) => found,
  ofStack: () => [],
}
