import { finding } from '../technique.js'
import type { Region } from './region.js'

/**
 * Up to a pencil line: the pad's full-thickness edge is laid on it, and what sticks out is not pressed. The dies carry only the lines
 * that are pressed, so that all else is as where all of them is.
 */
export const toLine: Region = {
  id: 'to-line',
  places: (places) => places,
  keepsOrder: true,
  ofPiece(found, role, plate, cut) {
    const other = role === 'pad' && cut.edgePadId !== undefined && plate.id !== cut.edgePadId
    return other ? [...found, finding('not-the-placed-pad', 'stop', { plate: plate.name })] : found
  },
  ofStack: () => [],
}
