import { CLEAN_CELL, CLEAN_CUT } from '../press/constants.js'
import { CutSimulation } from '../press/cut-simulation.js'
import { cellsOf, lawOf, PLAIN_LAYING, PLANNING_GRID } from '../response/cut-setup.js'
import { pressRound } from '../response/press-round.js'
import { ReachOfMost } from '../response/reach-of-most.js'
import { FARTHEST_LOG, FARTHEST_OFFSET_MM } from './axes.js'
import type { Pressed } from './pressed.js'

/** What the press model says of one round, in the numbers that looks and feels speak about. */
export interface Forecast {
  /**
   * How far the cut is, evenly growing: below 0 for a dent, the clean share of the line while it hangs, and beyond CLEAN_CUT by
   * what travel was left over.
   */
  readonly progress: number
  /** Greatest effort of the round's passes, as a share of what the user's hand can do. */
  readonly effort: number
  readonly overcutMm: number
}

/** How far below 0 a sheet lies that nothing has touched. From memory: any number does that leaves room for a dent. */
const UNTOUCHED = -0.4

/** An effort beyond which nobody turns the handle, so that a still tighter press need not be simulated. */
const FAR_TOO_HARD = 2.5

/** How far a cut is; see `Forecast.progress`. `reach` is that of most of the line. */
export const progressOf = (cutFraction: number, meanDepth: number, reach: number): number =>
  Math.min(cutFraction, CLEAN_CUT) + UNTOUCHED * (1 - meanDepth) + Math.max(0, reach - CLEAN_CELL)

/** Simulates rounds for whatever offset of the gap (mm) and strength of the sheet (logarithm), on the planning grid. */
const simulatorOf = ({ cut, rounds }: Pressed) => {
  const run = new CutSimulation(cut.press.frame, cellsOf(cut, PLAIN_LAYING, PLANNING_GRID))
  const reach = new ReachOfMost(run)
  return (offsetMm: number, logStrength: number): Forecast[] =>
    rounds.map(({ bed, nominalSqueezeMm, look }, at): Forecast => {
      const pressing = {
        law: lawOf(cut, bed, Math.exp(logStrength)),
        bedSoftness: bed.softness,
        squeezeMm: nominalSqueezeMm - offsetMm,
      }
      if (at === 0) run.start(pressing)
      else run.goOn(pressing)
      const { cutFraction, meanDepth, overcutMm, effort } = pressRound(run, cut, look.passes, FAR_TOO_HARD)
      return { progress: progressOf(cutFraction, meanDepth, reach.now()), effort, overcutMm }
    })
}

/** Forecasts of every round on a lattice of offsets (mm) and strengths (logarithms); `at[offset][strength][round]`. */
export interface ForecastLattice {
  readonly offsetsMm: readonly number[]
  readonly logStrengths: readonly number[]
  readonly at: readonly (readonly (readonly Forecast[])[])[]
}

/** Points of the lattice; every second offset is simulated, and one between where its neighbours differ much. */
const OFFSETS = 49
const LOGS = 5

/** Progress that differs by more than this between two offsets is no straight line. */
const MUCH = 0.1

const evenly = (count: number, outermost: number): number[] =>
  Array.from({ length: count }, (_, at) => outermost * ((2 * at) / (count - 1) - 1))

/** A forecast part of the way from one to another. */
export const blend = (one: Forecast, other: Forecast, share: number): Forecast => ({
  progress: one.progress + share * (other.progress - one.progress),
  effort: one.effort + share * (other.effort - one.effort),
  overcutMm: one.overcutMm + share * (other.overcutMm - one.overcutMm),
})

/** Simulates the rounds on a coarse lattice; between its points a forecast is as good as straight. Some hundred milliseconds for lace. */
export const forecastsOf = (pressed: Pressed): ForecastLattice => {
  const offsetsMm = evenly(OFFSETS, FARTHEST_OFFSET_MM)
  const logStrengths = evenly(LOGS, FARTHEST_LOG)
  const simulate = simulatorOf(pressed)
  const columns = logStrengths.map((logStrength) => {
    const rows: Forecast[][] = []
    let tooHard: Forecast[] | undefined
    // Tighter ones come first in the list, so from the loosest on it goes backwards.
    for (let row = OFFSETS - 1; row >= 0; row -= 2) {
      const forecasts = tooHard ?? simulate(offsetsMm[row] as number, logStrength)
      rows[row] = forecasts
      if (forecasts.every((forecast) => forecast.effort >= FAR_TOO_HARD)) tooHard = forecasts
    }
    for (let row = 1; row < OFFSETS; row += 2) {
      const [tighter, looser] = [rows[row - 1] as Forecast[], rows[row + 1] as Forecast[]]
      const halfWay = tighter.map((each, round) => blend(each, looser[round] as Forecast, 0.5))
      const isStraight = tighter.every(
        (each, round) => Math.abs(each.progress - (looser[round] as Forecast).progress) < MUCH,
      )
      rows[row] = isStraight ? halfWay : simulate(offsetsMm[row] as number, logStrength)
    }
    return rows
  })
  return { offsetsMm, logStrengths, at: offsetsMm.map((_, row) => columns.map((rows) => rows[row] as Forecast[])) }
}
