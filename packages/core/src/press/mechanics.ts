/** Rollers and frame of a press. Lengths in mm. */
export interface RollerFrame {
  /** d. */
  readonly rollerDiameterMm: number
  /** L: between the bearings; the roller's face is centred in it. */
  readonly bearingSpanMm: number
  /** W: usable roller face. */
  readonly throatMm: number
  /** E, MPa. */
  readonly rollerModulusMPa: number
  /** k_f: total nip force per mm that the bearings part, N/mm. Infinity for a frame that does not give. */
  readonly frameStiffnessNPerMm: number
}

/** I: second moment of a round roller, mm⁴ (engineering handbooks: π d⁴ / 64). */
export const secondMoment = (diameterMm: number): number =>
  (Math.PI * diameterMm * diameterMm * diameterMm * diameterMm) / 64

/**
 * How far both rollers together bend, mm, per N of the m-th sine's share of the load:
 * w(y') = Σ G_m · sin(mπy'/L) · ∫ q sin(mπy'/L) dy', with G_m = 2 · 2 / (L·E·I·(mπ/L)⁴).
 * Simply supported beam under a sine load (engineering handbooks), twice for the two rollers.
 */
export const bendingCompliance = (press: RollerFrame, term: number): number => {
  const { bearingSpanMm: L, rollerModulusMPa: E, rollerDiameterMm: d } = press
  const wave = (term * Math.PI) / L
  return 4 / (L * E * secondMoment(d) * (wave * wave * wave * wave))
}

/** y' = distance from the left bearing of a place y in the throat, mm. */
export const fromBearing = (press: RollerFrame, y: number): number => y + (press.bearingSpanMm - press.throatMm) / 2
