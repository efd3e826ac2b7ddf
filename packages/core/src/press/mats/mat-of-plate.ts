import type { Plate } from '../../layers/plate.js'
import type { RidgeMat } from '../laws/ridge.js'

/** mm. A mat that is thinner counts as thin. From memory. */
const THIN_BELOW_MM = 2
/** MPa, and N per mm of line and mm. Notes on pressing into mats, from memory. */
const MODULUS_MPA = 2
const RIDGE_STIFFNESS = { thin: 3.2, thick: 2.5 } as const

/** Whether an embossing mat is a thin one, as for creases. */
export const isThinMat = ({ thickness }: Pick<Plate, 'thickness'>): boolean => thickness.valueMm < THIN_BELOW_MM

/** How a mat of the shelf gives way. */
export const matOfPlate = (plate: Plate): RidgeMat & { readonly lengthMm: number; readonly widthMm: number } => ({
  thicknessMm: plate.thickness.valueMm,
  modulusMPa: MODULUS_MPA,
  ridgeStiffness: RIDGE_STIFFNESS[isThinMat(plate) ? 'thin' : 'thick'],
  lengthMm: plate.lengthMm,
  widthMm: plate.widthMm,
})

/** A mat so many times as stiff as by its table. */
export const stifferMat = <Mat extends RidgeMat>(mat: Mat, factor: number): Mat => ({
  ...mat,
  modulusMPa: mat.modulusMPa * factor,
  ridgeStiffness: mat.ridgeStiffness * factor,
})
