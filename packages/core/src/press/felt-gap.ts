/** Where along the throat a stack was led between the rollers, seen from the side it goes in. */
export const feltPlaces = ['left', 'middle', 'right'] as const
export type FeltPlace = (typeof feltPlaces)[number]

/** One try without a die: so many sheets of paper on the plates, and whether the rollers took hold of them or they slipped through. */
export interface FeltTry {
  readonly place: FeltPlace
  readonly sheets: number
  readonly grips: boolean
}

/** A gap that was felt out: on which plates, with what paper, and what every try told. Lengths in mm. */
export interface FeltGap {
  /** The plates under the paper, a piece each. */
  readonly plates: readonly { readonly id: string; readonly thicknessMm: number; readonly spreadMm: number }[]
  /** Thickness of one sheet of the paper, and how unsure that is. */
  readonly sheetMm: number
  readonly sheetSpreadMm: number
  readonly tries: readonly FeltTry[]
}

/** Height of the plates and so many sheets of paper, mm. */
export const feltHeightMm = ({ plates, sheetMm }: Pick<FeltGap, 'plates' | 'sheetMm'>, sheets: number): number =>
  plates.reduce((sum, { thicknessMm }) => sum + thicknessMm, 0) + sheets * sheetMm
