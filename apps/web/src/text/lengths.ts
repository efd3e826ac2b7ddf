import { type LengthStyle, printDifference, printSize, printThickness } from '@bold-heron/core'
import { useMemo } from 'react'
import { useLengthStyle } from '../data/house-rules.js'

export interface Lengths {
  readonly style: LengthStyle
  /** A size such as a die's. */
  size(mm: number): string
  /** A thickness, where a hundredth counts. */
  thickness(mm: number): string
  /** A thickness without its unit, for columns where the unit is plain. */
  bare(mm: number): string
  /** A thickness with its sign. */
  difference(mm: number): string
  /** Length × width. */
  area(lengthMm: number, widthMm: number): string
}

const withoutUnit = (text: string): string => text.replace(/ (mm|in)$/, '')

export const lengthsIn = (style: LengthStyle): Lengths => ({
  style,
  size: (mm) => printSize(mm, style),
  thickness: (mm) => printThickness(mm, style),
  bare: (mm) => withoutUnit(printThickness(mm, style)),
  difference: (mm) => printDifference(mm, style),
  area: (lengthMm, widthMm) => `${withoutUnit(printSize(lengthMm, style))} × ${printSize(widthMm, style)}`,
})

/** Writes lengths in the unit of the house. */
export const useLengths = (): Lengths => {
  const { unit, denominator } = useLengthStyle()
  return useMemo(() => lengthsIn({ unit, denominator }), [unit, denominator])
}
