import { type LengthStyle, MM_PER_INCH, printDifference, printSize, printHand, printThickness } from '@bold-heron/core'
import { useMemo } from 'react'
import { useLengthStyle } from '../data/house-rules.js'

export interface Lengths {
  readonly style: LengthStyle
  /** A size such as a die's. */
  size(mm: number): string
  /** A place on a card: to the hundredth of a millimetre, or as an inch's fraction where it is one. */
  place(mm: number): string
  /** A place as a hand can lay it by a ruler. */
  hand(mm: number): string
  /** A thickness, where a hundredth counts. */
  thickness(mm: number): string
  /** A thickness without its unit, for columns where the unit is plain. */
  bare(mm: number): string
  /** A thickness with its sign. */
  difference(mm: number): string
  /** A long way, such as all that was cut on a pad: in metres, or feet. */
  long(mm: number): string
  /** Length × width. */
  area(lengthMm: number, widthMm: number): string
}

/** mm. A place so near to a thirty-second of an inch is one. */
const ON_FRACTION_MM = 0.006

const printPlace = (mm: number, style: LengthStyle): string => {
  if (style.unit === 'mm') return `${Number(mm.toFixed(2))} mm`
  const step = MM_PER_INCH / 32
  const isFraction = Math.abs(mm - Math.round(mm / step) * step) < ON_FRACTION_MM
  return isFraction ? printSize(mm, { ...style, denominator: 32 }) : `${Number((mm / MM_PER_INCH).toFixed(3))} in`
}

const withoutUnit = (text: string): string => text.replace(/ (mm|in)$/, '')

export const lengthsIn = (style: LengthStyle): Lengths => ({
  style,
  size: (mm) => printSize(mm, style),
  place: (mm) => printPlace(mm, style),
  hand: (mm) => printHand(mm, style),
  thickness: (mm) => printThickness(mm, style),
  bare: (mm) => withoutUnit(printThickness(mm, style)),
  difference: (mm) => printDifference(mm, style),
  long: (mm) => (style.unit === 'mm' ? `${(mm / 1000).toFixed(1)} m` : `${(mm / MM_PER_INCH / 12).toFixed(1)} ft`),
  area: (lengthMm, widthMm) => `${withoutUnit(printSize(lengthMm, style))} × ${printSize(widthMm, style)}`,
})

/** Writes lengths in the unit of the house. */
export const useLengths = (): Lengths => {
  const { unit, denominator } = useLengthStyle()
  return useMemo(() => lengthsIn({ unit, denominator }), [unit, denominator])
}
