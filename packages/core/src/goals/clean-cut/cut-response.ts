import { CLEAN_CELL, CLEAN_CUT } from '../../press/constants.js'
import { type Drive, effortOf } from '../../press/drive.js'
import type { Bed } from '../../press/bed.js'
import type { ContactCells } from '../../press/nip/contact-cells.js'
import { CutSimulation } from '../../press/cut-simulation.js'
import { type CutContext, pileMmOf } from '../../job/cut-context.js'
import type { Between } from '../response.js'
import { type SeriesLoads, SimulatedResponse } from '../simulated-response.js'
import { lawOf } from './cut-setup.js'
import { ReachOfMost } from './reach-of-most.js'
import { tooDeepFrom } from './too-deep.js'
import { USUAL_HALF_WINDOW_MM } from '../constants.js'

/** What a series of passes does at one squeeze; index 0 is the first pass. */
export interface PassSeries extends SeriesLoads {
  readonly cutFraction: readonly number[]
  /** As ReachOfMost tells it, so that a threshold is found between two looks. */
  readonly cleanReach: readonly number[]
  readonly overcutMm: readonly number[]
}

/** mm of squeeze over the sheets at which a response is first looked at. */
const FIRST_LOOKS_MM = [-0.05, 0.08, 0.2, 0.4, 0.7, 1.1]

/** mm. Where a threshold is not met by then it is looked for on and on up to here: no press takes up more. */
const FURTHER_LOOKS_MM = [1.8, 3, 5, 8, 12, 16]

/** A pass that gets no deeper than this share of the sheets is taken for the last that does anything. */
const NO_PROGRESS = 0.002

/** What a mm that the blade goes into the bed costs in the ranking, in points: less than a handle that is hard, more than a pass. */
const OVERCUT_POINTS_PER_MM = 20

/**
 * How one cut on one bed answers to the squeeze and to the strength of the sheet. All stacks that share the bed share the response, as
 * nothing else of a stack enters the press but its squeeze.
 */
export class CutResponse extends SimulatedResponse<PassSeries> {
  private readonly run: CutSimulation
  private readonly drive: Drive
  private readonly reachOfMost: ReachOfMost
  private readonly tooDeepMm: number
  readonly costOfHarm = OVERCUT_POINTS_PER_MM
  /** A cut that goes too deep is a cut all the same. */
  readonly harmSpoils = false

  constructor(
    private readonly cut: CutContext,
    private readonly bed: Bed,
    cells: ContactCells,
    mostPasses: number,
  ) {
    const over = (mm: number): number => pileMmOf(cut) + mm
    super(pileMmOf(cut), mostPasses, { first: FIRST_LOOKS_MM.map(over), further: FURTHER_LOOKS_MM.map(over) })
    this.run = new CutSimulation(cut.press.frame, cells)
    this.drive = cut.press.drive
    this.tooDeepMm = tooDeepFrom(cut)
    this.reachOfMost = new ReachOfMost(this.run)
  }

  protected goodness(series: PassSeries, passes: number): number {
    return (series.cleanReach[passes - 1] ?? 0) - CLEAN_CELL
  }

  protected harm(series: PassSeries, passes: number): number {
    return (series.overcutMm[passes - 1] ?? 0) - this.tooDeepMm
  }

  /** How deep the blade goes into the bed, mm. */
  harmAt(squeezeMm: number, passes: number): number {
    return this.interpolated(squeezeMm, (series) => series.overcutMm[passes - 1] ?? 0)
  }

  /** From the squeeze that comes clean to where the handle stops, or the blade goes too deep well beyond it. */
  window(mostPasses: number, handShare: number): Between | undefined {
    const lowMm = this.goodFrom(mostPasses)
    const stopMm = this.effortFrom(handShare)
    const deepMm = this.harmFromAfter(1, 1)
    const highMm = Math.min(stopMm, Math.max(deepMm, lowMm + USUAL_HALF_WINDOW_MM))
    if (!Number.isFinite(lowMm) || !Number.isFinite(highMm) || highMm <= lowMm) return undefined
    return { lowMm, highMm, scaleMm: USUAL_HALF_WINDOW_MM }
  }

  protected simulate(squeezeMm: number, strength: number): PassSeries {
    const { run } = this
    run.start({ law: lawOf(this.cut, this.bed, strength), bedSoftness: this.bed.softness, squeezeMm })
    const cutFraction: number[] = []
    const cleanReach: number[] = []
    const overcutMm: number[] = []
    let effort = 0
    let peakForceN = 0
    let solved = true
    for (let pass = 0; pass < this.mostPasses; pass++) {
      const done = pass > 0 && (cutFraction[pass - 1] as number) >= CLEAN_CUT
      const settled = pass > 1 && (cleanReach[pass - 1] as number) - (cleanReach[pass - 2] as number) < NO_PROGRESS
      if (done || settled || (pass > 0 && peakForceN === 0)) {
        // Clean stays clean, untouched stays untouched, and what no longer moves is left alone.
        cutFraction.push(cutFraction[pass - 1] as number)
        cleanReach.push(cleanReach[pass - 1] as number)
        overcutMm.push(overcutMm[pass - 1] as number)
        continue
      }
      const outcome = run.pass()
      solved &&= outcome.status === 'solved'
      peakForceN = Math.max(peakForceN, outcome.peakForceN)
      effort = Math.max(effort, effortOf(this.drive, { torqueNmm: outcome.peakTorqueNmm, forceN: outcome.peakForceN }))
      cutFraction.push(outcome.cutFraction)
      cleanReach.push(this.reachOfMost.now())
      overcutMm.push(Math.max(outcome.overcutMm, overcutMm[pass - 1] ?? 0))
    }
    return { cutFraction, cleanReach, overcutMm, effort, peakForceN, solved }
  }
}
