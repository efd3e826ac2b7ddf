import type { PlateKind } from '../../materials/plate-kind.js'

/** What is done with something that is pressed against a sheet: it cuts, it is a folder, or a shape to raise. */
export type DieUse = 'die' | 'flat-folder' | 'deep-folder' | 'cutting-folder' | 'shape'

/** A kind of cutting die (or folder, or shape), and everything that is particular to it. Lengths in mm. */
export interface ClassOfDie {
  readonly id: string
  readonly use: DieUse
  /** Total height and blade height above the body. */
  readonly heightMm: number
  readonly bladeHeightMm: number
  /** Strip of the die's body that follows each blade; 0 where ejection foam gives way. */
  readonly bodyStripMm: number
  /** Steel-rule dies in a case with ejection foam, as against sheets of etched metal. */
  readonly cased: boolean
  /**
   * How hard it is to cut with against a plain outline: etched lace is dense and its edges are fine, steel rule is ground. As hard as it takes for
   * the passes that practice reports (docs/practice.md), within 0.6 to 1.8.
   */
  readonly difficulty: number
  /** Whether it is rolled through once and no more, a little firmer rather than twice. */
  readonly rolledOnce?: true
  /** A folder so thick that it takes the place of the bottom pad. */
  readonly isDeep?: true
  /** Whether its line is so dense that sheets cling, and a hard plate under it is usual. */
  readonly lacy: boolean
  /** Most sheets at once. */
  readonly mostSheets: number
  /** Plates that its blade may land on, and one for which the house has a rule of its own. */
  readonly beds: readonly PlateKind[]
  readonly bedByHouseRule?: PlateKind
  /** Squeeze beyond the sheets' own thickness at which it cuts clean with a normal handle: what bed, frame and rollers give way. */
  readonly overtravelMm: number
  /** Along the feed and across: a die as people mean it who name the class. */
  readonly typicalSizeMm: readonly [lengthMm: number, widthMm: number]
  /** How lacy it is where nobody has said: 0 a bare outline, 1 as dense as lace gets. */
  readonly laciness: number
}

/** Sheets of etched metal. Heights from memory and common practice (press model, table of die classes); the rest from memory. */
export const thin = {
  use: 'die',
  heightMm: 1,
  bladeHeightMm: 0.6,
  bodyStripMm: 2.5,
  cased: false,
  lacy: false,
  mostSheets: 3,
  laciness: 0,
  difficulty: 1,
} as const
