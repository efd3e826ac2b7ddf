import type { BladeShape } from './blade.js'
import { areaPressure, areaPressureSlope, type MatLaw, STIFF_FROM } from './mat.js'

/** A mat that also takes a blade's ridge. */
export interface RidgeMat extends MatLaw {
  /** k_m: stiffness under a ridge, N per mm of line and mm. */
  readonly ridgeStiffness: number
  /** σ of a sheet on it, where that is not as of most mats. */
  readonly setPerPass?: number
}

/** A sheet that is creased, not cut. */
export interface CreasedSheet {
  /** t: thickness of all that is creased at once, mm. */
  readonly thicknessMm: number
  /** τ, MPa. */
  readonly shearStrengthMPa: number
  /** η: share of the severing force that bending the sheet takes. */
  readonly yieldShare: number
  /** ρ: share of the depth that stays behind, and σ: share of what is still wanting that each pass adds. */
  readonly keptShare: number
  readonly setPerPass: number
}

/** A blade pressed through a sheet into a mat: the sheet is bent over it, and cut only where that takes too much. */
export interface RidgeLaw {
  readonly mat: RidgeMat
  readonly sheet: CreasedSheet
}

/** f_c = τ·t: what severs the sheet, N per mm of line (the blanking rule, machinery handbooks). */
export const severingForce = ({ thicknessMm, shearStrengthMPa }: CreasedSheet): number => thicknessMm * shearStrengthMPa

/** Force at the blade's tip at penetration `u` mm, N per mm of line: the mat under the ridge, and the sheet's own bending. */
export const tipForce = ({ mat, sheet }: RidgeLaw, u: number): number => {
  if (u <= 0) return 0
  const e = Math.min(u / mat.thicknessMm, STIFF_FROM)
  const bending = (sheet.yieldShare * severingForce(sheet) * u) / (u + sheet.thicknessMm)
  return (mat.ridgeStiffness * u) / (1 - e) + bending
}

/** Line force of tip and body at penetration `u` mm, N per mm of line. Never falls. */
export const ridgeForce = (law: RidgeLaw, { bladeHeightMm, bodyStripMm }: BladeShape, u: number): number =>
  tipForce(law, u) + bodyStripMm * areaPressure(law.mat, u - bladeHeightMm)

/** How fast that force grows, N per mm of line and mm. */
export const ridgeSlope = (law: RidgeLaw, { bladeHeightMm, bodyStripMm }: BladeShape, u: number): number => {
  if (u <= 0) return 0
  const { mat, sheet } = law
  const e = u / mat.thicknessMm
  const ridge = e < STIFF_FROM ? mat.ridgeStiffness / (1 - e) ** 2 : mat.ridgeStiffness / (1 - STIFF_FROM)
  const bending = (sheet.yieldShare * severingForce(sheet) * sheet.thicknessMm) / (u + sheet.thicknessMm) ** 2
  return ridge + bending + bodyStripMm * areaPressureSlope(mat, u - bladeHeightMm)
}

/** What stays behind of a want (mm, or a share) after one pass more, where `kept` was there before. */
export const keptAfter = (kept: number, want: number, setPerPass: number): number =>
  want > kept ? kept + setPerPass * (want - kept) : kept
