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
}

/** Starting values from memory and common practice (press model, table of sheets); each can be overruled by measuring. */
const facts: Record<SheetKind, SheetKindFacts> = {
  'smooth-card': { bulkCm3PerG: 1.25, bulkSpreadShare: 0.08 },
  'textured-card': { bulkCm3PerG: 1.6, bulkSpreadShare: 0.12 },
  'foil-paper': { usualCaliperMm: 0.12 },
  film: { usualCaliperMm: 0.18 },
  vellum: { bulkCm3PerG: 1.05, bulkSpreadShare: 0.08 },
  'adhesive-sheet': { usualCaliperMm: 0.1 },
  'craft-foam': { usualCaliperMm: 2 },
  board: { usualCaliperMm: 1.2 },
}

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
  return measured(usualCaliperMm ?? 0.3, 'table')
}

/** Whether sheets of this kind are told apart by weight. */
export const isSoldByWeight = (kind: SheetKind): boolean => facts[kind].bulkCm3PerG !== undefined
