import type { CutContext } from '../../job/cut-context.js'
import { ledgerOf } from '../../layers/ledger.js'
import { evidenceFrom } from '../../learning/evidence.js'
import type { Forecasting } from '../../learning/forecast-lattice.js'
import { countedFrom, learntGap } from '../../learning/learnt-gap.js'
import type { Pressed } from '../../learning/pressed.js'
import { unlessSlip } from '../../learning/slip.js'
import { chanceBetween } from '../../numerics/normal.js'
import { feelsOn, type HandleFeel, NOT_FELT } from '../../outcomes/round.js'
import { feelBounds, feelOf } from '../../press/drive.js'
import { matGrid, matPlanningGrid } from '../../press/mats/mat-grid.js'
import type { PassLoads } from '../../press/press-passes.js'
import { fineFeelBounds, fineFeelOf } from '../../press/simulated/press-through.js'
import type { Chosen, Computed } from '../computed.js'
import { PLAIN_LAYING } from '../laying.js'
import { loadFiguresOf } from '../load-figures.js'
import { predicted } from '../predicted.js'
import { usuallyWanted } from '../usually-wanted.js'
import type { LoadFigures, MadePasses, PassFigures, Prediction } from '../prediction.js'
import type { MatSpec, Rig } from './mat-spec.js'
import { matChanges } from './changes.js'
import { MatResponse } from './mat-response.js'
import { WORTH_NAMING } from '../constants.js'
import { FELT_SPREAD } from './constants.js'

/** An effort beyond which nobody turns the handle. */
const FAR_TOO_HARD = 1.8

/** Efforts that differ by more than this are no straight line. */
const MUCH_EFFORT = 0.25

/** What the press model says of one round. */
export interface MatForecast {
  readonly values: readonly number[]
  readonly effort: number
}

const loadOf = (cut: CutContext, loads: PassLoads, { feels, fineMarks }: MatSpec): LoadFigures =>
  loadFiguresOf(cut, loads, (effort) =>
    feels === 'fine' && effort < 1 ? fineFeelOf(effort, fineMarks) : feelOf(effort),
  )

const boundsOf = (feel: HandleFeel, { fineMarks }: MatSpec): readonly [number, number] => {
  if (feel === 'stopped') return [1, Infinity]
  if (feel === NOT_FELT) return [0, Infinity]
  if (feel === 'nothing' || feel === 'just-felt' || feel === 'plainly-felt') return fineFeelBounds(feel, fineMarks)
  return feelBounds(feel)
}

/** Presses passes with a rig that was begun: at least so many, on until it is good, never more than `most`. */
const pressWith = (
  spec: MatSpec,
  rig: Rig,
  cut: CutContext,
  { least, most }: { readonly least: number; readonly most: number },
): MadePasses => {
  const passes: PassFigures[] = []
  let solved = true
  for (let pass = 1; pass <= most; pass++) {
    const loads = rig.pass()
    solved &&= loads.status === 'solved'
    passes.push({ ...loadOf(cut, loads, spec), ...rig.figures() })
    if (pass >= least && spec.goodness(rig.values(), cut) >= 0) break
  }
  return { passes, solved }
}

const worstOf = (
  spec: MatSpec,
  squeezeMm: number,
  { response, outlook }: Pick<Chosen, 'response' | 'outlook'>,
): Prediction['worst'] => {
  const good = outlook.chances.goodBy[outlook.passes - 1] ?? 0
  if (outlook.chances.stops >= WORTH_NAMING) return { what: 'handle-stops', chance: outlook.chances.stops }
  if (1 - good < WORTH_NAMING) return { what: 'nothing-much', chance: 0 }
  // Nearer to what does harm than to too little: that is then the worst.
  const harmMm = response.harmFrom(1)[outlook.passes - 1] ?? Infinity
  const shortMm = response.goodFrom(outlook.passes)
  const what = harmMm - squeezeMm < squeezeMm - shortMm ? spec.worst.harm : spec.worst.short
  return { what, chance: 1 - good }
}

/** Presses a round's passes with a rig that was begun; what nobody turns any more is the last. */
const roundWith = (spec: MatSpec, rig: Rig, cut: CutContext, passes: number): MatForecast => {
  let effort = 0
  for (let pass = 0; pass < passes; pass++) {
    const loads = rig.pass()
    effort = Math.max(effort, loadOf(cut, loads, spec).effort)
    if (loads.peakForceN === 0 || effort >= FAR_TOO_HARD) break
  }
  return { values: rig.values(), effort }
}

