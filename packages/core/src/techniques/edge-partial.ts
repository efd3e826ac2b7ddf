import { finding, fullCut } from './full-cut.js'
import type { Technique } from './technique.js'

/**
 * Cutting up to a pencil line: the pad's full-thickness edge is laid on it, and what sticks out is not cut. Its dies carry only
 * the lines that are pressed, so that all else is as in a full cut of those.
 */
export const edgePartial = {
  ...fullCut,
  id: 'edge-partial' as const,

  ofPiece(role, plate, cut) {
    const found = fullCut.ofPiece(role, plate, cut)
    const other = role === 'pad' && cut.edgePadId !== undefined && plate.id !== cut.edgePadId
    return other ? [...found, finding('not-the-placed-pad', 'stop', { plate: plate.name })] : found
  },
} satisfies Technique
