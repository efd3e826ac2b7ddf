import { type MeasuringWay, spreadOf } from './measured.js'

/** What measuring a piece of a stack with a caliper would change, all mm as one standard deviation. */
export interface MeasuringWorth {
  /** Of the piece by itself. */
  readonly spreadMm: number
  readonly measuredSpreadMm: number
  /** Of the piece and the gap together, which is what the squeeze of a stack is known to where all else is. */
  readonly nowMm: number
  readonly thenMm: number
}

/** What a caliper would be worth on a thickness (mm) known in some way, in a press whose gap is known to so much (mm). */
export const measuringWorth = (thicknessMm: number, way: MeasuringWay, gapSpreadMm: number): MeasuringWorth => {
  const spreadMm = spreadOf(way, thicknessMm)
  const measuredSpreadMm = spreadOf('caliper', thicknessMm)
  return {
    spreadMm,
    measuredSpreadMm,
    nowMm: Math.hypot(spreadMm, gapSpreadMm),
    thenMm: Math.hypot(measuredSpreadMm, gapSpreadMm),
  }
}
