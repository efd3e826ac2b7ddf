/**
 * One blade pressed through the sheets into its bed. Symbols as in the press model: z blade travel, z_c depth cut, c cut
 * fraction of the old kerf, T thickness of all sheets, τ shear strength, φ wedge ratio, k_p indentation stiffness of the
 * bed, b blade height above the die's body, v width of the strip of body behind each blade, E_m squash modulus.
 */
export interface BladeLaw {
  /** T, mm. */
  readonly sheetsMm: number
  /** τ, MPa. */
  readonly shearStrengthMPa: number
  /** φ: share of the cutting force that the blade's flanks still take in a kerf already cut. */
  readonly wedgeRatio: number
  /** k_p, N/mm² (N per mm of blade and mm of sinking). */
  readonly indentStiffness: number
  /** E_m, MPa. */
  readonly squashModulusMPa: number
}

/** A die's own part in the law. */
export interface BladeShape {
  /** b, mm. */
  readonly bladeHeightMm: number
  /** v, mm; 0 for cased dies, whose ejection foam gives way. */
  readonly bodyStripMm: number
}

/** The body's squash is taken no further than this share of the sheets' thickness; beyond it the law would run away. */
export const MOST_SQUASH = 0.9

/**
 * Depth cut z_c, mm, at blade travel `z` mm in a kerf already cut to `c` (0…1).
 * In the old kerf f = f_c·φ·z_c/T, cutting f = f_c·((1+φ)·z_c/T − c), and in both z = z_c + f/k_p: straight lines.
 */
export const depthCut = (law: BladeLaw, z: number, c: number): number => {
  const { sheetsMm: T, shearStrengthMPa: tau, wedgeRatio: phi, indentStiffness: kp } = law
  if (z <= 0) return 0
  const inKerf = z / (1 + (tau * phi) / kp)
  if (inKerf <= c * T) return inKerf
  const cutting = (z + (tau * T * c) / kp) / (1 + (tau * (1 + phi)) / kp)
  return Math.min(cutting, T)
}

/**
 * Depth cut as a share of the sheets, going on beyond 1 by what travel is left over once the blade is through (as a share of
 * the sheets too). Grows smoothly with the travel where the depth itself stops at 1.
 */
export const reachOf = (law: BladeLaw, z: number, c: number): number => {
  const { sheetsMm: T, shearStrengthMPa: tau, wedgeRatio: phi, indentStiffness: kp } = law
  // Travel at which the blade is just through: T, and the sinking under the force that takes.
  const through = T * (1 + (tau * (1 + phi - c)) / kp)
  return z >= through ? 1 + (z - through) / T : depthCut(law, z, c) / T
}

/** How far the bed gives, mm, under the force that cuts whole sheets through: what a cut needs of travel beyond their thickness. */
export const sinkingOf = ({
  sheetsMm,
  shearStrengthMPa,
  wedgeRatio,
  indentStiffness,
}: Omit<BladeLaw, 'squashModulusMPa'>): number => (sheetsMm * shearStrengthMPa * (1 + wedgeRatio)) / indentStiffness

/** Line force of the blade alone, N per mm of blade, at travel `z` mm in a kerf cut to `c`. Never falls as z grows. */
export const bladeForce = (law: BladeLaw, z: number, c: number): number =>
  z <= 0 ? 0 : law.indentStiffness * (z - depthCut(law, z, c))

/** Line force of the die's body squashing the sheet once the blade has sunk in to its root, N per mm of blade. */
const squashForce = (law: BladeLaw, { bladeHeightMm, bodyStripMm }: BladeShape, z: number): number => {
  const e = Math.min(Math.max((z - bladeHeightMm) / law.sheetsMm, 0), MOST_SQUASH)
  return (bodyStripMm * law.squashModulusMPa * e) / (1 - e)
}

/** Line force a blade and the body behind it need at travel `z` mm in a kerf cut to `c` (0…1). N per mm of blade. */
export const lineForce = (law: BladeLaw, shape: BladeShape, z: number, c: number): number =>
  bladeForce(law, z, c) + squashForce(law, shape, z)
