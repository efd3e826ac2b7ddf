import { mostDifficult } from '../../dies/difficulty.js'
import { type Die, tallest } from '../../dies/die.js'
import { bestFace } from '../../layers/plate.js'
import { landingOf, type Stack } from '../../layers/stack.js'
import { layOutDies } from '../../placement/lay-out.js'
import { placeLines } from '../../geometry/place-lines.js'
import type { DiePose } from '../../placement/place-die.js'
import { type Bed, bedOf, softnessOf } from '../../press/bed.js'
import type { BladeLaw } from '../../press/laws/blade.js'
import { heightsOn, type Laying, PLAIN_LAYING } from '../laying.js'
import { WEDGE_RATIO } from '../../press/constants.js'
import {
  type ContactCells,
  type GridSize,
  layOnGrid,
  type PlacedDie,
  STANDARD_GRID,
} from '../../press/nip/contact-cells.js'
import { type CutContext, pileMmOf } from '../../job/cut-context.js'

/** mm. Grid for responses: coarser than a shown simulation; moves thresholds by a hundredth or two, far below their doubt. */
export const PLANNING_GRID: GridSize = { xMm: 2, yMm: 12 }

/** The dies of a press run where they lie in the stack, each as much lower as it is than the tallest. */
export const placedDiesOf = ({ dies, press }: CutContext, laying: Laying = PLAIN_LAYING): PlacedDie[] => {
  const poses = laying.poses ?? layOutDies(dies, press.throatMm, laying.rotationDeg)
  const topMm = tallest(dies).valueMm
  return dies.map((die: Die, at) => ({
    lines: placeLines(die.outline.lines, poses[at] as DiePose),
    shape: { bladeHeightMm: die.bladeHeightMm, bodyStripMm: die.bodyStripMm },
    lowerMm: topMm - die.height.valueMm,
  }))
}

/** The dies of a cut laid out on the grid of a simulation. */
export const cellsOf = (cut: CutContext, laying: Laying = PLAIN_LAYING, grid: GridSize = STANDARD_GRID): ContactCells =>
  layOnGrid(placedDiesOf(cut, laying), cut.press.throatMm, heightsOn(cut.press, laying), grid)

/** The law of the blades for a cut on a bed; `strength` multiplies the sheet's shear strength (1 = its table value). */
export const lawOf = (cut: CutContext, bed: Bed, strength = 1): BladeLaw => ({
  sheetsMm: pileMmOf(cut),
  shearStrengthMPa: cut.sheet.shearStrengthMPa * mostDifficult(cut.dies) * strength,
  wedgeRatio: WEDGE_RATIO,
  indentStiffness: bed.indentStiffness,
  squashModulusMPa: cut.sheet.squashModulusMPa,
})

/** The bed that a stack's blade lands on, with the softness of every soft layer; undefined where it meets no plate. */
export const bedOfStack = (stack: Stack): Bed | undefined => {
  const landing = landingOf(stack)
  const layer = landing?.bedIndex === undefined ? undefined : stack[landing.bedIndex]
  if (layer?.is !== 'plate') return undefined
  const softness = stack.reduce((sum, each) => sum + (each.is === 'plate' ? softnessOf(each.plate) : 0), 0)
  return { indentStiffness: bedOf(layer.plate).indentStiffness, softness }
}

/** Whether the stack's bed has a face that is better than the one it is taken with. */
export const bedFaceOf = (stack: Stack) => {
  const landing = landingOf(stack)
  const layer = landing?.bedIndex === undefined ? undefined : stack[landing.bedIndex]
  return layer?.is === 'plate' && layer.plate.kind === 'cutting-pad' ? bestFace(layer.plate) : undefined
}
