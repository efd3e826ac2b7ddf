import { CLEAN_CELL, CLEAN_CUT, DEEP_MM } from '../../press/constants.js'
import { type Drive, effortOf } from '../../press/drive.js'
import type { Bed } from '../../press/bed.js'
import type { ContactCells } from '../../press/nip/contact-cells.js'
import { CutSimulation } from '../../press/cut-simulation.js'
import { type CutContext, pileMmOf } from '../../job/cut-context.js'
import type { Between, Response, Thresholds } from '../response.js'
import { lawOf } from './cut-setup.js'
import { ReachOfMost } from './reach-of-most.js'
import { USUAL_HALF_WINDOW_MM } from './rule-of-thumb.js'
import { betweenStrengths } from '../../learning/strength-nodes.js'

/** What a series of passes does at one squeeze; index 0 is the first pass. */
export interface PassSeries {
  readonly cutFraction: readonly number[]
  /** As ReachOfMost tells it, so that a threshold is found between two looks. */
  readonly cleanReach: readonly number[]
  readonly overcutMm: readonly number[]
  /** Greatest effort of the passes, as a share of the press's own limit; the first is the hardest. */
  readonly effort: number
  readonly peakForceN: number
  /** Whether every station was solved; a stalled series is never ranked. */
  readonly solved: boolean
}

/** A squeeze in mm, and the passes at it. */
interface Look {
  readonly squeezeMm: number
  readonly series: PassSeries
}

/** mm. A threshold between two looks further apart than this is looked at once more, where the sheet is as in its table. */
const CLOSE_MM = 0.04
const MOST_CLOSER_LOOKS = 2

/** mm of squeeze over the sheets at which a response is first looked at. */
const FIRST_LOOKS_MM = [-0.05, 0.08, 0.2, 0.4, 0.7, 1.1]

/** mm. Where a threshold is not met by then it is looked for on and on up to here: steel gives way to no blade, only hands do. */
const FURTHER_LOOKS_MM = [1.8, 3]

/** How a threshold is looked for: with so many closer looks, and beyond the first looks or not. */
interface Looking {
  readonly closer: number
  readonly further: boolean
}
const CLOSELY: Looking = { closer: MOST_CLOSER_LOOKS, further: false }
const ROUGHLY: Looking = { closer: 0, further: false }

/** A pass that gets no deeper than this share of the sheets is taken for the last that does anything. */
const NO_PROGRESS = 0.002

/** What a mm that the blade goes into the bed costs in the ranking, in points: less than a handle that is hard, more than a pass. */
const OVERCUT_POINTS_PER_MM = 20

/** Squeezes nearer than this share one simulation, mm. */
const SAME_SQUEEZE_MM = 1e-6

/**
 * How one cut on one bed answers to the squeeze and to the strength of the sheet: simulated where it is asked, and remembered.
 * All stacks that share the bed share the response, as nothing else of a stack enters the press but its squeeze.
 */
export class CutResponse implements Response {
  private readonly run: CutSimulation
  private readonly drive: Drive
  private readonly remembered = new Map<number, Look[]>()
  private readonly known = new Map<number, Thresholds>()
  private readonly knownDeep = new Map<number, readonly number[]>()
  private knownShare = 0
  private readonly crossings = new Map<string, number>()
  private readonly reachOfMost: ReachOfMost
  readonly costOfHarm = OVERCUT_POINTS_PER_MM
  simulated = 0

  constructor(
    private readonly cut: CutContext,
    private readonly bed: Bed,
    cells: ContactCells,
    private readonly mostPasses: number,
  ) {
    this.run = new CutSimulation(cut.press.frame, cells)
    this.drive = cut.press.drive
    this.reachOfMost = new ReachOfMost(this.run)
  }

  get pileMm(): number {
    return pileMmOf(this.cut)
  }

  /** The passes at a squeeze in mm; `strength` multiplies the sheet's shear strength. */
  at(squeezeMm: number, strength = 1): PassSeries {
    const looks = this.looksAt(strength)
    const place = looks.findIndex((look) => look.squeezeMm > squeezeMm - SAME_SQUEEZE_MM)
    const near = looks[place]
    if (near && near.squeezeMm < squeezeMm + SAME_SQUEEZE_MM) return near.series
    const series = this.simulate(squeezeMm, strength)
    looks.splice(place === -1 ? looks.length : place, 0, { squeezeMm, series })
    return series
  }

  /** Least squeeze in mm at which the cut is clean after `passes` passes; Infinity where no squeeze looked at is enough. */
  goodFrom(passes: number, strength = 1): number {
    return this.crossing(
      `clean ${passes}`,
      CLOSELY,
      strength,
      (series) => (series.cleanReach[passes - 1] ?? 0) - CLEAN_CELL,
    )
  }

  /** Least squeeze in mm at which the effort reaches a share of the press's limit; Infinity where it never does. */
  effortFrom(share: number, strength = 1): number {
    return this.crossing(`effort ${share}`, { ...CLOSELY, further: true }, strength, (series) => series.effort - share)
  }

  effortAt(squeezeMm: number): number {
    return this.interpolated(squeezeMm, (series) => series.effort)
  }

  /** How deep the blade goes into the bed, mm. */
  harmAt(squeezeMm: number, passes: number): number {
    return this.interpolated(squeezeMm, (series) => series.overcutMm[passes - 1] ?? 0)
  }

