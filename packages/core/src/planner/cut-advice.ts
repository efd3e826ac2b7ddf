import type { Moments } from '../calibration/posterior.js'
import type { Stack } from '../layers/stack.js'
import type { CutContext } from '../techniques/technique.js'
import type { SqueezeWindow } from './window.js'

/** A known-good stack's part in the gap: its height − the squeeze wanted = the gap it speaks for, mm. */
export interface WitnessOfGap {
  readonly id: string
  readonly heightMm: number
  readonly wantedMm: number
  readonly gapMm: number
  readonly weight: number
}

/** What a window rests on: logged runs, known-good stacks and the gap each speaks for, or the class table alone. */
export type BasisOfWindow =
  | {
      readonly kind: 'known-good'
      readonly witnesses: readonly WitnessOfGap[]
    }
  | {
      /** Logged runs, together with the class and the known stacks where there are any. */
      readonly kind: 'log'
      readonly pressRuns: number
      readonly sheetRuns: number
      /** How much of what is known of the gap is from runs, 0…1. */
      readonly share: number
      /** Of the sheet's strength over its table value. */
      readonly logStrength: Moments
      readonly witnesses: readonly WitnessOfGap[]
    }
  | { readonly kind: 'press-class' }

/** Why a pass count is what it is; a sentence in each language belongs to each. */
export const passReasons = [
  'simulated',
  'soft-mat',
  'lace-on-hard-plate',
  'lace-on-pad',
  'lace-foil',
  'foam',
  'several-sheets',
  'single-sheet',
  'rule-there-and-back',
  'rule-one-and-look',
] as const
export type PassReason = (typeof passReasons)[number]

/** How many passes to expect. */
export interface PassAdvice {
  /** Do these, then look. */
  readonly passes: number
  /** It may take this many. */
  readonly atMost: number
  readonly reasons: readonly PassReason[]
}

/**
 * The judgement that the planner leans on. Rules of thumb answer it now; a simulation of the press can stand in their place
 * without the planner noticing.
 */
export interface CutAdvice {
  window(cut: CutContext): SqueezeWindow
  passes(cut: CutContext, stack: Stack): PassAdvice
}
