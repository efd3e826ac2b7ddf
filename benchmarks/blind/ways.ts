import type { CutContext, HouseRules, Plate, Round, Stack } from '../../packages/core/src/index.js'
import { heightOf, usualSqueezeMm } from '../../packages/core/src/index.js'
import { finish } from '../../packages/core/src/index.js'
import { sheetsGoOn } from '../../packages/core/src/goals/looks.js'
import type { Learnt } from '../../packages/core/src/learning/learnt.js'
import { lastTryOf, learntFromTrial, type TriedRound } from '../../packages/core/src/planner/trial.js'
import { nextTrySteps } from '../../packages/core/src/planner/next-try.js'
import { SimulatedResponses } from '../../packages/core/src/planner/simulated-responses.js'
import { searchStacks } from '../../packages/core/src/planner/search.js'
import { ruleOfThumb } from '../../packages/core/src/goals/clean-cut/rule-of-thumb.js'
import { gapOfClass } from '../../packages/core/src/press/press-class.js'
import { computedOf } from '../../packages/core/src/techniques/computed-of.js'
import type { TechniqueId } from '../../packages/core/src/techniques/list.js'
import { methodOf } from '../../packages/core/src/techniques/method.js'

/** A job at a press, and what this press has shown before. */
export interface Situation {
  readonly technique: TechniqueId
  readonly cut: CutContext
  readonly shelf: readonly Plate[]
  readonly learnt: Learnt | undefined
}

/** What somebody does next, after the rounds so far; undefined where they are at their wits' end. */
export type Way = (situation: Situation, rounds: readonly TriedRound[]) => { stack: Stack; passes: number } | undefined

const model = new SimulatedResponses()

/** Ours: what is learnt after every round, and the best allowed try. */
export const ourWay =
  (trialStart: HouseRules['trialStart']): Way =>
  (situation, rounds) => {
    const { technique, shelf, learnt } = situation
    const cut = { ...situation.cut, rules: { ...situation.cut.rules, trialStart } }
    return finish(
      nextTrySteps(
        {
          technique,
          region: 'all',
          cut,
          shelf,
          workedBefore: [],
          learnt: learntFromTrial(computedOf({ technique }), cut, rounds, learnt),
        },
        lastTryOf(rounds),
        model,
      ),
    )
  }

/** The simplest stack of the shelf nearest to a squeeze, as people build it by the class's usual gap. */
const stackAt = (
  { technique, cut, shelf }: Situation,
  squeezeMm: number,
  allowed: (plate: Plate) => boolean,
): Stack | undefined => {
  const gapMm = gapOfClass(cut.press.pressClass).valueMm
  const { found } = searchStacks({
    method: methodOf({ technique, region: 'all' }),
    cut,
    window: {
      // People reckon with what is usual for the class, and look no further.
      ...ruleOfThumb.window({ ...cut, press: { ...cut.press, knownGood: [], felt: [], gap: undefined } }),
      gapMm,
      lowMm: squeezeMm - 0.3,
      midMm: squeezeMm,
      highMm: squeezeMm + 0.3,
      scaleMm: 0.15,
    },
    shelf,
    workedBefore: new Set(),
    keep: 1,
    allows: (_, plate) => allowed(plate),
  })
  return found[0]?.stack
}

/** The stack of plates alone that is nearest to a squeeze, or failing that any that is. */
const plainStackAt = (situation: Situation, squeezeMm: number): Stack | undefined =>
  stackAt(situation, squeezeMm, (plate) => plate.kind !== 'shim') ?? stackAt(situation, squeezeMm, () => true)

/** The stack with one shim more of a name, under the bed; undefined where there is none left. */
const withShim = (stack: Stack, shelf: readonly Plate[], name: string): Stack | undefined => {
  const shim = shelf.find((plate) => plate.name === name)
  const used = stack.filter((layer) => layer.is === 'plate' && layer.plate.name === name).length
  if (!shim || used >= shim.count) return undefined
  const at = stack.findIndex((layer) => layer.is === 'plate' && layer.role !== 'platform')
  return [...stack.slice(0, at), { is: 'plate', plate: shim, role: 'shim' }, ...stack.slice(at)]
}

/** The stack with its thinnest shim out; undefined where it has none. */
const withoutShim = (stack: Stack): Stack | undefined => {
  const shims = stack.flatMap((layer) => (layer.is === 'plate' && layer.role === 'shim' ? [layer] : []))
  const thinnest = shims.sort((a, b) => a.plate.thickness.valueMm - b.plate.thickness.valueMm)[0]
  return thinnest && stack.filter((layer) => layer !== thinnest)
}

const THERE_AND_BACK = 2
const isLoose = (look: Round): boolean => look.feel !== 'stopped' && look.seen !== 'cut-into-pad'

/** One card shim more at a time, from a stack that is surely loose; what is too tight loses a shim again. */
export const addingFromLoose: Way = (situation, rounds) => {
  const { cut, shelf } = situation
  const pileMm = cut.sheetCount * cut.sheet.caliper.valueMm
  const last = rounds.at(-1)
  if (!last) {
    const stack = plainStackAt(situation, pileMm - 0.4)
    return stack && { stack, passes: THERE_AND_BACK }
  }
  const stack = isLoose(last.look)
    ? (withShim(last.stack, shelf, 'card') ?? withShim(last.stack, shelf, 'heavy card'))
    : withoutShim(last.stack)
  return stack && { stack, passes: THERE_AND_BACK }
}

/** The stack of plates alone that is nearest the usual squeeze first; then one shim more or fewer at a time: card where it is hardly dented, paper where it hangs. */
export const fromUsual: Way = (situation, rounds) => {
  const { cut, shelf } = situation
  const last = rounds.at(-1)
  if (!last) {
    const dieClass = cut.dies[0]?.dieClass ?? 'thin-outline'
    const squeezeMm = usualSqueezeMm(dieClass, cut.sheetCount * cut.sheet.caliper.valueMm)
    const stack = plainStackAt(situation, squeezeMm)
    return stack && { stack, passes: THERE_AND_BACK }
  }
  if (!isLoose(last.look)) {
    const stack =
      withoutShim(last.stack) ??
      stackAt(situation, heightOf(last.stack).valueMm - gapOfClass(cut.press.pressClass).valueMm - 0.3, () => true)
    return stack && { stack, passes: THERE_AND_BACK }
  }
  const first = last.look.seen === 'hanging' ? 'paper' : 'card'
  const stack =
    withShim(last.stack, shelf, first) ??
    withShim(last.stack, shelf, 'card') ??
    withShim(last.stack, shelf, 'heavy card')
  return stack && { stack, passes: THERE_AND_BACK }
}

/** Creasing, raising and folders as people do it: no shim, there and back; then one card at a time until it shows, and one out again where it did harm. */
export const oneCardAtATime: Way = (situation, rounds) => {
  const { technique, cut, shelf } = situation
  const last = rounds.at(-1)
  if (!last) {
    const stack = plainStackAt(situation, computedOf({ technique }).usualSqueezeMm(cut))
    return stack && { stack, passes: THERE_AND_BACK }
  }
  const isHarmed = !sheetsGoOn(last.look)
  const stack = isHarmed
    ? (withoutShim(last.stack) ??
      stackAt(situation, heightOf(last.stack).valueMm - gapOfClass(cut.press.pressClass).valueMm - 0.3, () => true))
    : (withShim(last.stack, shelf, 'card') ?? withShim(last.stack, shelf, 'heavy card'))
  return stack && { stack, passes: THERE_AND_BACK }
}
