import type { Plate } from '../../layers/plate.js'
import type { Stack } from '../../layers/stack.js'
import type { Bed } from '../../press/bed.js'
import { matOfPlate } from '../../press/mats/mat-of-plate.js'
/** A mat as what is pressed into, with so soft a thing behind it. */
export const bedOfMat = (mat: Plate, softness: number): Bed => ({
  indentStiffness: 0,
  softness,
  mat: matOfPlate(mat),
})

/** What a built stack is pressed into: its mat, by what lies behind it; undefined where it has none. */
export const bedOfMatIn = (stack: Stack, behind: (plate: Plate | undefined) => number): Bed | undefined => {
  const plates = stack.flatMap((layer) => (layer.is === 'plate' ? [layer] : []))
  const mat = plates.find(({ role }) => role === 'mat')
  return mat && bedOfMat(mat.plate, behind(plates.find(({ role }) => role === 'backing')?.plate))
}
