/** What logged runs say of the press and the sheet of a cut. */
export interface Learnt {
  /** As evidenceForPair gives it, over the grid of axes.ts. */
  readonly log: ArrayLike<number>
  /** Greatest squeeze beyond the sheets' own thickness that the press has had, mm, counted from the class's gap. */
  readonly tightestOverMm?: number | undefined
  /** How many runs spoke of the press, and of the sheet. */
  readonly pressRuns: number
  readonly sheetRuns: number
  /** Pieces per plate id in the stacks of the press's runs, on average, and the spread of one, mm: what the runs took as it lay. */
  readonly pieces: Readonly<Record<string, { readonly count: number; readonly spreadMm: number }>>
}
