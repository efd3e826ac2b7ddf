import type { GoalId } from '../goals/list.js'
import { matSpecs } from '../goals/mats/specs.js'
import { errorSourceOf, thicknessOf } from '../layers/layer.js'
import type { Stack } from '../layers/stack.js'
import { REPEAT_SPREAD_MM } from '../learning/repeat-spread.js'
import type { Answering } from '../planner/responses.js'
import type { PlanRequest } from '../planner/plan.js'
import type { Steps } from '../planner/steps.js'
import type { CauseId } from './cause-ids.js'
import { type DoubtStep, doubtSteps } from './doubt-steps.js'
import {
  chanceOfYes,
  curesOf,
  type Hypothesis,
  logChanceOfAnswers,
  partsLeft,
  type Part,
  priorOf,
  variationOf,
  variationsIn,
  waysIn,
} from './hypotheses.js'
import type { HelpedBy } from './helped.js'
import { type Answers, type QuestionId, questionIds } from './questions.js'
import { type OtherStack, type Remedy, remediesIn } from './remedies.js'
import type { Replay, Replayed } from './replay.js'
import { ReplayOfCut } from './replay-of-cut.js'
import { ReplayOfMat } from './replay-of-mat.js'
import { type Scene, sceneOf } from './scene.js'
import type { ToldRound } from './told-round.js'
import { asMeant, bothOf, type Variation } from './variation.js'

/** A cause, or two at once, as it is believed after everything that was told. */
export interface RankedCause {
  readonly causes: readonly CauseId[]
  /** 0…1; all together make 1. */
  readonly chance: number
  /** Its likeliest way. */
  readonly squeezeMm: number
  readonly mm?: number | undefined
  readonly of?: string | undefined
  /** Chance that each stretch of line (`stretchesOf`) would be seen to hang by it; empty where no line can. */
  readonly hangs: Float64Array
}

/** A remedy with what it is worth. */
export interface RankedRemedy extends Omit<Remedy, 'cures'> {
  /** Chances that the next round comes out as wanted, and that the handle stops. */
  readonly chance: number
  readonly stops: number
  /** The chance less what the minutes and the risk cost. */
  readonly gain: number
}

/** What went wrong as far as can be told, what to try, and what to ask first where that is worth more. */
export interface Diagnosis {
  readonly causes: readonly RankedCause[]
  readonly remedies: readonly RankedRemedy[]
  readonly question: { readonly id: QuestionId; readonly gain: number } | undefined
}

/** What a minute costs of the chance of success, and a stopped handle. From memory: the same as of a try. */
const A_MINUTE = 0.012
const A_STOP = 25
/** No remedy may stop the handle more often than this. Diagnosis notes. */
const MOST_STOPS = 0.01
/** Asking costs as much as this chance; so many questions are asked at most. From memory, and diagnosis notes. */
const A_QUESTION = 0.01
export const MOST_QUESTIONS = 3
/** Two causes at once are looked at among so many of the likeliest. Diagnosis notes. */
const PAIRED = 5
/** Remedies are tried on the likeliest hypotheses up to this share of all, and so many at most. */
const TRIED_SHARE = 0.97
const MOST_TRIED = 28

/** A hypothesis and what speaks for it. */
interface Weighed extends Hypothesis {
  readonly log: number
  readonly hangs: Float64Array
}

const replayOf = (scene: Scene, gapMm: number): Replay => {
  const spec = matSpecs[scene.goalId satisfies GoalId]
  return spec ? new ReplayOfMat(spec, scene.cut, scene.rounds, gapMm) : new ReplayOfCut(scene.cut, scene.rounds, gapMm)
}

/** How unsure the height of a stack is from plate to plate and from time to time, mm; pieces that the gap was learnt on do not count. */
const besideMm = (stack: Stack, known: Readonly<Record<string, unknown>>): number => {
  const bySource = new Map<string, number>()
  for (const layer of stack) {
    if (layer.is === 'sheets' || (layer.is === 'plate' && layer.plate.id in known)) continue
    const source = errorSourceOf(layer)
    bySource.set(source, (bySource.get(source) ?? 0) + thicknessOf(layer).spreadMm)
  }
  return Math.hypot(REPEAT_SPREAD_MM, ...bySource.values())
}

