import { factsOfDieClass } from '../../dies/classes/list.js'
import type { CutContext } from '../../job/cut-context.js'
import { shallowDieOf } from '../../job/shallow-die.js'
import type { Stack } from '../../layers/stack.js'
import { ledgerOf } from '../../layers/ledger.js'
import type { Bed } from '../../press/bed.js'
import { CLEAN_CUT } from '../../press/constants.js'
import { type CutPass, CutSimulation } from '../../press/cut-simulation.js'
import { feelOf } from '../../press/drive.js'
import type { Chosen } from '../computed.js'
import { type Laying, PLAIN_LAYING } from '../laying.js'
import type { Outlook } from '../outlook.js'
import { loadFiguresOf } from '../load-figures.js'
import { predicted } from '../predicted.js'
import type { LoadFigures, MadePasses, Prediction } from '../prediction.js'
import type { CutFigures } from './cut-figures.js'
import { cellsOf, lawOf } from './cut-setup.js'
import { cutSeenIn } from './seen-in.js'
import { tooDeepFrom } from './too-deep.js'
import { whereItHangsIn } from './where-it-hangs-in.js'
import { WORTH_NAMING } from '../constants.js'

/** A pass of a cut. */
export type CutPassFigures = LoadFigures & CutFigures

/** Passes of a cut, and whether every station was solved. */
export interface MadeCuts extends MadePasses {
  readonly passes: readonly CutPassFigures[]
}

/** The figures of a pass just made by a run: what hangs, and how the handle feels to this user's hand. */
export const figuresOf = (cut: CutContext, outcome: CutPass, run: CutSimulation): CutPassFigures => ({
  of: 'cut',
  seen: cutSeenIn(outcome, tooDeepFrom(cut)),
  cutFraction: outcome.cutFraction,
  meanDepth: outcome.meanDepth,
  leastDepth: outcome.leastDepth,
  hanging: whereItHangsIn(run),
  overcutMm: outcome.overcutMm,
  ...loadFiguresOf(cut, outcome, feelOf),
})

/**
 * Simulates the passes of a cut at a squeeze in mm on the run it was laid out for (`standardRun`): so many as `least` says, and on until the cut is
 * clean, but never more than `most`.
 */
export const simulatePasses = (
  run: CutSimulation,
  cut: CutContext,
  bed: Bed,
  squeezeMm: number,
  { least, most }: { readonly least: number; readonly most: number },
): MadeCuts => {
  run.start({ law: lawOf(cut, bed), bedSoftness: bed.softness, squeezeMm })
  const made: CutPassFigures[] = []
  let solved = true
  for (let pass = 1; pass <= most; pass++) {
    const outcome = run.pass()
    solved &&= outcome.status === 'solved'
    made.push(figuresOf(cut, outcome, run))
    if (pass >= least && outcome.cutFraction >= CLEAN_CUT) break
  }
  return { passes: made, solved }
}

const worstOf = (
  cut: CutContext,
  stack: Stack,
  passes: readonly CutPassFigures[],
  outlook: Outlook,
): Prediction['worst'] => {
  const { chances } = outlook
  const clean = chances.goodBy[outlook.passes - 1] ?? 0
  if (chances.stops >= WORTH_NAMING) return { what: 'handle-stops', chance: chances.stops }
  const hardUnderThin = stack.some(
    (layer) => layer.is === 'plate' && layer.role === 'bed' && layer.plate.kind === 'hard-plate',
  )
  const outline = stack.some(
    (layer) =>
      layer.is === 'dies' && layer.dies.some((die) => factsOfDieClass(die.dieClass).bedByHouseRule === 'hard-plate'),
  )
  if (hardUnderThin && outline) return { what: 'die-warps', chance: 0 }
  if (Math.max(...passes.map((pass) => pass.overcutMm)) > tooDeepFrom(cut)) return { what: 'cuts-deep', chance: clean }
  if (1 - clean < WORTH_NAMING) return { what: 'nothing-much', chance: 0 }
  return { what: shallowDieOf(cut) ? 'crushed' : 'hangs', chance: 1 - clean }
}

/** A run of a cut on the standard grid; it may be used for any bed and squeeze, one after the other. */
export const standardRun = (cut: CutContext, laying: Laying = PLAIN_LAYING): CutSimulation =>
  new CutSimulation(cut.press.frame, cellsOf(cut, laying))

/** Predicts a stack's passes with their chances. Undefined where a station stalled: then there is no number to trust. */
export const predict = (
  run: CutSimulation,
  cut: CutContext,
  { stack, bed, gapMm, outlook }: Chosen,
): Prediction | undefined => {
  const { squeezeMm } = ledgerOf(stack, gapMm)
  const { passes, solved } = simulatePasses(run, cut, bed, squeezeMm, {
    least: outlook.passes,
    most: Math.max(outlook.passes, cut.rules.mostPasses),
  })
  if (!solved) return undefined
  return predicted(passes, outlook, worstOf(cut, stack, passes, outlook))
}
