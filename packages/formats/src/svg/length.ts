import { Refusal } from '../fault.js'

/** mm per unit of an SVG length; a px is 1/96 in (CSS). */
const mmPer: Readonly<Record<string, number>> = {
  mm: 1,
  cm: 10,
  in: 25.4,
  pt: 25.4 / 72,
  pc: 25.4 / 6,
  q: 0.25,
  px: 25.4 / 96,
}

export interface SvgLength {
  readonly value: number
  /** mm per unit; undefined for a bare number, which is in user units. */
  readonly mmPer: number | undefined
}

/** Reads `80mm`, `3.5in`, `12`; undefined for a percentage or what is absent. */
export const readSvgLength = (text: string | undefined, path: string): SvgLength | undefined => {
  if (text === undefined || text.trim() === '' || text.trim().endsWith('%')) return undefined
  const match = /^([-+]?(?:\d+\.?\d*|\.\d+)(?:e[-+]?\d+)?)\s*([a-zA-Z]*)$/i.exec(text.trim())
  const value = Number(match?.[1])
  const unit = match?.[2]?.toLowerCase() ?? ''
  if (!match || !Number.isFinite(value) || (unit !== '' && !(unit in mmPer)))
    throw new Refusal('number-broken', path, text.slice(0, 40))
  return { value, mmPer: unit === '' ? undefined : mmPer[unit] }
}

/** A plain number in user units, such as a shape's `cx`; absent counts as `otherwise`. */
export const readNumber = (text: string | undefined, otherwise: number, path: string): number => {
  const length = readSvgLength(text, path)
  if (length === undefined) return otherwise
  // A physical unit inside the drawing is taken at 96 px per inch, as browsers do.
  return length.mmPer === undefined ? length.value : (length.value * length.mmPer) / (25.4 / 96)
}