/** What is the same to a hundredth is pressed once. */
class Remembering {
  private readonly known = new Map<string, Replayed>()
  constructor(private readonly replay: Replay) {}

  of(variations: readonly Variation[]): Replayed {
    if (variations.some(({ heights, lowerMm, comesOut }) => heights ?? lowerMm ?? comesOut))
      return this.replay.of(variations)
    const name = variations
      .flatMap(({ squeezeMm, strength, effort, moreSheets }) => [squeezeMm, strength, effort, moreSheets])
      .map((each) => each.toFixed(2))
      .join(' ')
    const known = this.known.get(name)
    if (known) return known
    const made = this.replay.of(variations)
    this.known.set(name, made)
    return made
  }
}

const weightsOf = (all: readonly Weighed[]): Float64Array => {
  const most = all.reduce((high, { log }) => Math.max(high, log), -Infinity)
  const weights = Float64Array.from(all, ({ log }) => Math.exp(log - most))
  const total = weights.reduce((sum, weight) => sum + weight, 0)
  return weights.map((weight) => weight / total)
}

const nameOf = (parts: readonly Part[]): string => parts.map(({ cause }) => cause.id).join(' + ')

/** Causes with the chances of all their ways added up, likeliest first. */
const ranked = (all: readonly Weighed[]): (RankedCause & { readonly best: readonly Part[] })[] => {
  const weights = weightsOf(all)
  const byName = new Map<string, { chance: number; most: number; best: Weighed }>()
  all.forEach((each, at) => {
    const weight = weights[at] as number
    const name = nameOf(each.parts)
    const known = byName.get(name)
    if (!known) byName.set(name, { chance: weight, most: weight, best: each })
    else {
      known.chance += weight
      if (weight > known.most) [known.most, known.best] = [weight, each]
    }
  })
  return [...byName.values()]
    .map(({ chance, best: { parts, hangs } }) => ({
      causes: parts.map(({ cause }) => cause.id),
      chance,
      squeezeMm: parts.reduce((sum, { degree }) => sum + degree.variation.squeezeMm, 0),
      mm: parts[0]?.degree.mm,
      of: parts.find(({ degree }) => degree.of !== undefined)?.degree.of,
      hangs,
      best: parts,
    }))
    .sort((a, b) => b.chance - a.chance)
}

/** What a remedy does to one hypothesis: its chances of success and of a stop. */
const triedOn = (replay: Replay, scene: Scene, remedy: Remedy, hypothesis: Hypothesis) => {
  const { step } = hypothesis
  const parts = partsLeft(hypothesis, scene.rounds.length)
  const was = variationsIn(scene, hypothesis)
  const { stack, centreShimMm, passes, freshSheets } = remedy
  const adds = { ...asMeant, ...(centreShimMm ? { heights: scene.centreShim(centreShimMm) } : {}) }
  const ends = (left: readonly Part[]) =>
    replay.then(was, { stack, variation: bothOf(variationOf(left, step), adds), passes, freshSheets })
  const cured = parts.map(({ cause }) => remedy.cures(cause))
  const most = Math.max(0, ...cured)
  if (most === 0) return ends(parts)
  const left = ends(parts.filter((_, at) => cured[at] === 0))
  const still = most < 1 ? ends(parts) : left
  return {
    good: most * left.good + (1 - most) * still.good,
    stops: most * left.stops + (1 - most) * still.stops,
  }
}

/** The best of a remedy's variants, by gain. */
const bestOfEach = (remedies: readonly RankedRemedy[]): RankedRemedy[] => {
  const best = new Map<string, RankedRemedy>()
  for (const each of remedies) {
    const known = best.get(each.id)
    if (!known || each.gain > known.gain) best.set(each.id, each)
  }
  return [...best.values()].sort((a, b) => b.gain - a.gain)
}

