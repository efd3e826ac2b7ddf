/** A measured quantity in mm: its value and the spread (one standard deviation) of our knowledge of it. */
export interface MeasuredMm {
  readonly valueMm: number
  readonly spreadMm: number
}

/** How a thickness came to be known. */
export const measuringWays = ['caliper', 'ruler', 'table'] as const
export type MeasuringWay = (typeof measuringWays)[number]

/** mm. Spread of a reading, by how it was taken. From memory: a craft caliper, a ruler's half-mark, a table value. */
const CALIPER_SPREAD_MM = 0.02
const RULER_SPREAD_MM = 0.3
const TABLE_SPREAD_SHARE = 0.05
const TABLE_LEAST_SPREAD_MM = 0.02

/** Spread in mm of a thickness in mm known this way: caliper 0.02, ruler 0.3, table 5 % but at least 0.02. */
export const spreadOf = (way: MeasuringWay, thicknessMm: number): number => {
  switch (way) {
    case 'caliper':
      return CALIPER_SPREAD_MM
    case 'ruler':
      return RULER_SPREAD_MM
    case 'table':
      return Math.max(TABLE_LEAST_SPREAD_MM, TABLE_SPREAD_SHARE * thicknessMm)
  }
}

/** A thickness in mm with the spread that its way of measuring leaves. */
export const measured = (valueMm: number, way: MeasuringWay): MeasuredMm => ({
  valueMm,
  spreadMm: spreadOf(way, valueMm),
})
