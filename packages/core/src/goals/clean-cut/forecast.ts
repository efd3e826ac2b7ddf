import type { Pressed } from '../../learning/pressed.js'
import { CLEAN_CELL, CLEAN_CUT } from '../../press/constants.js'
import { CutSimulation } from '../../press/cut-simulation.js'
import { PLAIN_LAYING } from '../laying.js'
import { cellsOf, lawOf, PLANNING_GRID } from './cut-setup.js'
import { pressRound } from './press-round.js'
import { ReachOfMost } from './reach-of-most.js'
import { tooDeepFrom } from './too-deep.js'
import { UNTOUCHED } from './constants.js'

/** What the press model says of one round, in the numbers that looks and feels speak about. */
export interface Forecast {
  /**
   * How far the cut is, evenly growing: below 0 for a dent, the clean share of the line while it hangs, and beyond CLEAN_CUT by
   * what travel was left over.
   */
  readonly progress: number
  /** Greatest effort of the round's passes, as a share of what the user's hand can do. */
  readonly effort: number
  /** How far the blade went into its bed beyond where it is too deep, mm; below 0 where it did not. */
  readonly tooDeepByMm: number
}

/** An effort beyond which nobody turns the handle, so that a still tighter press need not be simulated. */
export const FAR_TOO_HARD = 1.8

/** How far a cut is; see `Forecast.progress`. `reach` is that of most of the line. */
export const progressOf = (cutFraction: number, meanDepth: number, reach: number): number =>
  Math.min(cutFraction, CLEAN_CUT) + UNTOUCHED * (1 - meanDepth) + Math.max(0, reach - CLEAN_CELL)

/** Simulates rounds for whatever gap (mm) and strength of the sheet (logarithm), on the planning grid. */
export const simulatorOf = ({ cut, rounds }: Pressed) => {
  const run = new CutSimulation(cut.press.frame, cellsOf(cut, PLAIN_LAYING, PLANNING_GRID))
  const reach = new ReachOfMost(run)
  const tooDeepMm = tooDeepFrom(cut)
  return (gapMm: number, logStrength: number): Forecast[] =>
    rounds.map(({ bed, heightMm, look }, at): Forecast => {
      const pressing = {
        law: lawOf(cut, bed, Math.exp(logStrength)),
        bedSoftness: bed.softness,
        squeezeMm: heightMm - gapMm,
      }
      if (at === 0) run.start(pressing)
      else run.goOn(pressing)
      const { cutFraction, meanDepth, overcutMm, effort } = pressRound(run, cut, look.passes, FAR_TOO_HARD)
      const tooDeepByMm = overcutMm - tooDeepMm
      return { progress: progressOf(cutFraction, meanDepth, reach.now()), effort, tooDeepByMm }
    })
}
