import { failed, ok, type Result } from '../faults/fault.js'
import { plainFractions } from './fraction.js'

export type LengthUnit = 'mm' | 'cm' | 'in'

/** An inch is exactly this many mm (international yard and pound agreement of 1959). */
export const MM_PER_INCH = 25.4

/** mm per unit as a fraction of whole numbers, so that 6 in is 152.4 mm to the last bit and not a little less. */
const mmPer: Record<LengthUnit, readonly [over: number, under: number]> = { mm: [1, 1], cm: [10, 1], in: [254, 10] }

/** A length as it was typed: nothing is rounded, and the step it was typed to is kept. */
export interface TypedLength {
  readonly mm: number
  /** The unit that was typed, or the one assumed when none was. */
  readonly unit: LengthUnit
  /** How fine it was typed: `1.25 in` to 0.254 mm, `3/16 in` to 1/16 in; never zero. */
  readonly stepMm: number
  readonly text: string
}

export type LengthFault =
  'length-empty' | 'length-not-read' | 'length-negative' | 'length-too-large' | 'length-zero-below'

/** mm. Nothing at a craft table is longer than this; larger entries are slips of the finger or of the unit. */
export const LONGEST_MM = 5000

const unitNames: Readonly<Record<string, LengthUnit>> = {
  '': 'mm',
  mm: 'mm',
  cm: 'cm',
  in: 'in',
  inch: 'in',
  inches: 'in',
  '"': 'in',
  '”': 'in',
  '″': 'in',
  "''": 'in',
}

const decimalPattern = /^(\d+(?:[.,]\d*)?|[.,]\d+)$/
const fractionPattern = /^(?:(\d+)[ -]+)?(\d+)\s*\/\s*(\d+)$/

const readDecimal = (text: string): { value: number; step: number } | undefined => {
  if (!decimalPattern.test(text)) return undefined
  const plain = text.replace(',', '.')
  const places = plain.includes('.') ? plain.length - plain.indexOf('.') - 1 : 0
  return { value: Number(plain), step: 10 ** -places }
}

const readFraction = (text: string): { value: number; step: number } | 'zero-below' | undefined => {
  const match = fractionPattern.exec(text)
  if (!match) return undefined
  const [, whole = '0', over, under] = match
  const below = Number(under)
  if (below === 0) return 'zero-below'
  return { value: Number(whole) + Number(over) / below, step: 1 / below }
}

/**
 * Reads a length a person typed: `31.75 mm`, `3.2cm`, `1.25 in`, `1 1/4"`, `1¼ in`, `3/8`, `12,5`. A bare number takes the
 * `assumed` unit. Decimal point and decimal comma both count; thousands separators do not.
 * Faults name what is wrong: empty, not read, negative, zero below a fraction line, longer than 5 m.
 */
export const parseLength = (text: string, assumed: LengthUnit = 'mm', path = ''): Result<TypedLength, LengthFault> => {
  const typed = text.length > 60 ? `${text.slice(0, 60)}…` : text
  const fault = (code: LengthFault, limit?: number) =>
    failed(limit === undefined ? { code, path, value: typed } : { code, path, value: typed, limit })
  if (text.trim() === '') return fault('length-empty')
  if (text.length > 60) return fault('length-not-read')
  const plain = plainFractions(text.toLowerCase()).trim().replace(/\s+/g, ' ')
  const split = /^([-−]?)\s*([\d.,/\s-]*\d[.,]?)\s*([a-z]*|["”″]|'')\.?$/.exec(plain)
  if (!split) return fault('length-not-read')
  const [, sign, amount = '', name = ''] = split
  const unit = name === '' ? assumed : unitNames[name]
  if (unit === undefined) return fault('length-not-read')
  const read = readDecimal(amount) ?? readFraction(amount)
  if (read === undefined) return fault('length-not-read')
  if (read === 'zero-below') return fault('length-zero-below')
  if (sign && read.value > 0) return fault('length-negative', 0)
  const mm = toMm(read.value, unit)
  if (!(mm <= LONGEST_MM)) return fault('length-too-large', LONGEST_MM)
  return ok({ mm, unit, stepMm: toMm(read.step, unit), text: text.trim() })
}

/** Converts mm to a unit, without rounding. */
export const fromMm = (mm: number, unit: LengthUnit): number => (mm * mmPer[unit][1]) / mmPer[unit][0]

/** Converts a quantity in a unit to mm, without rounding. */
export const toMm = (quantity: number, unit: LengthUnit): number => (quantity * mmPer[unit][0]) / mmPer[unit][1]
