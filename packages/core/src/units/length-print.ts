import { type FractionDenominator, mixedNumber } from './fraction.js'
import { fromMm, type LengthUnit, MM_PER_INCH, toMm } from './length.js'

/** How a person wants lengths written. */
export interface LengthStyle {
  readonly unit: 'mm' | 'in'
  readonly denominator: FractionDenominator
}

/** Trims trailing zeros of a fixed decimal: `3.10` → `3.1`, `3.00` → `3`. */
const trimmed = (value: number, places: number): string => {
  const fixed = value.toFixed(places)
  const short = fixed.includes('.') ? fixed.replace(/\.?0+$/, '') : fixed
  return short === '-0' ? '0' : short
}

/** A size such as a die's or a sheet's: `82.5 mm`, or in inches as a fraction, `3 1/4 in`. */
export const printSize = (mm: number, style: LengthStyle): string => {
  if (style.unit === 'mm') return `${trimmed(mm, 1)} mm`
  const sign = mm < 0 ? '−' : ''
  return `${sign}${mixedNumber(Math.abs(mm) / MM_PER_INCH, style.denominator)} in`
}

/** mm. As finely as a hand lays something by a ruler: half a millimetre, or a sixteenth of an inch. */
const HAND_MM = 0.5
const HAND_FRACTION = 16

/** A place rounded to what a hand can lay by a ruler, mm. */
export const handMm = (mm: number, { unit }: LengthStyle): number => {
  const step = unit === 'mm' ? HAND_MM : MM_PER_INCH / HAND_FRACTION
  return Math.round(mm / step) * step
}

/** A place as a hand can lay it: `12.5 mm`, `1 3/16 in`. */
export const printHand = (mm: number, style: LengthStyle): string =>
  printSize(handMm(mm, style), { ...style, denominator: HAND_FRACTION })

/** A thickness, where a hundredth of a millimetre counts: `3.05 mm`, or in inches as a decimal, `0.120 in`. */
export const printThickness = (mm: number, style: LengthStyle): string =>
  style.unit === 'mm' ? `${mm.toFixed(2)} mm` : `${(mm / MM_PER_INCH).toFixed(3)} in`

/** A difference of thickness with its sign: `+0.25 mm`, `−0.10 mm`. */
export const printDifference = (mm: number, style: LengthStyle): string => {
  const text = printThickness(Math.abs(mm), style)
  return `${mm < 0 ? '−' : '+'}${text}`
}

/**
 * The shortest decimal in this unit that reads back as exactly the same mm, so that opening and saving a form changes nothing.
 * Falls back to mm where an inch decimal cannot hit the value.
 */
export const printExact = (mm: number, unit: LengthUnit): string => {
  for (let places = 0; places <= 12; places++) {
    const text = fromMm(mm, unit).toFixed(places)
    if (toMm(Number(text), unit) === mm) return `${trimmed(Number(text), places)} ${unit}`
  }
  return `${mm} mm`
}
