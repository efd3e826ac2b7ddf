import type { CutContext } from '../../job/cut-context.js'
import { pileMmOf } from '../../job/cut-context.js'
import type { Bed } from '../../press/bed.js'
import { effortOf } from '../../press/drive.js'
import { matPlanningGrid } from '../../press/mats/mat-grid.js'
import type { Laying } from '../laying.js'
import type { Between } from '../response.js'
import { type SeriesLoads, SimulatedResponse } from '../simulated-response.js'
import type { MatSpec, Rig } from './mat-spec.js'
import { WIDEST_MM } from './constants.js'

interface MatSeries extends SeriesLoads {
  readonly good: readonly number[]
  readonly harm: readonly number[]
}

/** Times the widest first look: a mat that is much thinner than what is pressed into it stops the handle beyond it only. */
const FURTHER = [1.25, 1.6, 2.1, 2.8, 4, 6, 9] as const

/** A pass that brings so little more is taken for the last that does anything. */
const NO_PROGRESS = 0.002

/** What harm costs in the ranking, in points, for each unit of the goal's own measure beyond what is safe. */
const POINTS_OF_HARM = 60

/** How something pressed into a mat answers to the squeeze and to how stiff the mat is. */
export class MatResponse extends SimulatedResponse<MatSeries> {
  private readonly rig: Rig
  readonly costOfHarm = POINTS_OF_HARM
  readonly harmSpoils = true

  constructor(
    private readonly spec: MatSpec,
    private readonly cut: CutContext,
    private readonly bed: Bed,
    laying: Laying,
  ) {
    const first = spec.looksMm(cut)
    const widestMm = first.at(-1) ?? 0
    super(pileMmOf(cut), cut.rules.mostPasses, { first, further: FURTHER.map((times) => times * widestMm) })
    this.rig = spec.rig(cut, laying, matPlanningGrid(cut.press.throatMm))
  }

  protected goodness(series: MatSeries, passes: number): number {
    return series.good[passes - 1] ?? -1
  }

  protected harm(series: MatSeries, passes: number): number {
    return series.harm[passes - 1] ?? -1
  }

  /** How far beyond what is safe. */
  harmAt(squeezeMm: number, passes: number): number {
    return Math.max(
      0,
      this.interpolated(squeezeMm, (series) => series.harm[passes - 1] ?? -1),
    )
  }

  /** From what is enough after all passes to where harm begins, or the handle is felt too plainly. */
  window(mostPasses: number, handShare: number): Between | undefined {
    const lowMm = this.goodFrom(mostPasses)
    const harmMm = this.harmFrom(1)[0] ?? Infinity
    const highMm = Math.min(harmMm, this.effortFrom(this.spec.tightEffort * handShare), lowMm + WIDEST_MM)
    if (!Number.isFinite(lowMm) || highMm <= lowMm) return undefined
    return { lowMm, highMm, scaleMm: this.spec.halfWindowMm }
  }

  protected simulate(squeezeMm: number, strength: number): MatSeries {
    const { spec, cut, rig } = this
    rig.begin(this.bed, squeezeMm, strength * (cut.matFactor ?? 1), true)
    const good: number[] = []
    const harm: number[] = []
    let effort = 0
    let peakForceN = 0
    let solved = true
    for (let pass = 0; pass < this.mostPasses; pass++) {
      const settled = pass > 1 && (good[pass - 1] as number) - (good[pass - 2] as number) < NO_PROGRESS
      if (settled || (pass > 0 && peakForceN === 0)) {
        good.push(good[pass - 1] as number)
        harm.push(harm[pass - 1] as number)
        continue
      }
      const loads = rig.pass()
      solved &&= loads.status === 'solved'
      peakForceN = Math.max(peakForceN, loads.peakForceN)
      effort = Math.max(effort, effortOf(cut.press.drive, { torqueNmm: loads.peakTorqueNmm, forceN: loads.peakForceN }))
      const values = rig.values()
      good.push(spec.goodness(values, cut))
      harm.push(spec.harm(values, cut))
    }
    return { good, harm, effort, peakForceN, solved }
  }
}