/** How rounds of a goal that is pressed into a mat are forecast and judged. */
export const matForecasting = (
  spec: MatSpec,
): Forecasting<MatForecast> & { pressed(rig: Rig, cut: CutContext, passes: number): MatForecast } => ({
  pressed: (rig, cut, passes) => roundWith(spec, rig, cut, passes),
  simulatorOf: ({ cut, rounds }: Pressed) => {
    const rig = spec.rig(cut, PLAIN_LAYING, matPlanningGrid(cut.press.throatMm))
    return (gapMm, logStrength) =>
      rounds.map(({ bed, heightMm, look }, at): MatForecast => {
        rig.begin(bed, heightMm - gapMm, Math.exp(logStrength), at === 0)
        return roundWith(spec, rig, cut, look.passes)
      })
  },
  blend: (one, other, share) => ({
    values: one.values.map((value, at) => value + share * ((other.values[at] as number) - value)),
    effort: one.effort + share * (other.effort - one.effort),
  }),
  isFarTooHard: ({ effort }) => effort >= FAR_TOO_HARD,
  isStraight: (one, other) =>
    Math.abs(one.effort - other.effort) < MUCH_EFFORT &&
    spec.straight.every((most, at) => Math.abs((one.values[at] as number) - (other.values[at] as number)) < most),
  logChanceOf: ({ values, effort }, look, cut) => {
    const [low, high] = boundsOf(look.feel, spec)
    const felt = chanceBetween(low === 0 ? -Infinity : low, high, effort, FELT_SPREAD[spec.feels])
    const ways = feelsOn[spec.feels].length
    const heard = Math.log(unlessSlip(felt, ways))
    return look.feel === 'stopped'
      ? heard
      : heard + Math.log(unlessSlip(spec.chanceOfSeen(values, look.seen, cut), spec.seen.length))
  },
  seen: spec.seen,
  feels: feelsOn[spec.feels],
})

/** All that the planner, the log and the Bench ask of a goal that is pressed into a mat, from what is particular to it. */
export const matGoal = (spec: MatSpec): Computed => {
  const standard = (cut: CutContext): Rig => spec.rig(cut, PLAIN_LAYING, matGrid(cut.press.throatMm))
  const strengthOf = (cut: CutContext): number => cut.matFactor ?? 1
  return {
    advice: {
      window: (cut, learnt) => {
        const midMm = spec.usualSqueezeMm(cut)
        return {
          lowMm: midMm - spec.halfWindowMm,
          midMm,
          highMm: midMm + spec.halfWindowMm,
          scaleMm: spec.halfWindowMm,
          ...countedFrom(learntGap(cut.press, usuallyWanted, learnt)),
        }
      },
      passes: ({ rules: { mostPasses } }) => ({
        passes: Math.min(mostPasses, spec.usualPasses),
        atMost: Math.min(mostPasses, spec.usualPasses + 1),
        reasons: [spec.reason],
      }),
    },
    usualSqueezeMm: (cut) => spec.usualSqueezeMm(cut),
    bedRole: spec.bedRole,
    bedOfPlate: (plate) => spec.bedOfPlate(plate),
    bedOfStack: (stack) => spec.bedOfStack(stack),
    stronger: (cut, factor) => (factor === 1 ? cut : { ...cut, matFactor: (cut.matFactor ?? 1) * factor }),
    respond: (cut, bed, laying) => new MatResponse(spec, cut, bed, laying),
    predictor(cut) {
      const rig = standard(cut)
      return (chosen): Prediction | undefined => {
        const { stack, bed, gapMm, outlook } = chosen
        const { squeezeMm } = ledgerOf(stack, gapMm)
        rig.begin(bed, squeezeMm, strengthOf(cut), true)
        const most = Math.max(outlook.passes, Math.min(cut.rules.mostPasses, spec.usualPasses + 1))
        const { passes, solved } = pressWith(spec, rig, cut, { least: outlook.passes, most })
        if (!solved) return undefined
        return predicted(passes, outlook, worstOf(spec, squeezeMm, chosen))
      }
    },
    makePasses(cut, bed, squeezeMm, count) {
      const rig = standard(cut)
      rig.begin(bed, squeezeMm, strengthOf(cut), true)
      return pressWith(spec, rig, cut, count)
    },
    mapOf(cut, bed, squeezeMm, passes) {
      const rig = standard(cut)
      rig.begin(bed, squeezeMm, strengthOf(cut), true)
      for (let pass = 0; pass < passes; pass++) rig.pass()
      return rig.map()
    },
    evidence: evidenceFrom<MatForecast>(matForecasting(spec)),
    tries: spec.tries,
    changesTo: matChanges(spec),
  }
}
