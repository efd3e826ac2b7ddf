import type { PredictedFeel } from '../press/drive.js'
import type { FineFeel } from '../press/simulated/press-through.js'
import type { CutFigures } from './clean-cut/cut-figures.js'
import type { CreaseFigures } from './crease/crease-figures.js'
import type { FoilFigures } from './foil-line/foil-figures.js'
import type { FormedFigures } from './formed/formed-figures.js'
import type { ReliefFigures } from './relief/relief-figures.js'

/** What one pass asks of the press and the hand. */
export interface LoadFigures {
  readonly peakForceN: number
  /** At the crank's end; undefined for a motor. */
  readonly handleForceN: number | undefined
  /** As a share of what the user's hand, or the motor, can do. */
  readonly effort: number
  readonly feel: PredictedFeel | FineFeel
}

/** What a goal measures of a pass; `of` says which. */
export type OwnFigures = CutFigures | CreaseFigures | ReliefFigures | FormedFigures | FoilFigures

/** What one pass does: its load, and what its goal measures. */
export type PassFigures = LoadFigures & OwnFigures

/** What one pass is going to do, and how sure that is. */
export type PredictedPass = PassFigures & {
  /** Chance of coming out as wanted by the end of this pass, 0…1. */
  readonly chance: number
  /** Squeeze in mm from which so many passes do, the sheet as strong as its table says; undefined where none does. */
  readonly goodFromMm: number | undefined
}

/** The worst that can sensibly happen with a stack, and how likely it is where that is known. */
export const worstCases = [
  'handle-stops',
  'die-warps',
  'cuts-deep',
  'hangs',
  'crushed',
  'sheet-cut',
  'faint',
  'shallow',
  'tears',
  'patchy',
  'broken-line',
  'smudges',
  'nothing-much',
] as const
export type WorstCase = (typeof worstCases)[number]

/** What a stack is going to do, pass by pass. */
export interface Prediction {
  /** The recommended passes, and on until what is wanted is there or the house would do no more. */
  readonly passes: readonly PredictedPass[]
  /** The recommended count, and whether it reaches the house's chance. */
  readonly recommended: number
  readonly sure: boolean
  /** The pass after which a look decides: the first with an even chance, where that is before the recommended one. */
  readonly lookAfter: number
  readonly stops: number
  readonly worst: { readonly what: WorstCase; readonly chance: number }
}

/** Passes made with the simulation, and whether every station was solved; else there is no number to trust. */
export interface MadePasses {
  readonly passes: readonly PassFigures[]
  readonly solved: boolean
}
