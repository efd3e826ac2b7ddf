import type { Answering } from '../planner/responses.js'
import type { PlanRequest } from '../planner/plan.js'
import type { Steps } from '../planner/steps.js'
import { doubtSteps } from './doubt-steps.js'
import { type RankedRemedy, type Tried, triedOn, worthTrying } from './gains.js'
import { priorOf, waysIn } from './hypotheses.js'
import type { HelpedBy } from './helped.js'
import type { Answers } from './questions.js'
import { likelyCauses, type RankedCause, ranked } from './ranking.js'
import { Remembering } from './remembering.js'
import { type OtherStack, remediesIn } from './remedies.js'
import { besideMm, replayOf } from './replay-of.js'
import { sceneOf } from './scene.js'
import type { ToldRound } from './told-round.js'
import { weighAll, type Weighed, type Weighing, weighPairs, weightsOf } from './weighing.js'
import { bestQuestion, type WorthAsking } from './worth-asking.js'

/** What went wrong as far as can be told, what to try, and what to ask first where that is worth more. */
export interface Diagnosis {
  readonly causes: readonly RankedCause[]
  readonly remedies: readonly RankedRemedy[]
  readonly question: WorthAsking | undefined
}

/** Two causes at once are looked at among so many of the likeliest. Diagnosis notes. */
const PAIRED = 5
/** Remedies are tried on the likeliest hypotheses up to this share of all, and so many at most. */
const TRIED_SHARE = 0.97
const MOST_TRIED = 28

/** The places of the likeliest up to a share of all, and what they hold of it. */
const likeliestOf = (weights: Float64Array): { readonly likely: readonly number[]; readonly held: number } => {
  const order = [...weights.keys()].sort((a, b) => (weights[b] as number) - (weights[a] as number))
  const likely: number[] = []
  let held = 0
  for (const at of order) {
    if (held >= TRIED_SHARE || likely.length >= MOST_TRIED) break
    likely.push(at)
    held += weights[at] as number
  }
  return { likely, held }
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
  const steps = doubtSteps(gap.doubt, besideMm(scene.stack, gap.pieces))
  const ways = waysIn(scene)
  const priors = ways.reduce((sum, [first]) => sum + (first ? priorOf(first.cause, scene) : 0), 0)
  const weighing: Weighing = { scene, steps, remembering: new Remembering(replay), answers, priors }
  const singles = yield* weighAll(weighing, ways)
  const likeliest = ranked(singles, weightsOf(singles))
    .slice(0, PAIRED)
    .map(({ best }) => best)
  const pairs = yield* weighPairs(weighing, likeliest)
  const all = [...singles, ...pairs]
  const weights = weightsOf(all)

  const { likely, held } = likeliestOf(weights)
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
  return {
    causes: ranked(all, weights).map(({ best: _, ...told }) => told),
    remedies: worthTrying(tried, theirs),
    question: bestQuestion(tried, hypotheses, theirs, answers),
  }
}
