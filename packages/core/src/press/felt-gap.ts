/** Where along the throat a stack was led between the rollers, seen from the side it goes in. */
export const feltPlaces = ['left', 'middle', 'right'] as const
export type FeltPlace = (typeof feltPlaces)[number]

/** A plate that was led between the rollers: as thick as it was then, and how unsure that is. Lengths in mm. */
export interface FeltPlate {
  readonly id: string
  readonly thicknessMm: number
  readonly spreadMm: number
}

/** Bare plates that were led between the rollers, a piece each, and whether these took hold of them or they slipped through. */
interface FeltLead {
  readonly plates: readonly FeltPlate[]
  readonly grips: boolean
}

/** One try without a die: so many sheets of paper on the plates, and whether the rollers took hold of them or they slipped through. */
export interface FeltTry {
  readonly place: FeltPlace
  readonly sheets: number
  readonly grips: boolean
}

/** A gap that was felt out: with bare plates, and with paper on plates. Lengths in mm. */
export interface FeltGap {
  /** Bare plates, each lead with its own. */
  readonly leads: readonly FeltLead[]
  /** The plates under the paper, a piece each; none where there were only leads. */
  readonly plates: readonly FeltPlate[]
  /** Thickness of one sheet of the paper, and how unsure that is. */
  readonly sheetMm: number
  readonly sheetSpreadMm: number
  readonly tries: readonly FeltTry[]
}

/** Height of plates, mm. */
export const platesHeightMm = (plates: readonly FeltPlate[]): number =>
  plates.reduce((sum, { thicknessMm }) => sum + thicknessMm, 0)

/** Height of the plates and so many sheets of paper, mm. */
export const feltHeightMm = ({ plates, sheetMm }: Pick<FeltGap, 'plates' | 'sheetMm'>, sheets: number): number =>
  platesHeightMm(plates) + sheets * sheetMm
