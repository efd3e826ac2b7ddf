import { FAR_TOO_HARD, type Forecast, progressOf } from '../goals/clean-cut/forecast.js'
import { bedOfStack, lawOf } from '../goals/clean-cut/cut-setup.js'
import { logChanceOf } from '../goals/clean-cut/likelihood.js'
import type { CutSeen } from '../goals/clean-cut/looks.js'
import { pressRound } from '../goals/clean-cut/press-round.js'
import { tooDeepFrom } from '../goals/clean-cut/too-deep.js'
import type { Laying } from '../goals/laying.js'
import type { CutContext } from '../job/cut-context.js'
import { heightOf, type Stack } from '../layers/stack.js'
import { unlessSlip } from '../learning/slip.js'
import { chanceAtLeast } from '../numerics/normal.js'
import { type LaidStretches, laidStretches, whereStretchesHang } from '../outcomes/laid-stretches.js'
import { feelsOn, type RoundOf } from '../outcomes/round.js'
import { shareHanging } from '../outcomes/stretches.js'
import { layOutDies } from '../placement/lay-out.js'
import { linesPosed } from '../placement/lines-laid.js'
import { lookAtAll } from '../planner/dies-that-hung.js'
import type { TriedRound } from '../planner/trial.js'
import { CLEAN_CUT } from '../press/constants.js'
import type { Pressing } from '../press/cut-simulation.js'
import type { ContactCells } from '../press/nip/contact-cells.js'
import { crossedCells, LaidCut } from './laid-cut.js'
import { chanceOfHanging, chanceOfWord, logChanceOfAnyPlace, logChanceOfPainting } from './place-evidence.js'
import { type Ends, logChanceOfAnyFeel, type Replay, type Replayed, type RoundToCome } from './replay.js'
import { asMeant, type Variation } from './variation.js'
import { GOOD_SPREAD, STOP_SPREAD } from './constants.js'

/** A stretch is pictured as hanging from this chance on. */
const PICTURED_FROM = 0.5

/** What one round came to in the simulation. */
interface Round extends Replayed {
  /** With the sheets as they then are; none where they are whole. */
  readonly laid: LaidCut | undefined
}

/** A look without what is told of where and how much, where that is read from the painting. */
const looked = (look: RoundOf<string>): RoundOf<CutSeen> =>
  ({ ...look, ...(look.hangingAt ? { hangingShare: null, hangingPlace: null } : {}) }) as RoundOf<CutSeen>

/** Cuts that were pressed and looked at, to be pressed again; `gapMm` is what squeezes are counted from. */
export class ReplayOfCut implements Replay {
  private readonly laying: Laying
  private readonly lines: readonly (readonly number[][])[]
  private readonly line: LaidStretches
  private readonly painted: readonly (Float64Array | undefined)[]
  private readonly tooDeepMm: number
  private readonly laid = new Map<unknown, LaidCut>()
  private crossed: ReturnType<typeof crossedCells> | undefined

  constructor(
    private readonly cut: CutContext,
    private readonly rounds: readonly TriedRound[],
    private readonly gapMm: number,
  ) {
    const poses = layOutDies(cut.dies, cut.press.throatMm, 0)
    this.laying = { rotationDeg: 0, poses }
    this.lines = linesPosed(cut.dies, poses)
    this.line = laidStretches(cut.dies, this.lines)
    this.tooDeepMm = tooDeepFrom(cut)
    this.painted = rounds.map(
      ({ look }) => look.hangingAt && shareHanging(this.line.stretches, cut.dies, look.hangingAt),
    )
  }

  of(variations: readonly Variation[]): Replayed {
    const pressed = this.pressed(variations)
    return {
      logChance: pressed.reduce((log, each) => log + each.logChance, 0),
      hangs: pressed.at(-1)?.hangs ?? new Float64Array(0),
    }
  }

  then(variations: readonly Variation[], { stack, variation: next, passes, freshSheets }: RoundToCome): Ends {
    if (next.comesOut) return { good: next.comesOut.clean ?? 0, stops: 0 }
    const before = freshSheets ? undefined : this.pressed(variations).at(-1)?.laid
    const after = this.goOn(before, this.laidFor(next), this.pressing(stack, next))
    const { progress, effort, tooDeepByMm } = this.forecast(after, passes, next)
    const stops = chanceAtLeast(1, effort, STOP_SPREAD)
    const through = chanceAtLeast(CLEAN_CUT, progress, GOOD_SPREAD)
    return { good: through * (1 - stops) * (tooDeepByMm > 0 ? 0 : 1), stops }
  }

