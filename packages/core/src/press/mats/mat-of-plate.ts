import type { Plate } from '../../layers/plate.js'
import type { RidgeMat } from '../laws/ridge.js'

/** mm. A mat that is thinner counts as thin. From memory. */
const THIN_BELOW_MM = 2
/**
 * mm. A mat that is thinner is paper-thin: it gives way into what lies behind it as well, so that it answers like one of this thickness, and presses
 * the sheet so sharply that nearly all of the crease is there at once. From memory, and practice (docs/practice.md): one easy pass.
 */
const PAPER_THIN_BELOW_MM = 0.8
const SETS_AT_ONCE = 0.97
/** mm. As thick as the thinnest mat that takes it all itself. */
const LIKE_THIN_MM = 1
/**
 * MPa, and N per mm of line and mm. Notes on pressing into mats, from memory; but for a thick mat, which is so soft that a relief of three layers is
 * not felt where a cut is (docs/practice.md; silicone is 0.5 to 3 MPa).
 */
const MODULUS_MPA = { thin: 2, thick: 1.2 } as const
const RIDGE_STIFFNESS = { thin: 3.2, thick: 2.5 } as const

/** Whether an embossing mat is a thin one, as for creases. */
export const isThinMat = ({ thickness }: Pick<Plate, 'thickness'>): boolean => thickness.valueMm < THIN_BELOW_MM

const isPaperThin = ({ thickness }: Pick<Plate, 'thickness'>): boolean => thickness.valueMm < PAPER_THIN_BELOW_MM

/** How a mat of the shelf gives way. */
export const matOfPlate = (plate: Plate): RidgeMat & { readonly lengthMm: number; readonly widthMm: number } => ({
  thicknessMm: isPaperThin(plate) ? LIKE_THIN_MM : plate.thickness.valueMm,
  ...(isPaperThin(plate) ? { setPerPass: SETS_AT_ONCE } : {}),
  modulusMPa: MODULUS_MPA[isThinMat(plate) ? 'thin' : 'thick'],
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
