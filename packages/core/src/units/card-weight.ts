import { failed, ok, type Result } from '../faults/fault.js'
import { MM_PER_INCH } from './length.js'

/**
 * Kinds of paper that "lb" is quoted for, with the basis size of the 500-sheet ream in inches.
 * Source: basis sizes as published with ISO 536 conversions by paper-trade tables (bond 17×22, text/book 25×38, cover 20×26,
 * index 25½×30½, tag 24×36, bristol 22½×28½ in).
 */
export const basisSizesIn = {
  bond: [17, 22],
  text: [25, 38],
  cover: [20, 26],
  index: [25.5, 30.5],
  tag: [24, 36],
  bristol: [22.5, 28.5],
} as const satisfies Record<string, readonly [number, number]>

export type BasisKind = keyof typeof basisSizesIn
export const basisKinds = Object.keys(basisSizesIn) as readonly BasisKind[]

/** g per lb avoirdupois, exact by definition; a ream has 500 sheets; m² per in² from the exact inch. */
const GRAMS_PER_POUND = 453.59237
const SHEETS_PER_REAM = 500
const M2_PER_IN2 = (MM_PER_INCH / 1000) ** 2

const basisAreaIn2 = (kind: BasisKind): number => basisSizesIn[kind][0] * basisSizesIn[kind][1]

/** Grammage in g/m² of a basis weight in lb: lb × 1406.5 / basis area in² (ISO 536), with the factor computed exactly. */
export const grammageFromPounds = (pounds: number, kind: BasisKind): number =>
  (pounds * GRAMS_PER_POUND) / (SHEETS_PER_REAM * M2_PER_IN2 * basisAreaIn2(kind))

/** Basis weight in lb of a grammage in g/m²; the inverse of `grammageFromPounds`. */
export const poundsFromGrammage = (grammage: number, kind: BasisKind): number =>
  (grammage * SHEETS_PER_REAM * M2_PER_IN2 * basisAreaIn2(kind)) / GRAMS_PER_POUND

/** A card weight as it was typed. */
export interface TypedCardWeight {
  readonly grammage: number
  readonly pounds?: number
  readonly kind?: BasisKind
}

export type CardWeightFault = 'weight-empty' | 'weight-not-read' | 'weight-kind-missing' | 'weight-out-of-range'

/** g/m². Tissue to thick board; outside it the entry is a slip. */
export const LIGHTEST_GRAMMAGE = 10
export const HEAVIEST_GRAMMAGE = 2000

const kindWords: Readonly<Record<string, BasisKind>> = {
  bond: 'bond',
  writing: 'bond',
  text: 'text',
  book: 'text',
  cover: 'cover',
  index: 'index',
  tag: 'tag',
  bristol: 'bristol',
}

/**
 * Reads `250 g/m²`, `250gsm`, `250`, `110 lb index`, `65lb cover`. "110 lb" alone is two different cards (index 199 g/m²,
 * cover 298 g/m²), so pounds without a kind come back as the fault `weight-kind-missing` rather than as a guess.
 */
export const parseCardWeight = (text: string, path = ''): Result<TypedCardWeight, CardWeightFault> => {
  const typed = text.slice(0, 60)
  const plain = text.trim().toLowerCase().replace(',', '.')
  if (plain === '') return failed({ code: 'weight-empty', path, value: typed })
  const match = /^(\d+(?:\.\d+)?)\s*(g\/m²|g\/m2|g\/m\^2|gsm|g|lbs?|#)?\s*([a-z]+)?$/.exec(plain)
  if (!match || text.length > 60) return failed({ code: 'weight-not-read', path, value: typed })
  const [, amount, unit = 'g', word] = match
  const quantity = Number(amount)
  const inPounds = unit === 'lb' || unit === 'lbs' || unit === '#'
  const kind = word === undefined ? undefined : kindWords[word]
  if (word !== undefined && (kind === undefined || !inPounds))
    return failed({ code: 'weight-not-read', path, value: typed })
  if (inPounds && kind === undefined) return failed({ code: 'weight-kind-missing', path, value: typed })
  const grammage = inPounds && kind ? grammageFromPounds(quantity, kind) : quantity
  if (!(grammage >= LIGHTEST_GRAMMAGE && grammage <= HEAVIEST_GRAMMAGE))
    return failed({
      code: 'weight-out-of-range',
      path,
      value: typed,
      limit: `${LIGHTEST_GRAMMAGE}–${HEAVIEST_GRAMMAGE} g/m²`,
    })
  return ok(inPounds && kind ? { grammage, pounds: quantity, kind } : { grammage })
}