/** A cause less likely than this is nothing to be done about. */
const WORTH_CURING = 0.02

/** The causes, alone or with another, that are likely enough for something to be done about them. */
const likelyCauses = (hypotheses: readonly Weighed[], weights: Float64Array): ReadonlySet<CauseId> => {
  const chances = new Map<CauseId, number>()
  hypotheses.forEach(({ parts }, at) => {
    for (const { cause } of parts) chances.set(cause.id, (chances.get(cause.id) ?? 0) + (weights[at] as number))
  })
  return new Set([...chances].flatMap(([id, chance]) => (chance >= WORTH_CURING ? [id] : [])))
}

/** What a remedy does to every hypothesis that it was tried on. */
interface Tried {
  readonly remedy: Remedy
  readonly good: Float64Array
  readonly stops: Float64Array
}

const gainWith = ({ remedy, good, stops }: Tried, weights: Float64Array) => {
  let chance = 0
  let stopping = 0
  for (let at = 0; at < weights.length; at++) {
    chance += (weights[at] as number) * (good[at] as number)
    stopping += (weights[at] as number) * (stops[at] as number)
  }
  return {
    chance,
    stops: stopping,
    gain: chance - A_MINUTE * remedy.minutes - A_STOP * Math.max(0, stopping - MOST_STOPS / 2),
  }
}

const bestGain = (tried: readonly Tried[], weights: Float64Array): number => {
  let best = 0
  for (const each of tried) {
    const { gain, stops } = gainWith(each, weights)
    if (stops <= MOST_STOPS) best = Math.max(best, gain)
  }
  return best
}

/** The question whose answer is worth most, if any is worth asking. */
const bestQuestion = (
  tried: readonly Tried[],
  hypotheses: readonly Weighed[],
  weights: Float64Array,
  answers: Answers,
): Diagnosis['question'] => {
  if (Object.keys(answers).length >= MOST_QUESTIONS) return undefined
  const now = bestGain(tried, weights)
  let best: Diagnosis['question']
  for (const id of questionIds) {
    if (answers[id] !== undefined || !hypotheses.some(({ parts }) => parts.some(({ cause }) => id in cause.answers)))
      continue
    const yes = Float64Array.from(hypotheses, ({ parts }) => chanceOfYes(id, parts))
    const either = [yes, yes.map((chance) => 1 - chance)].reduce((sum, chances) => {
      const joint = weights.map((weight, at) => weight * (chances[at] as number))
      const chance = joint.reduce((all, each) => all + each, 0)
      return chance > 0
        ? sum +
            chance *
              bestGain(
                tried,
                joint.map((each) => each / chance),
              )
        : sum
    }, 0)
    const gain = either - now - A_QUESTION
    if (gain > (best?.gain ?? 0)) best = { id, gain }
  }
  return best
}

/** Everything that hypotheses are weighed by. */
interface Weighing {
  readonly scene: Scene
  readonly steps: readonly DoubtStep[]
  readonly remembering: Remembering
  readonly answers: Answers
  /** Of all causes that may be at work here. */
  readonly priors: number
}

/** Causes in one of their ways, with every step of doubt and every round in which they may have been cured. */
const weigh = ({ scene, steps, remembering, answers }: Weighing, parts: readonly Part[], prior: number): Weighed[] => {
  const answered = logChanceOfAnswers(answers, parts)
  return curesOf(parts, scene.rounds).flatMap(({ curedFrom, chance }) =>
    steps.map((step) => {
      const own = { parts, step, curedFrom, prior: prior * chance * step.weight }
      const { logChance, hangs } = remembering.of(variationsIn(scene, own))
      return { ...own, log: Math.log(own.prior) + logChance + answered, hangs }
    }),
  )
}

