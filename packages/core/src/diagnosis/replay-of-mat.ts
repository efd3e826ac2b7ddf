import { PLAIN_LAYING } from '../goals/laying.js'
import { matForecasting } from '../goals/mats/mat-goal.js'
import type { MatSpec } from '../goals/mats/mat-spec.js'
import type { CutContext } from '../job/cut-context.js'
import { heightOf, type Stack } from '../layers/stack.js'
import { unlessSlip } from '../learning/slip.js'
import { chanceAtLeast } from '../numerics/normal.js'
import type { TriedRound } from '../planner/trial.js'
import { matPlanningGrid } from '../press/mats/mat-grid.js'
import { isGood, type Seen } from '../goals/looks.js'
import { type Ends, logChanceOfAnyFeel, type Replay, type Replayed, type RoundToCome } from './replay.js'
import { asMeant, type Variation } from './variation.js'
import { STOP_SPREAD } from './constants.js'

/** What was pressed into a mat and looked at, to be pressed again; `gapMm` is what squeezes are counted from. */
export class ReplayOfMat implements Replay {
  private readonly rig
  private readonly forecasting
  /** Whether a sheet lies there that was pressed. */
  private isBegun = false

  constructor(
    private readonly spec: MatSpec,
    private readonly cut: CutContext,
    private readonly rounds: readonly TriedRound[],
    private readonly gapMm: number,
  ) {
    this.rig = spec.rig(cut, PLAIN_LAYING, matPlanningGrid(cut.press.throatMm))
    this.forecasting = matForecasting(spec)
  }

  of(variations: readonly Variation[]): Replayed {
    return { logChance: this.pressed(variations), hangs: new Float64Array(0) }
  }

  then(variations: readonly Variation[], { stack, variation: next, passes, freshSheets }: RoundToCome): Ends {
    const isLookGood = (seen: string): boolean => isGood(seen as Seen)
    if (next.comesOut) {
      const good = Object.entries(next.comesOut).filter(([seen]) => isLookGood(seen))
      return { good: good.reduce((sum, [, chance]) => sum + chance, 0), stops: 0 }
    }
    if (!freshSheets) this.pressed(variations)
    const { values, effort } = this.press(stack, next, passes, freshSheets || !this.isBegun)
    const stops = chanceAtLeast(1, effort, STOP_SPREAD)
    const good = this.spec.seen
      .filter(isLookGood)
      .reduce((sum, seen) => sum + this.spec.chanceOfSeen(values, seen, this.cut), 0)
    return { good: good * (1 - stops), stops }
  }

  private press(stack: Stack, variation: Variation, passes: number, fresh: boolean) {
    const bed = this.spec.bedOfStack(stack)
    if (!bed) return { values: this.spec.straight.map(() => 0), effort: 0 }
    const { squeezeMm, strength, moreSheets, effort } = variation
    const heightMm = heightOf(stack).valueMm + squeezeMm + moreSheets * this.cut.sheet.caliper.valueMm
    this.rig.begin(bed, heightMm - this.gapMm, strength, fresh)
    this.isBegun = true
    const forecast = this.forecasting.pressed(this.rig, this.cut, passes)
    return { ...forecast, effort: forecast.effort * effort }
  }

  /** Presses all rounds; how likely what was told of them is, as a logarithm. */
  private pressed(variations: readonly Variation[]): number {
    const { spec, forecasting, cut } = this
    this.isBegun = false
    return this.rounds.reduce((log, { stack, look, freshSheets }, at) => {
      const variation = variations[at] ?? asMeant
      if (freshSheets) this.isBegun = false
      if (variation.comesOut)
        return (
          log +
          Math.log(unlessSlip(variation.comesOut[look.seen] ?? 0, spec.seen.length)) +
          logChanceOfAnyFeel(look.feel, forecasting.feels)
        )
      return log + forecasting.logChanceOf(this.press(stack, variation, look.passes, !this.isBegun), look, cut)
    }, 0)
  }
}
