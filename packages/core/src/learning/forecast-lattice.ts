import type { CutContext } from '../job/cut-context.js'
import type { HandleFeel, RoundOf } from '../outcomes/round.js'
import { FARTHEST_LOG, FARTHEST_OFFSET_MM } from './axes.js'
import type { Pressed } from './pressed.js'

/**
 * How a goal's rounds can be forecast and judged; `Forecast` is whatever looks and feels of it speak about, and is known to the goal
 * alone.
 */
export interface Forecasting<Forecast> {
  /** Forecasts of every round for an offset of the gap (mm) and a strength of the sheet (logarithm). */
  simulatorOf(pressed: Pressed): (offsetMm: number, logStrength: number) => Forecast[]
  /** A forecast part of the way (0…1) from one to another. */
  blend(one: Forecast, other: Forecast, share: number): Forecast
  /** So hard that nobody turns the handle: a still tighter press need not be simulated. */
  isFarTooHard(forecast: Forecast): boolean
  /** Whether what lies between two forecasts is as good as straight. */
  isStraight(one: Forecast, other: Forecast): boolean
  /** Logarithm of the chance that a round is told so where the press does what is forecast. */
  logChanceOf(forecast: Forecast, look: RoundOf<string>, cut: CutContext): number
  /** Everything that may be seen. */
  readonly seen: readonly string[]
  /** Everything that may be felt. */
  readonly feels: readonly HandleFeel[]
}

/** Forecasts of every round on a lattice of offsets (mm) and strengths (logarithms); `at[offset][strength][round]`. */
export interface ForecastLattice<Forecast> {
  readonly offsetsMm: readonly number[]
  readonly logStrengths: readonly number[]
  readonly at: readonly (readonly (readonly Forecast[])[])[]
}

/** Points of the lattice; every second offset is simulated, and one between where its neighbours differ much. */
const OFFSETS = 49
const LOGS = 5

const evenly = (count: number, outermost: number): number[] =>
  Array.from({ length: count }, (_, at) => outermost * ((2 * at) / (count - 1) - 1))

/** Simulates the rounds on a coarse lattice; between its points a forecast is as good as straight. Some hundred milliseconds for lace. */
export const forecastsOf = <Forecast>(goal: Forecasting<Forecast>, pressed: Pressed): ForecastLattice<Forecast> => {
  const offsetsMm = evenly(OFFSETS, FARTHEST_OFFSET_MM)
  const logStrengths = evenly(LOGS, FARTHEST_LOG)
  const simulate = goal.simulatorOf(pressed)
  const columns = logStrengths.map((logStrength) => {
    const rows: Forecast[][] = []
    let tooHard: Forecast[] | undefined
    // Tighter ones come first in the list, so from the loosest on it goes backwards.
    for (let row = OFFSETS - 1; row >= 0; row -= 2) {
      const forecasts = tooHard ?? simulate(offsetsMm[row] as number, logStrength)
      rows[row] = forecasts
      if (forecasts.every((forecast) => goal.isFarTooHard(forecast))) tooHard = forecasts
    }
    for (let row = 1; row < OFFSETS; row += 2) {
      const [tighter, looser] = [rows[row - 1] as Forecast[], rows[row + 1] as Forecast[]]
      const isStraight = tighter.every((each, round) => goal.isStraight(each, looser[round] as Forecast))
      rows[row] = isStraight
        ? tighter.map((each, round) => goal.blend(each, looser[round] as Forecast, 0.5))
        : simulate(offsetsMm[row] as number, logStrength)
    }
    return rows
  })
  return { offsetsMm, logStrengths, at: offsetsMm.map((_, row) => columns.map((rows) => rows[row] as Forecast[])) }
}