function* weighAll(weighing: Weighing, ways: readonly (readonly Part[])[]): Steps<Weighed[]> {
  const weighed: Weighed[] = []
  const all = ways.flat()
  for (const [at, part] of all.entries()) {
    weighed.push(
      ...weigh(weighing, [part], (priorOf(part.cause, weighing.scene) * part.degree.share) / weighing.priors),
    )
    yield (0.5 * at) / all.length
  }
  return weighed
}

function* weighPairs(weighing: Weighing, likeliest: readonly (readonly Part[])[]): Steps<Weighed[]> {
  const weighed: Weighed[] = []
  for (const [at, [one]] of likeliest.entries())
    for (const [other] of likeliest.slice(at + 1)) {
      if (!one || !other) continue
      const parts = [one, other]
      const prior = parts.reduce(
        (product, { cause, degree }) => (product * priorOf(cause, weighing.scene) * degree.share) / weighing.priors,
        1,
      )
      weighed.push(...weigh(weighing, parts, prior))
      yield 0.5 + (0.1 * at) / likeliest.length
    }
  return weighed
}

/**
 * Works out what went wrong in rounds that were told, by simulating every cause on the very job: how likely each is, what to try next and
 * what to ask first. What is believed of press and sheet is summed over. `answers` are those given so far, `next` is what would be
 * tried if nothing were wrong, `helped` what was of use in this workshop before. Undefined before any round.
 */
export function* diagnosisSteps(
  request: PlanRequest,
  rounds: readonly ToldRound[],
  answers: Answers,
  responses: Pick<Answering, 'gapOf'>,
  { next, helped }: { readonly next?: OtherStack | undefined; readonly helped?: HelpedBy | undefined } = {},
): Steps<Diagnosis | undefined> {
  const scene = sceneOf(request, rounds, helped)
  if (!scene) return undefined
  const gap = responses.gapOf(request.cut.press, request.learnt)
  const replay = replayOf(scene, gap.gapMm)
  const remembering = new Remembering(replay)
  const steps = doubtSteps(gap.doubt, besideMm(scene.stack, gap.pieces))
  const ways = waysIn(scene)
  const priors = ways.reduce((sum, [first]) => sum + (first ? priorOf(first.cause, scene) : 0), 0)
  const weighing: Weighing = { scene, steps, remembering, answers, priors }
  const singles = yield* weighAll(weighing, ways)
  const likeliest = ranked(singles)
    .slice(0, PAIRED)
    .map(({ best }) => best)
  const pairs = yield* weighPairs(weighing, likeliest)
  const all = [...singles, ...pairs]
  const weights = weightsOf(all)

  const order = [...weights.keys()].sort((a, b) => (weights[b] as number) - (weights[a] as number))
  const likely: number[] = []
  let held = 0
  for (const at of order) {
    if (held >= TRIED_SHARE || likely.length >= MOST_TRIED) break
    likely.push(at)
    held += weights[at] as number
  }
  const hypotheses = likely.map((at) => all[at] as Weighed)
  const theirs = Float64Array.from(likely, (at) => (weights[at] as number) / held)
  const tried: Tried[] = []
  const worthCuring = likelyCauses(hypotheses, theirs)
  const remedies = remediesIn(
    scene,
    ways.filter(([first]) => first && worthCuring.has(first.cause.id)),
    next,
  )
  for (const [at, remedy] of remedies.entries()) {
    const ends = hypotheses.map((hypothesis) => triedOn(replay, scene, remedy, hypothesis))
    tried.push({
      remedy,
      good: Float64Array.from(ends, ({ good }) => good),
      stops: Float64Array.from(ends, ({ stops }) => stops),
    })
    yield 0.6 + (0.4 * at) / remedies.length
  }
  const judged = tried.flatMap((each): RankedRemedy[] => {
    const { cures: _, ...told } = each.remedy
    const worth = gainWith(each, theirs)
    return worth.stops <= MOST_STOPS && worth.gain > 0 ? [{ ...told, ...worth }] : []
  })
  return {
    causes: ranked(all).map(({ best: _, ...told }) => told),
    remedies: bestOfEach(judged),
    question: bestQuestion(tried, hypotheses, theirs, answers),
  }
}
