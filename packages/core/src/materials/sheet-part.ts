/** What may lie with a sheet and go through the press as one with it. */
export const compositeParts = ['adhesive', 'waxed-paper', 'printed', 'folded'] as const
export type CompositePart = (typeof compositeParts)[number]

/** A layer of a composite sheet in its place: thickness in mm, and how hard it is to cut, MPa. */
export interface SheetPart {
  /** The sheet itself, or what lies with it. */
  readonly part: CompositePart | 'sheet'
  readonly caliperMm: number
  readonly shearStrengthMPa: number
}
