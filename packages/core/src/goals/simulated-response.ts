import { powerCurve } from '../numerics/power-curve.js'
import { betweenStrengths } from '../learning/strength-nodes.js'
import type { Between, Response, Thresholds } from './response.js'

/** What every series of passes at one squeeze tells, whatever is pressed. */
export interface SeriesLoads {
  /** Greatest effort of the passes, as a share of the press's own limit; the first is the hardest. */
  readonly effort: number
  readonly peakForceN: number
  /** Whether every station was solved; a stalled series is never ranked. */
  readonly solved: boolean
}

/** A squeeze in mm, and the passes at it. */
interface Look<Series> {
  readonly squeezeMm: number
  readonly series: Series
}

/** mm. A threshold between two looks further apart than this is looked at once more, where the sheet is as in its table. */
const CLOSE_MM = 0.04
const MOST_CLOSER_LOOKS = 2

/** How a threshold is looked for: with so many closer looks, and beyond the first looks as far as the press goes round, or farther still. */
export interface Looking {
  readonly closer: number
  readonly further: 'while-it-turns' | 'always'
}
const CLOSELY: Looking = { closer: MOST_CLOSER_LOOKS, further: 'while-it-turns' }
const ROUGHLY: Looking = { closer: 0, further: 'while-it-turns' }

/** Squeezes nearer than this share one simulation, mm. */
const SAME_SQUEEZE_MM = 1e-6

/** Squeezes in mm at which a response is looked at. */
export interface LookPlan {
  readonly first: readonly number[]
  /** Where a threshold is not met by then it is looked for on and on up to here. */
  readonly further: readonly number[]
}

/**
 * How something pressed answers to the squeeze and to a strength: simulated where it is asked, and remembered. A goal says what a series
 * of passes tells, and when it is good and does harm.
 */
export abstract class SimulatedResponse<Series extends SeriesLoads> implements Response {
  private readonly remembered = new Map<number, Look<Series>[]>()
  private readonly beyond = new Map<string, Series>()
  /** How the effort rises through so many looks. */
  private effort: { readonly looks: number; readonly curve: (squeezeMm: number) => number } | undefined
  private readonly known = new Map<number, Thresholds>()
  private readonly knownHarm = new Map<number, readonly number[]>()
  private knownShare = 0
  private readonly crossings = new Map<string, number>()
  abstract readonly costOfHarm: number
  abstract readonly harmSpoils: boolean
  simulated = 0

  constructor(
    readonly pileMm: number,
    protected readonly mostPasses: number,
    private readonly looks: LookPlan,
  ) {}

  /** The passes at a squeeze in mm; `strength` multiplies that of what resists. */
  protected abstract simulate(squeezeMm: number, strength: number): Series
  /** Grows with the squeeze, from 0 on what is wanted is there after so many passes. */
  protected abstract goodness(series: Series, passes: number): number
  /** Grows with the squeeze, from 0 on it does harm by the end of so many passes. */
  protected abstract harm(series: Series, passes: number): number
  abstract harmAt(squeezeMm: number, passes: number): number
  abstract window(mostPasses: number, handShare: number): Between | undefined

  get lookedMm(): readonly number[] {
    return this.firstLooks(1).map(({ squeezeMm }) => squeezeMm)
  }

  /** The passes at a squeeze in mm, simulated or remembered. */
  at(squeezeMm: number, strength = 1): Series {
    const looks = this.looksAt(strength)
    const place = looks.findIndex((look) => look.squeezeMm > squeezeMm - SAME_SQUEEZE_MM)
    const near = looks[place]
    if (near && near.squeezeMm < squeezeMm + SAME_SQUEEZE_MM) return near.series
    this.simulated++
    const series = this.simulate(squeezeMm, strength)
    looks.splice(place === -1 ? looks.length : place, 0, { squeezeMm, series })
    return series
  }

  /** Least squeeze in mm at which it is good after `passes` passes; Infinity where the press stops before. */
  goodFrom(passes: number, strength = 1): number {
    return this.crossing(`good ${passes}`, CLOSELY, strength, (series) => this.goodness(series, passes))
  }

  /** Least squeeze in mm at which the effort reaches a share of the press's limit; Infinity where it never does. */
  effortFrom(share: number, strength = 1): number {
    return this.crossing(
      `effort ${share}`,
      { ...CLOSELY, further: 'always' },
      strength,
      (series) => series.effort - share,
    )
  }

