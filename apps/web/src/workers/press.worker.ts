import {
  type Bed,
  bedOfStack,
  computedOf,
  type CutContext,
  cutIn,
  type Laying,
  type PassFigures,
  PLAIN_LAYING,
  type PlanRequest,
  type BlindOutcome,
  type PlayedRound,
  type Exercise,
  playRounds,
  type Press,
  pressSample,
  simulatePressing,
  type SqueezeWindow,
  type Stack,
  type SimulatedPressing,
  type TryOut,
  tryOut,
} from '@bold-heron/core'
import { expose } from 'comlink'
import { type MapPaths, pathsOf } from '../paths/cut-map-paths.js'

/** What of a cut is tried with other values. */
export interface TryOutQuestion {
  readonly caliperMm: number
  readonly sheetCount: number
  readonly squeezeMm: number
  readonly rotationDeg: number
  /** The pass that is told of, from 1. */
  readonly passes: number
}

/** What came of it, its cut map ready to be drawn. */
export interface Tried extends Omit<TryOut, 'map'> {
  readonly paths: MapPaths
}

/** What comes of a stack, pass by pass, its lines ready to be drawn. */
export interface Came {
  readonly figures: readonly PassFigures[]
  readonly solved: boolean
  readonly paths: MapPaths
}

/** As the page takes what came of a pressing. */
const toTried = ({ map, ...tried }: TryOut): Tried => ({ ...tried, paths: pathsOf(map) })

let laid: { readonly cut: CutContext; readonly bed: Bed; readonly laying: Laying } | undefined

const press = {
  /** Lays what is tried from now on; sent once, as outlines may be long. */
  lay: (cut: CutContext, bed: Bed, laying: Laying): void => {
    laid = { cut, bed, laying }
  },
  tryOut: ({ caliperMm, sheetCount, squeezeMm, rotationDeg, passes }: TryOutQuestion): Tried | undefined => {
    if (!laid) return undefined
    const { cut, bed, laying } = laid
    const sheet = { ...cut.sheet, caliper: { ...cut.sheet.caliper, valueMm: caliperMm } }
    return toTried(tryOut({ ...cut, sheet, sheetCount }, bed, squeezeMm, passes, { ...laying, rotationDeg }))
  },
  /** Presses a stack once, all its passes; `window` is the one it was planned in. */
  pressOnce: (
    cut: CutContext,
    stack: Stack,
    squeezeMm: number,
    passes: number,
    window?: SqueezeWindow,
  ): Tried | null => {
    const bed = bedOfStack(stack)
    return bed
      ? toTried(tryOut(window ? cutIn({ technique: 'cut', cut }, window) : cut, bed, squeezeMm, passes, PLAIN_LAYING))
      : null
  },
  /** What comes of a stack of any technique after so many passes; null where it meets nothing, or nothing can be computed. */
  come: (
    { technique, cut }: Pick<PlanRequest, 'technique' | 'cut'>,
    stack: Stack,
    squeezeMm: number,
    passes: number,
    window: SqueezeWindow,
  ): Came | null => {
    const goal = computedOf({ technique })
    const bed = goal.bedOfStack(stack)
    if (!bed) return null
    const asKnown = cutIn({ technique, cut }, window)
    const made = goal.makePasses(asKnown, bed, squeezeMm, { least: passes, most: passes })
    return { figures: made.passes, solved: made.solved, paths: pathsOf(goal.mapOf(asKnown, bed, squeezeMm, passes)) }
  },
  sample: (mechanics: Pick<Press, 'frame' | 'drive'>) => pressSample(mechanics),
  play: (
    exercise: Pick<Exercise, 'request' | 'bare' | 'faults'>,
    seed: number,
    rounds: readonly PlayedRound[],
  ): Played => {
    const { press, outcomes } = playRounds(exercise, seed, rounds)
    return { outcomes, paths: rounds.length > 0 ? pathsOf(press.map()) : undefined }
  },
  simulate: (pressing: SimulatedPressing) => simulatePressing(pressing),
}
/** What an attempt at an exercise has come to: every round as it really was, and the cut map that the sheets show now. */
export interface Played {
  readonly outcomes: readonly BlindOutcome[]
  readonly paths: MapPaths | undefined
}

export type PressWorker = typeof press

expose(press)