  /** From the squeeze that comes clean to where the handle stops, or the blade goes too deep well beyond it. */
  window(mostPasses: number, handShare: number): Between | undefined {
    const lowMm = this.goodFrom(mostPasses)
    const stopMm = this.effortFrom(handShare)
    const deepMm = this.overcutFrom(DEEP_MM)
    const highMm = Math.min(stopMm, Math.max(deepMm, lowMm + USUAL_HALF_WINDOW_MM))
    if (!Number.isFinite(lowMm) || !Number.isFinite(highMm) || highMm <= lowMm) return undefined
    return { lowMm, highMm, scaleMm: USUAL_HALF_WINDOW_MM }
  }

  /** Least squeeze in mm at which so many passes cut this deep into the bed, mm. */
  overcutFrom(overcutMm: number, strength = 1, passes = 1): number {
    return this.crossing(
      `overcut ${overcutMm} ${passes}`,
      // The first pass decides the window, so it is looked at closely; later ones add little.
      passes === 1 ? CLOSELY : ROUGHLY,
      strength,
      (series) => (series.overcutMm[passes - 1] ?? 0) - overcutMm,
    )
  }

  /** Squeezes in mm from which the blade goes deeper into the bed than it should, by the end of pass 1, 2 …; remembered. */
  harmFrom(strength: number): readonly number[] {
    const known = this.knownDeep.get(strength)
    if (known) return known
    const found = Array.from({ length: this.mostPasses }, (_, at) => this.overcutFrom(DEEP_MM, strength, at + 1))
    this.knownDeep.set(strength, found)
    return found
  }

  /** All thresholds for a strength, remembered; the handle stops at a share of the press's limit. */
  thresholds(strength: number, handShare: number): Thresholds {
    if (handShare !== this.knownShare) this.known.clear()
    this.knownShare = handShare
    const known = this.known.get(strength)
    if (known) return known
    const counts = Array.from({ length: this.mostPasses }, (_, at) => at + 1)
    const found = {
      goodFromMm: counts.map((passes) => this.goodFrom(passes, strength)),
      stopFromMm: this.effortFrom(handShare, strength),
    }
    this.known.set(strength, found)
    return found
  }

  /** Value between the squeezes that were simulated, in a straight line. */
  interpolated(squeezeMm: number, value: (series: PassSeries) => number, strength = 1): number {
    const looks = this.firstLooks(strength)
    const above = looks.findIndex((look) => look.squeezeMm >= squeezeMm)
    const high = looks[above === -1 ? looks.length - 1 : above] as Look
    const low = looks[Math.max(0, above - 1)] as Look
    if (above <= 0) return value(high.series)
    const share = (squeezeMm - low.squeezeMm) / (high.squeezeMm - low.squeezeMm)
    return (1 - share) * value(low.series) + share * value(high.series)
  }

  private looksAt(strength: number): Look[] {
    const looks = this.remembered.get(strength) ?? []
    this.remembered.set(strength, looks)
    return looks
  }

  /** All looks for a strength, ascending; the first few are taken where none were yet. */
  private firstLooks(strength: number): readonly Look[] {
    const looks = this.looksAt(strength)
    if (looks.length < FIRST_LOOKS_MM.length) for (const over of FIRST_LOOKS_MM) this.at(this.pileMm + over, strength)
    return looks
  }

  /**
   * Least squeeze at which a value that grows with the squeeze crosses zero, by straight lines between the looks. For the
   * sheet's table strength the crossing itself is looked at too; for the strengths that stand for its doubt the line will do.
   */
  private crossing(name: string, how: Looking, strength: number, value: (series: PassSeries) => number): number {
    return betweenStrengths(strength, (nodeStrength) => this.crossingAt(name, how, nodeStrength, value))
  }

  private crossingAt(name: string, how: Looking, strength: number, value: (series: PassSeries) => number): number {
    const key = `${name} ${strength}`
    const known = this.crossings.get(key)
    if (known !== undefined) return known
    const found = this.findCrossing(how, strength, value)
    this.crossings.set(key, found)
    return found
  }

  private findCrossing(how: Looking, strength: number, value: (series: PassSeries) => number): number {
    for (let closer = 0; ; closer++) {
      const looks = this.firstLooks(strength)
      const above = looks.findIndex(({ series }) => value(series) >= 0)
      const high = looks[above]
      const low = looks[above - 1]
      if (!high) {
        if (!how.further || !this.lookFurther(strength)) return Infinity
        continue
      }
      if (!low) return high.squeezeMm
      const [lowValue, highValue] = [value(low.series), value(high.series)]
      const widthMm = high.squeezeMm - low.squeezeMm
      const crossing = low.squeezeMm + widthMm * Math.min(1, -lowValue / (highValue - lowValue))
      if (strength !== 1 || closer >= how.closer || widthMm <= CLOSE_MM) return crossing
      this.at(crossing, strength)
    }
  }

  /** Looks at the next of the further squeezes; false where all have been looked at. */
  private lookFurther(strength: number): boolean {
    const farthestMm = (this.looksAt(strength).at(-1) as Look).squeezeMm - this.pileMm
    const next = FURTHER_LOOKS_MM.find((overMm) => overMm > farthestMm + SAME_SQUEEZE_MM)
    if (next === undefined) return false
    this.at(this.pileMm + next, strength)
    return true
  }

  private simulate(squeezeMm: number, strength: number): PassSeries {
    this.simulated++
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
