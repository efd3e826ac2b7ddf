import { gapMmOf, logStrengthAt, rowOf, STRENGTHS } from './axes.js'
import { blurred } from './blur.js'
import { type ForecastLattice, type Forecasting, forecastsOf, latticeLogs } from './forecast-lattice.js'
import { type GapGrid, peakedAtZero, rowsOf } from './gap-grid.js'
import { type GapChances, gapsOf, momentsOf } from './posterior.js'
import type { Pressed } from './pressed.js'

/** Place on an even axis from one end to the other: the point below, and the share of the way to the next; at an end for what lies beyond. */
const placeOn = (count: number, from: number, to: number, value: number): readonly [below: number, share: number] => {
  const place = Math.min(count - 1, Math.max(0, ((value - from) / (to - from)) * (count - 1)))
  const below = Math.min(count - 2, Math.floor(place))
  return [below, place - below]
}

/** Place of every column of strengths among those of the lattice, likewise. */
const columnPlaces = Array.from({ length: STRENGTHS }, (_, column): readonly [below: number, share: number] => {
  const logStrength = logStrengthAt(column)
  const below = Math.max(0, latticeLogs.findIndex((each) => each >= logStrength) - 1)
  const [low, high] = [latticeLogs[below] as number, latticeLogs[below + 1] as number]
  return [below, (logStrength - low) / (high - low)]
})

const forecastAt = <Forecast>(
  { blend }: Forecasting<Forecast>,
  { tightestMm, loosestMm, at }: ForecastLattice<Forecast>,
  gapMm: number,
  strengthColumn: number,
  round: number,
): Forecast => {
  const [row, down] = placeOn(at.length, tightestMm, loosestMm, gapMm)
  const [column, along] = columnPlaces[strengthColumn] as (typeof columnPlaces)[number]
  const point = (r: number, c: number): Forecast => at[r]?.[c]?.[round] as Forecast
  return blend(
    blend(point(row, column), point(row, column + 1), along),
    blend(point(row + 1, column), point(row + 1, column + 1), along),
    down,
  )
}

/** Forecasts of one round for every cell from the lattice's tightest gap to its loosest. */
const forecastGrid = <Forecast>(
  goal: Forecasting<Forecast>,
  lattice: ForecastLattice<Forecast>,
  round: number,
): { readonly firstRow: number; readonly forecasts: readonly Forecast[] } => {
  const firstRow = rowOf(lattice.tightestMm)
  const rows = rowOf(lattice.loosestMm) - firstRow + 1
  const forecasts = Array.from({ length: rows * STRENGTHS }, (_, cell) =>
    forecastAt(goal, lattice, gapMmOf(firstRow + Math.floor(cell / STRENGTHS)), cell % STRENGTHS, round),
  )
  return { firstRow, forecasts }
}

/** What can be learnt from rounds of a goal. */
export interface Evidence {
  /**
   * What rounds on one pile of sheets say about the press and the sheet: the logarithm of how likely they are for every gap and every
   * strength; its greatest value is 0. Its plates are taken as thick as they are noted: heights count as on them.
   */
  logEvidenceOf(pressed: Pressed): GapGrid
  /**
   * How sure the gap is going to be, one standard deviation in mm, once one more round has been looked at: the spread after each thing that
   * may be seen and felt, by how likely it is by what is believed now. Only the first round counts, and whatever look it holds is not regarded.
   */
  spreadAfterAnother(believed: GapChances, pressed: Pressed): number
}

/** What can be learnt where rounds are forecast so. */
export const evidenceFrom = <Forecast>(goal: Forecasting<Forecast>): Evidence => ({
  logEvidenceOf(pressed) {
    const lattice = forecastsOf(goal, pressed)
    let log: Float64Array | undefined
    let firstRow = 0
    pressed.rounds.forEach(({ look }, round) => {
      const made = forecastGrid(goal, lattice, round)
      const sum = (log ??= new Float64Array(made.forecasts.length))
      firstRow = made.firstRow
      made.forecasts.forEach((forecast, cell) => {
        sum[cell] = (sum[cell] as number) + goal.logChanceOf(forecast, look, pressed.cut)
      })
    })
    return peakedAtZero(blurred({ firstRow, log: log ?? new Float64Array(STRENGTHS) }, pressed.ownSpreadMm))
  },

  spreadAfterAnother(believed, pressed) {
    const { firstRow, forecasts } = forecastGrid(goal, forecastsOf(goal, pressed), 0)
    const passes = pressed.rounds[0]?.look.passes ?? 1
    let variance = 0
    let total = 0
    for (const seen of goal.seen)
      for (const feel of goal.feels) {
        const look = { passes, seen, feel, hangingShare: null, hangingPlace: null }
        const log = Float64Array.from(forecasts, (forecast) => goal.logChanceOf(forecast, look, pressed.cut))
        const says = blurred({ firstRow, log }, pressed.ownSpreadMm)
        const after = weighed(believed, says)
        const chance = after.chances.reduce((sum, value) => sum + value, 0)
        variance += chance * momentsOf(gapsOf(after)).spread ** 2
        total += chance
      }
    return Math.sqrt(variance / total)
  },
})

/** Chances times how likely something is that was told; they add up to how likely it was. */
export const weighed = ({ firstRow, chances }: GapChances, says: GapGrid): GapChances => {
  // Between two rows of what is said the exponential is taken once.
  const likelihood = Float64Array.from(says.log, (value) => Math.exp(value))
  const rows = rowsOf(says)
  return {
    firstRow,
    chances: chances.map((chance, cell) => {
      const row = Math.min(rows - 1, Math.max(0, firstRow + Math.floor(cell / STRENGTHS) - says.firstRow))
      return chance * (likelihood[row * STRENGTHS + (cell % STRENGTHS)] as number)
    }),
  }
}
