import type { CutContext } from '../../job/cut-context.js'
import type { Role } from '../../layers/layer.js'
import type { Plate } from '../../layers/plate.js'
import type { Stack } from '../../layers/stack.js'
import type { Bed } from '../../press/bed.js'
import type { GridSize } from '../../press/nip/contact-cells.js'
import type { FineMarks } from '../../press/simulated/press-through.js'
import type { PassLoads } from '../../press/press-passes.js'
import type { Tries } from '../tries.js'
import type { Laying } from '../laying.js'
import type { LineMap } from '../line-map.js'
import type { PassReason } from '../advice.js'
import type { OwnFigures, WorstCase } from '../prediction.js'

/** One thing being pressed into a mat, laid out on a grid: pressed pass by pass, and asked what came of it. */
export interface Rig {
  /** Begins with a whole sheet, or goes on with it in another stack. `strength` multiplies what the mat resists with. */
  begin(bed: Bed, squeezeMm: number, strength: number, fresh: boolean): void
  pass(): PassLoads
  /** What looks speak about, in numbers that grow evenly with the squeeze. */
  values(): readonly number[]
  /** What is shown of the last pass. */
  figures(): OwnFigures
  /** How far each stretch of line has come, for drawing. */
  map(): LineMap
}

/** Everything that is particular to one goal of pressing into mats; the rest they share (`mat-goal.ts`). */
export interface MatSpec {
  readonly seen: readonly string[]
  /** On which scale the handle is felt. */
  readonly feels: 'fine' | 'coarse'
  /** Where the finer feels end, where that is not as for a crease. */
  readonly fineMarks?: FineMarks
  /** Why so many passes, where nothing was simulated yet, and how many. */
  readonly usualPasses: number
  readonly reason: PassReason
  readonly bedRole: Role
  bedOfPlate(plate: Plate): Bed
  bedOfStack(stack: Stack): Bed | undefined
  usualSqueezeMm(cut: CutContext): number
  /** mm. Half of what is usually between too little and too much. */
  readonly halfWindowMm: number
  /** Squeezes in mm at which a response is first looked at, ascending. */
  looksMm(cut: CutContext): readonly number[]
  rig(cut: CutContext, laying: Laying, grid: GridSize): Rig
  /** 0 and more: what is wanted is there. Grows with the squeeze. */
  goodness(values: readonly number[], cut: CutContext): number
  /** 0 and more: it does harm. Grows with the squeeze. */
  harm(values: readonly number[], cut: CutContext): number
  /** Whether the mat itself is cut, where that can be. */
  isMatCut?(values: readonly number[]): boolean
  /** Share of the handle's limit from which a stack is too tight to be planned. */
  readonly tightEffort: number
  /** Chance of a look where the press does what is forecast. */
  chanceOfSeen(values: readonly number[], seen: string, cut: CutContext): number
  /** Differences of the values below which what lies between is as good as straight. */
  readonly straight: readonly number[]
  readonly tries: Tries
  /** What harm is, at worst; and what it is where what is wanted is not reached. */
  readonly worst: { readonly harm: WorstCase; readonly short: WorstCase }
}
