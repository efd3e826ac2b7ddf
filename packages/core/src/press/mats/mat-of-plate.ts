import type { Plate } from '../../layers/plate.js'
import type { RidgeMat } from '../laws/ridge.js'
import { MAT_THIN_BELOW_MM, PAPER_THIN_BELOW_MM, SETS_AT_ONCE, MAT_MODULUS_MPA, RIDGE_STIFFNESS } from '../constants.js'

/** mm. As thick as the thinnest mat that takes it all itself. */
const LIKE_THIN_MM = 1
/** Whether an embossing mat is a thin one, as for creases. */
export const isThinMat = ({ thickness }: Pick<Plate, 'thickness'>): boolean => thickness.valueMm < MAT_THIN_BELOW_MM

const isPaperThin = ({ thickness }: Pick<Plate, 'thickness'>): boolean => thickness.valueMm < PAPER_THIN_BELOW_MM

/** How a mat of the shelf gives way. */
export const matOfPlate = (plate: Plate): RidgeMat & { readonly lengthMm: number; readonly widthMm: number } => ({
  thicknessMm: isPaperThin(plate) ? LIKE_THIN_MM : plate.thickness.valueMm,
  ...(isPaperThin(plate) ? { setPerPass: SETS_AT_ONCE } : {}),
  modulusMPa: MAT_MODULUS_MPA[isThinMat(plate) ? 'thin' : 'thick'],
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
