import type { Die } from '../dies/die.js'
import type { Sheet } from '../materials/sheet.js'

/** What comes out of one press run: so many pieces, and how many of them are mirror images of the others. */
export interface Yield {
  readonly pieces: number
  readonly mirrored: number
}

/** Whether a sheet goes in folded, so that each shape comes out twice, once the other way round. */
const isFolded = ({ parts }: Pick<Sheet, 'parts'>): boolean => parts?.some(({ part }) => part === 'folded') ?? false

/**
 * Pieces of one press run: shapes of the die × sheets, twice as many of folded sheets, whose other halves are mirrored. Several dies laid
 * together make a set, of which there are as many as of the die that gives least. Common practice, no source.
 */
export const yieldOf = (
  dies: readonly Pick<Die, 'pieces' | 'mirrored'>[],
  sheet: Pick<Sheet, 'parts'>,
  sheetCount: number,
): Yield => {
  const shapes = Math.min(...dies.map(({ pieces = 1 }) => pieces))
  const ofSheets = (Number.isFinite(shapes) ? shapes : 1) * sheetCount
  if (isFolded(sheet)) return { pieces: 2 * ofSheets, mirrored: ofSheets }
  const [only, ...others] = dies
  return { pieces: ofSheets, mirrored: only && others.length === 0 ? (only.mirrored ?? 0) * sheetCount : 0 }
}
