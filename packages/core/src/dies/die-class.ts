/** Classes of cutting die. */
export const dieClasses = ['thin-outline', 'thin-lace', 'thin-border', 'small-cased', 'large-cased'] as const
export type DieClass = (typeof dieClasses)[number]

interface DieClassFacts {
  /** mm. Total height and blade height above the body; from memory and common practice (press model, table of die classes). */
  readonly heightMm: number
  readonly bladeHeightMm: number
  /** mm. Strip of the die's body that follows each blade; 0 where ejection foam gives way. Press model, from memory. */
  readonly bodyStripMm: number
  /** Steel-rule dies in a case with ejection foam, as against sheets of etched metal. */
  readonly cased: boolean
  /** Most sheets at once. Common practice, no source. */
  readonly mostSheets: number
}

const facts: Record<DieClass, DieClassFacts> = {
  'thin-outline': { heightMm: 1, bladeHeightMm: 0.6, bodyStripMm: 2.5, cased: false, mostSheets: 3 },
  'thin-lace': { heightMm: 1, bladeHeightMm: 0.6, bodyStripMm: 2.5, cased: false, mostSheets: 3 },
  'thin-border': { heightMm: 1, bladeHeightMm: 0.6, bodyStripMm: 2.5, cased: false, mostSheets: 3 },
  'small-cased': { heightMm: 8.5, bladeHeightMm: 2.5, bodyStripMm: 0, cased: true, mostSheets: 3 },
  'large-cased': { heightMm: 16, bladeHeightMm: 4, bodyStripMm: 0, cased: true, mostSheets: 6 },
}

/** What is usual for a class: heights in mm, whether it is cased, the most sheets at once. */
export const factsOfDieClass = (dieClass: DieClass): DieClassFacts => facts[dieClass]

/** mm. A thin outline die longer than this counts as a long frame, which a hard plate can warp. From memory. */
export const LONG_FRAME_MM = 100
