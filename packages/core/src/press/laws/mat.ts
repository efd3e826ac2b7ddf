/** A mat that gives way under what is pressed into it. Symbols as in the notes on pressing into mats. */
export interface MatLaw {
  /** h_m, mm. */
  readonly thicknessMm: number
  /** E_m, the mat's apparent modulus, MPa. */
  readonly modulusMPa: number
}

/** A mat goes on in a straight line from this share of its thickness on; beyond it the law would run away. */
export const STIFF_FROM = 0.95

/** Pressure in MPa of a mat under an area at penetration `u`, mm: E·e/(1−e), e = u/h, and straight on from `STIFF_FROM`. Never falls. */
export const areaPressure = ({ thicknessMm, modulusMPa }: MatLaw, u: number): number => {
  if (u <= 0) return 0
  const e = u / thicknessMm
  if (e <= STIFF_FROM) return (modulusMPa * e) / (1 - e)
  return (modulusMPa * STIFF_FROM) / (1 - STIFF_FROM) + (modulusMPa * (e - STIFF_FROM)) / (1 - STIFF_FROM) ** 2
}

/** How fast that pressure grows, MPa per mm. */
export const areaPressureSlope = ({ thicknessMm, modulusMPa }: MatLaw, u: number): number => {
  if (u <= 0) return 0
  const left = 1 - Math.min(u / thicknessMm, STIFF_FROM)
  return modulusMPa / (thicknessMm * left * left)
}
