import type { CutContext } from '../job/cut-context.js'
import type { HandleFeel, RoundOf } from '../outcomes/round.js'
import { FARTHEST_LOG } from './axes.js'
import type { Pressed } from './pressed.js'

/**
 * How a goal's rounds can be forecast and judged; `Forecast` is whatever looks and feels of it speak about, and is known to the goal
 * alone.
 */
export interface Forecasting<Forecast> {
  /** Forecasts of every round for a gap (mm) and a strength of the sheet (logarithm). */
  simulatorOf(pressed: Pressed): (gapMm: number, logStrength: number) => Forecast[]
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

/**
 * Forecasts of every round on an even lattice of gaps, from the tightest to one that touches nothing, and of strengths (logarithms);
 * `at[gap][strength][round]`. What lies beyond is as at its end.
 */
export interface ForecastLattice<Forecast> {
  readonly tightestMm: number
  readonly loosestMm: number
  readonly at: readonly (readonly (readonly Forecast[])[])[]
}

/** mm. Between the gaps of the lattice. */
const STEP_MM = 0.025
/** Steps from one gap that is simulated to the next, where nothing is known of what lies between, and at most where all is straight. */
const LEAST_STRIDE = 4
const MOST_STRIDE = 32
/** Gaps at most: no press takes up so much (16 mm), however soft what lies in it is. */
const MOST_GAPS = 641

/** Strengths of the lattice, ascending: closer where sheets usually are. */
export const latticeLogs: readonly number[] = [-FARTHEST_LOG, -0.6, -0.3, 0, 0.3, 0.6, FARTHEST_LOG]

/**
 * Simulates the rounds on a coarse lattice, from a gap that nothing touches in to where every handle is far too hard; between its points a
 * forecast is as good as straight. Some hundred milliseconds for lace.
 */
export const forecastsOf = <Forecast>(goal: Forecasting<Forecast>, pressed: Pressed): ForecastLattice<Forecast> => {
  const loosestMm = Math.max(...pressed.rounds.map(({ heightMm }) => heightMm)) + STEP_MM
  const simulate = goal.simulatorOf(pressed)
  const gapAt = (step: number): number => loosestMm - step * STEP_MM
  const isTooHard = (forecasts: readonly Forecast[]): boolean =>
    forecasts.every((forecast) => goal.isFarTooHard(forecast))
  const isStraight = (one: readonly Forecast[], other: readonly Forecast[]): boolean =>
    one.every((each, round) => goal.isStraight(each, other[round] as Forecast))
  /** By strength, from the loosest gap on, until it is far too hard. */
  const columns = latticeLogs.map((logStrength) => {
    const steps: Forecast[][] = [simulate(gapAt(0), logStrength)]
    const between = (from: number, to: number): void => {
      if (to - from < 2) return
      const [looser, tighter] = [steps[from] as Forecast[], steps[to] as Forecast[]]
      if (isStraight(looser, tighter)) {
        for (let step = from + 1; step < to; step++)
          steps[step] = looser.map((each, round) =>
            goal.blend(each, tighter[round] as Forecast, (step - from) / (to - from)),
          )
        return
      }
      const middle = (from + to) >> 1
      steps[middle] = simulate(gapAt(middle), logStrength)
      between(from, middle)
      between(middle, to)
    }
    for (let at = 0, stride = LEAST_STRIDE; at < MOST_GAPS - 1 && !isTooHard(steps[at] as Forecast[]);) {
      const next = Math.min(at + stride, MOST_GAPS - 1)
      steps[next] = simulate(gapAt(next), logStrength)
      stride = isStraight(steps[at] as Forecast[], steps[next])
        ? Math.min(2 * stride, MOST_STRIDE)
        : Math.max(LEAST_STRIDE, stride >> 1)
      between(at, next)
      at = next
    }
    return steps
  })
  const count = Math.max(...columns.map((steps) => steps.length))
  return {
    tightestMm: gapAt(count - 1),
    loosestMm,
    at: Array.from({ length: count }, (_, row) =>
      columns.map((steps) => steps[Math.min(steps.length, count - row) - 1] as Forecast[]),
    ),
  }
}