  effortAt(squeezeMm: number): number {
    const looks = this.firstLooks(1)
    const last = looks.at(-1)
    if (last && squeezeMm > last.squeezeMm) return this.beyondLooks(squeezeMm, 1).effort
    if (this.effort?.looks !== looks.length) {
      const curve = powerCurve(
        this.lookedMm,
        looks.map(({ series }) => series.effort),
      )
      this.effort = { looks: looks.length, curve }
    }
    return this.effort.curve(squeezeMm)
  }

  /** Squeezes in mm from which it does harm, by the end of pass 1, 2 …; remembered. */
  harmFrom(strength: number): readonly number[] {
    const known = this.knownHarm.get(strength)
    if (known) return known
    const found = Array.from({ length: this.mostPasses }, (_, at) => this.harmFromAfter(at + 1, strength))
    this.knownHarm.set(strength, found)
    return found
  }

  /** Least squeeze in mm at which so many passes do harm. */
  protected harmFromAfter(passes: number, strength: number): number {
    // The first pass decides the window, so it is looked at closely; later ones add little.
    return this.crossing(`harm ${passes}`, passes === 1 ? CLOSELY : ROUGHLY, strength, (series) =>
      this.harm(series, passes),
    )
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

  /** Value between the squeezes that were simulated, in a straight line; beyond them it is simulated where it is asked. */
  interpolated(squeezeMm: number, value: (series: Series) => number, strength = 1): number {
    const looks = this.firstLooks(strength)
    const above = looks.findIndex((look) => look.squeezeMm >= squeezeMm)
    if (above === -1) return value(this.beyondLooks(squeezeMm, strength))
    const high = looks[above] as Look<Series>
    const low = looks[Math.max(0, above - 1)] as Look<Series>
    if (above === 0) return value(high.series)
    const share = (squeezeMm - low.squeezeMm) / (high.squeezeMm - low.squeezeMm)
    return (1 - share) * value(low.series) + share * value(high.series)
  }

  /** The passes at a squeeze beyond all looks; remembered apart, so that what is read between the looks stays as it is. */
  private beyondLooks(squeezeMm: number, strength: number): Series {
    const name = `${squeezeMm} ${strength}`
    const known = this.beyond.get(name)
    if (known) return known
    this.simulated++
    const series = this.simulate(squeezeMm, strength)
    this.beyond.set(name, series)
    return series
  }

  private looksAt(strength: number): Look<Series>[] {
    const looks = this.remembered.get(strength) ?? []
    this.remembered.set(strength, looks)
    return looks
  }

  /** All looks for a strength, ascending; the first few are taken where none were yet. */
  private firstLooks(strength: number): readonly Look<Series>[] {
    const looks = this.looksAt(strength)
    if (looks.length < this.looks.first.length) for (const mm of this.looks.first) this.at(mm, strength)
    return looks
  }

  /**
   * Least squeeze at which a value that grows with the squeeze crosses zero, by straight lines between the looks. For the
   * sheet's table strength the crossing itself is looked at too; for the strengths that stand for its doubt the line will do.
   */
  protected crossing(name: string, how: Looking, strength: number, value: (series: Series) => number): number {
    return betweenStrengths(strength, (nodeStrength) => this.crossingAt(name, how, nodeStrength, value))
  }

  private crossingAt(name: string, how: Looking, strength: number, value: (series: Series) => number): number {
    const key = `${name} ${strength}`
    const known = this.crossings.get(key)
    if (known !== undefined) return known
    const found = this.findCrossing(how, strength, value)
    this.crossings.set(key, found)
    return found
  }

  private findCrossing(how: Looking, strength: number, value: (series: Series) => number): number {
    for (let closer = 0; ; closer++) {
      const looks = this.firstLooks(strength)
      const above = looks.findIndex(({ series }) => value(series) >= 0)
      const high = looks[above]
      const low = looks[above - 1]
      if (!high) {
        if (!this.lookFurther(how, strength)) return Infinity
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

  /** Looks at the next of the further squeezes; false where all that are wanted have been looked at. */
  private lookFurther({ further }: Looking, strength: number): boolean {
    const { squeezeMm: farthestMm, series } = this.looksAt(strength).at(-1) as Look<Series>
    if (further === 'while-it-turns' && series.effort >= 1) return false
    const next = this.looks.further.find((mm) => mm > farthestMm + SAME_SQUEEZE_MM)
    if (next === undefined) return false
    this.at(next, strength)
    return true
  }
}
