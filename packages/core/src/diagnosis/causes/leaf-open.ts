import { plateIdOf } from '../../layers/leaves.js'
import { type Cause, squeezed } from '../cause.js'

/** A hinged leaf of the platform is open that was to be closed, or the other way round. */
export const leafOpen = {
  id: 'leaf-open',
  prior: 1.5,
  degrees: ({ stack, request: { shelf } }) => {
    const platform = stack.find((layer) => layer.is === 'plate' && layer.plate.leaves !== undefined)
    if (platform?.is !== 'plate') return []
    const { id, thickness } = platform.plate
    const otherwise = shelf.filter((plate) => plate.id !== id && plateIdOf(plate.id) === plateIdOf(id))
    return otherwise.map((plate) => squeezed(1 / otherwise.length, plate.thickness.valueMm - thickness.valueMm))
  },
  answers: { 'leaf-open': 0.95, 'stack-otherwise': 0.4 },
  remedy: { minutes: 1, cures: 0.995 },
} as const satisfies Cause