  /** Lays the sheets of one lay-out, as they are cut so far, into another; whole ones where there were none. */
  private goOn(before: LaidCut | undefined, after: LaidCut, pressing: Pressing): LaidCut {
    if (before === after) after.run.goOn(pressing)
    else {
      after.run.start(pressing)
      if (before) {
        after.run.cut.set(before.run.cut)
        after.run.reach.set(before.run.reach)
      }
    }
    return after
  }

  private laidFor(variation: Variation): LaidCut {
    const { heights, lowerMm } = variation
    const name = heights ?? lowerMm?.join(' ')
    const known = this.laid.get(name)
    if (known) return known
    // Wherever something is locally otherwise, lines lie in the same cells.
    const crossed = (cells: ContactCells) => (this.crossed ??= crossedCells(this.line.stretches, this.lines, cells))
    const laid = new LaidCut(this.cut, this.laying, variation, crossed)
    this.laid.set(name, laid)
    return laid
  }

  private pressing(stack: Stack, { squeezeMm, strength, moreSheets }: Variation): Pressing {
    const bed = bedOfStack(stack) ?? { indentStiffness: Infinity, softness: 0 }
    const cut = { ...this.cut, sheetCount: this.cut.sheetCount + moreSheets }
    return {
      law: lawOf(cut, bed, strength),
      bedSoftness: bed.softness,
      squeezeMm: heightOf(stack).valueMm - this.gapMm + squeezeMm + moreSheets * cut.sheet.caliper.valueMm,
    }
  }

  private forecast(laid: LaidCut, passes: number, variation: Variation): Forecast {
    const { cutFraction, meanDepth, overcutMm, effort } = pressRound(laid.run, this.cut, passes, FAR_TOO_HARD)
    return {
      progress: progressOf(cutFraction, meanDepth, laid.most.now()),
      effort: effort * variation.effort,
      tooDeepByMm: overcutMm - this.tooDeepMm,
    }
  }

  private pressed(variations: readonly Variation[]): Round[] {
    let before: LaidCut | undefined
    return this.rounds.map(({ stack, look, freshSheets }, at) => {
      const variation = variations[at] ?? asMeant
      if (freshSheets) before = undefined
      if (variation.comesOut) return { ...this.asItComesOut(variation.comesOut, at), laid: before }
      const laid = this.goOn(before, this.laidFor(variation), this.pressing(stack, variation))
      before = laid
      const forecast = this.forecast(laid, look.passes, variation)
      const hangs = laid.reach().map(chanceOfHanging)
      return { logChance: this.logChance(forecast, hangs, at), hangs, laid }
    })
  }

  private logChance(forecast: Forecast, hangs: Float64Array, at: number): number {
    const { look } = this.rounds[at] as TriedRound
    const whole = logChanceOf(forecast, lookAtAll(looked(look), this.cut.dies))
    const painted = this.painted[at]
    if (painted) return whole + logChanceOfPainting(painted, hangs, this.line.lengthMm)
    if (look.hangingPlace === null) return whole
    const pictured = whereStretchesHang(this.line, (stretch) => (hangs[stretch] as number) >= PICTURED_FROM)
    return whole + Math.log(chanceOfWord(look.hangingPlace, pictured?.place))
  }

  /** Where nothing is simulated every look has its chance, every feel is as likely, and it hangs wherever it does. */
  private asItComesOut(comesOut: Readonly<Record<string, number>>, at: number): Replayed {
    const { look } = this.rounds[at] as TriedRound
    const painted = this.painted[at]
    const { stretches, lengthMm } = this.line
    const share = painted ? meanBy(painted, lengthMm) : (look.hangingShare ?? 0)
    const seen = Math.log(unlessSlip(comesOut[look.seen] ?? 0, 5)) + logChanceOfAnyFeel(look.feel, feelsOn.coarse)
    const where = painted
      ? logChanceOfAnyPlace(painted, lengthMm)
      : look.hangingPlace === null
        ? 0
        : Math.log(chanceOfWord(look.hangingPlace, undefined))
    return { logChance: seen + where, hangs: new Float64Array(stretches.length).fill(share) }
  }
}

const meanBy = (values: Float64Array, weights: Float64Array): number => {
  const total = weights.reduce((sum, weight) => sum + weight, 0)
  return total > 0 ? values.reduce((sum, value, at) => sum + value * (weights[at] as number), 0) / total : 0
}
