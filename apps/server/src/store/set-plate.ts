import { closedIn, plateIdOf } from '@bold-heron/core'
import type { PlateRow } from '@bold-heron/schema'
import { PlateModel } from './models/plate-model.js'
import type { Reference } from './row-shape.js'

/** A plate of a stack as tables keep it: which one of the shelf, and how its leaves are set, empty where it has none or all are open. */
export const setPlateColumns = (id: string | null): { readonly plateId: string | null; readonly leaves: string } => ({
  plateId: id === null ? null : plateIdOf(id),
  leaves: id === null ? '' : closedIn(id),
})

/** The same plate as a stack names it. */
export const idOfSetPlate = ({ plateId, leaves }: { readonly plateId: string; readonly leaves: string }): string =>
  `${plateId}${leaves}`

/** A reference to a plate that has the leaves which are to be closed. */
export const referenceToSetPlate = (path: string, id: string): Reference => {
  const last = Math.max(0, ...Array.from(closedIn(id), Number).filter((place) => place > 0))
  return {
    path,
    id: plateIdOf(id),
    model: PlateModel,
    what: 'plate',
    ...(last > 0 && { has: { column: 'leaves', holds: (leaves) => last <= (leaves as PlateRow['leaves']).length } }),
  }
}
