import { measured, type MeasuredMm } from '../units/measured.js'

/** Kinds of sheet the press cuts. */
export const sheetKinds = [
  'smooth-card',
  'textured-card',
  'foil-paper',
  'film',
  'vellum',
  'adhesive-sheet',
  'craft-foam',
  'board',
] as const
export type SheetKind = (typeof sheetKinds)[number]

interface SheetKindFacts {
  /** cm³/g: thickness per grammage, for kinds sold by weight; absent where weight says nothing of the thickness. */
  readonly bulkCm3PerG?: number
  /** One standard deviation of the bulk between makes, as a share. */
  readonly bulkSpreadShare?: number
  /** mm. What a sheet of the kind usually measures, where it is not sold by weight. */
  readonly usualCaliperMm?: number
  /** τ, MPa. */
  readonly shearStrengthMPa: number
  /** E_m, MPa: squash modulus between the die's body and the bed. */
  readonly squashModulusMPa: number
  /** ρ: share of a shape pressed into it that it keeps; κ: how much of a bend it bears against card. */
  readonly keptShare: number
  readonly crackFactor: number
}

/** Starting values from memory and common practice (press model, table of sheets); each can be overruled by measuring. */
const facts: Record<SheetKind, SheetKindFacts> = {
  'smooth-card': {
    bulkCm3PerG: 1.25,
    bulkSpreadShare: 0.08,
    shearStrengthMPa: 40,
    squashModulusMPa: 3,
    keptShare: 0.7,
    crackFactor: 1,
  },
  'textured-card': {
    bulkCm3PerG: 1.6,
    bulkSpreadShare: 0.12,
    shearStrengthMPa: 35,
    squashModulusMPa: 2,
    keptShare: 0.75,
    crackFactor: 1.3,
  },
  // Film tears late: as hard as it takes for the passes that practice reports (docs/practice.md).
  'foil-paper': { usualCaliperMm: 0.12, shearStrengthMPa: 105, squashModulusMPa: 6, keptShare: 0.85, crackFactor: 1.5 },
  film: { usualCaliperMm: 0.18, shearStrengthMPa: 60, squashModulusMPa: 20, keptShare: 0.3, crackFactor: 2 },
  vellum: {
    bulkCm3PerG: 1.05,
    bulkSpreadShare: 0.08,
    shearStrengthMPa: 45,
    squashModulusMPa: 4,
    keptShare: 0.6,
    crackFactor: 0.7,
  },
  'adhesive-sheet': { usualCaliperMm: 0.1, shearStrengthMPa: 10, squashModulusMPa: 1, keptShare: 0.7, crackFactor: 1 },
  // As hard as it takes for the passes that practice reports (docs/practice.md).
  'craft-foam': { usualCaliperMm: 2, shearStrengthMPa: 8, squashModulusMPa: 1.4, keptShare: 0.2, crackFactor: 2 },
  board: { usualCaliperMm: 1.2, shearStrengthMPa: 30, squashModulusMPa: 4, keptShare: 0.6, crackFactor: 0.7 },
}

/** mm. Ordinary card, where nothing is known of a sheet. From memory. */
export const ORDINARY_CARD_MM = 0.3

/**
 * Estimates the caliper in mm of one sheet (ISO 534) from its kind and grammage in g/m²: grammage × bulk for kinds sold by
 * weight, else the kind's usual thickness. The spread says how far makes differ.
 */
export const estimatedCaliper = (kind: SheetKind, grammage: number | undefined): MeasuredMm => {
  const { bulkCm3PerG, bulkSpreadShare = 0, usualCaliperMm } = facts[kind]
  if (bulkCm3PerG !== undefined && grammage !== undefined) {
    const valueMm = (grammage * bulkCm3PerG) / 1000
    return { valueMm, spreadMm: valueMm * bulkSpreadShare }
  }
  return measured(usualCaliperMm ?? ORDINARY_CARD_MM, 'table')
}

/** How hard a sheet kind is to cut (τ) and to squash (E_m), MPa. Press model, table of sheets; vellum from memory. */
export const strengthOfKind = (kind: SheetKind): { shearStrengthMPa: number; squashModulusMPa: number } => {
  const { shearStrengthMPa, squashModulusMPa } = facts[kind]
  return { shearStrengthMPa, squashModulusMPa }
}

/** How much of a shape a sheet kind keeps (ρ), and what it bears before it cracks (κ). Notes on pressing into mats, from memory. */
export const formingOfKind = (kind: SheetKind): { keptShare: number; crackFactor: number } => {
  const { keptShare, crackFactor } = facts[kind]
  return { keptShare, crackFactor }
}

/** Whether sheets of this kind are told apart by weight. */
export const isSoldByWeight = (kind: SheetKind): boolean => facts[kind].bulkCm3PerG !== undefined
