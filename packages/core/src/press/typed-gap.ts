/** Where somebody has a gap from that they type in, surest first. */
export const gapSources = ['measured', 'booklet', 'guess'] as const
export type GapSource = (typeof gapSources)[number]

/** A gap that was typed in, mm. */
export interface TypedGap {
  readonly mm: number
  readonly from: GapSource
}

const spreads: Record<GapSource, number> = { measured: 0.1, booklet: 0.3, guess: 0.7 }

/** How far such a gap may be off, one standard deviation, mm. Calibration notes, from memory. */
export const spreadOfTyped = ({ from }: TypedGap): number => spreads[from]
