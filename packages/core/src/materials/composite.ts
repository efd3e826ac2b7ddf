import type { MeasuredMm } from '../units/measured.js'
import type { Sheet } from './sheet.js'
import type { CompositePart } from './sheet-part.js'

interface PartFacts {
  /** Behind the sheet as it lies face up, or on its face. */
  readonly lies: 'behind' | 'on-face'
  /** mm, where it is not measured. */
  readonly caliperMm: number
  readonly shearStrengthMPa: number
  readonly squashModulusMPa: number
  /** What is done with it when the piece is cut. */
  readonly afterwards: 'peel' | 'lift-off' | 'separate' | null
}

/** Starting values from memory; measuring outranks them. A folded sheet is as the sheet itself. */
const facts: Readonly<Record<Exclude<CompositePart, 'folded'>, PartFacts>> = {
  adhesive: { lies: 'behind', caliperMm: 0.15, shearStrengthMPa: 25, squashModulusMPa: 2, afterwards: 'peel' },
  'waxed-paper': {
    lies: 'on-face',
    caliperMm: 0.04,
    shearStrengthMPa: 30,
    squashModulusMPa: 4,
    afterwards: 'lift-off',
  },
  printed: { lies: 'on-face', caliperMm: 0.12, shearStrengthMPa: 40, squashModulusMPa: 4, afterwards: null },
}

/** What is known of a part before it is measured; of a folded sheet, what the sheet itself is. */
export const factsOfPart = (part: CompositePart, base: Sheet): PartFacts =>
  part === 'folded'
    ? {
        lies: 'behind',
        caliperMm: base.caliper.valueMm,
        shearStrengthMPa: base.shearStrengthMPa,
        squashModulusMPa: base.squashModulusMPa,
        afterwards: 'separate',
      }
    : facts[part]

/** A layer of a composite sheet, as it was entered: its caliper in mm, null for what is usual. */
export interface EnteredPart {
  readonly part: CompositePart
  readonly caliperMm: number | null
}

/** How far a part's usual caliper may be off, as a share. From memory. */
const USUAL_SPREAD_SHARE = 0.15
/** mm. How exactly a measured one is known. */
const MEASURED_SPREAD_MM = 0.01

/**
 * A sheet with what lies with it, as one pile for the press: the calipers add up for the squeeze, τ · t for the force, and the squash
 * moduli as springs one on another (T / Σ t/E). The parts are told bottom to top, the sheet lying face up.
 */
export const compositeOf = (base: Sheet, entered: readonly EnteredPart[]): Sheet => {
  if (entered.length === 0) return base
  const parts = entered.map(({ part, caliperMm }) => {
    const known = factsOfPart(part, base)
    const valueMm = caliperMm ?? known.caliperMm
    const spreadMm =
      part === 'folded' && caliperMm === null
        ? base.caliper.spreadMm
        : caliperMm === null
          ? USUAL_SPREAD_SHARE * valueMm
          : MEASURED_SPREAD_MM
    return { ...known, part, caliper: { valueMm, spreadMm } satisfies MeasuredMm }
  })
  const own = { ...base, part: 'sheet' as const, lies: 'behind' as const }
  const pile = [
    ...parts.filter(({ lies }) => lies === 'behind'),
    own,
    ...parts.filter(({ lies }) => lies === 'on-face'),
  ]
  const valueMm = pile.reduce((sum, { caliper }) => sum + caliper.valueMm, 0)
  return {
    ...base,
    caliper: { valueMm, spreadMm: Math.hypot(...pile.map(({ caliper }) => caliper.spreadMm)) },
    shearStrengthMPa: pile.reduce((sum, each) => sum + each.shearStrengthMPa * each.caliper.valueMm, 0) / valueMm,
    squashModulusMPa: valueMm / pile.reduce((sum, each) => sum + each.caliper.valueMm / each.squashModulusMPa, 0),
    parts: pile.map(({ part, caliper, shearStrengthMPa }) => ({ part, caliperMm: caliper.valueMm, shearStrengthMPa })),
  }
}

/** What is done with a sheet's parts when the piece is cut, in order. */
export const afterwardsOf = ({ parts }: Pick<Sheet, 'parts'>): ('peel' | 'lift-off' | 'separate')[] => {
  const found = (parts ?? []).flatMap(({ part }) =>
    part === 'sheet' ? [] : part === 'folded' ? (['separate'] as const) : (facts[part].afterwards ?? []),
  )
  return [...new Set(found)]
}
