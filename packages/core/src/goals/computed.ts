import type { CutContext } from '../job/cut-context.js'
import type { Role } from '../layers/layer.js'
import type { Plate } from '../layers/plate.js'
import type { PlateKind } from '../materials/plate-kind.js'
import type { Stack } from '../layers/stack.js'
import type { Evidence } from '../learning/evidence.js'
import type { RoundOf } from '../outcomes/round.js'
import type { Bed } from '../press/bed.js'
import type { Press } from '../press/press.js'
import type { Advice } from './advice.js'
import type { Changes } from './change.js'
import type { LineMap } from './line-map.js'
import type { Laying } from './laying.js'
import type { Outlook } from './outlook.js'
import type { MadePasses, Prediction } from './prediction.js'
import type { Response } from './response.js'
import type { Tries } from './tries.js'

/** A stack as it was found or laid, and what it is counted from. */
export interface Chosen {
  readonly stack: Stack
  readonly bed: Bed
  readonly gapMm: number
  /** How the press run answers on this bed, and what that makes of this squeeze. */
  readonly response: Response
  readonly outlook: Outlook
}

/** What the planner, the log and the Bench ask of a goal. Squeezes in mm. */
export interface Computed {
  /** What is said at once, before anything is simulated. */
  readonly advice: Advice
  /** Squeeze that is usual for a press run. */
  usualSqueezeMm(cut: CutContext): number

  /** A press run with what resists so many times as strong as by its table: the sheet of a cut, the mat of a crease. */
  stronger(cut: CutContext, factor: number): CutContext

  /** The role whose plate decides how a stack answers, and what such a plate is like. */
  readonly bedRole: Role
  bedOfPlate(plate: Plate): Bed
  /** What a built stack is pressed on; undefined where it meets nothing. */
  bedOfStack(stack: Stack): Bed | undefined

  /** How it answers to the squeeze. */
  respond(cut: CutContext, bed: Bed, laying: Laying): Response
  /** Simulates the passes of stacks of one press run, one after another; undefined where a station stalled. */
  predictor(cut: CutContext): (chosen: Chosen) => Prediction | undefined
  /** Makes at least so many passes, and on until what is wanted is there, but never more than `most`. */
  makePasses(
    cut: CutContext,
    bed: Bed,
    squeezeMm: number,
    count: { readonly least: number; readonly most: number },
  ): MadePasses
  /** How far what is pressed has come, place by place. */
  mapOf(cut: CutContext, bed: Bed, squeezeMm: number, passes: number): LineMap

  /** What rounds of it teach. */
  readonly evidence: Evidence
  readonly tries: Tries
  /** What might do better with a stack; `bedKinds` are the plates that may serve as its bed. */
  changesTo(
    cut: CutContext,
    now: {
      readonly stack: Stack
      readonly bed: Bed
      readonly squeezeMm: number
      readonly prediction: Prediction
      readonly shelf: readonly Plate[]
      readonly bedKinds: readonly PlateKind[]
    },
  ): Changes

  /** A round as it is usual on a press, for saying what one more would teach; absent where none is. */
  ordinary?(press: Press): {
    readonly cut: CutContext
    readonly bed: Bed
    readonly squeezeMm: number
    readonly look: RoundOf<string>
  }
}
