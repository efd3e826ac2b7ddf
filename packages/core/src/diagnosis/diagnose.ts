import type { ResponseCache } from '../planner/simulated-responses.js'
import type { PlanRequest } from '../planner/plan.js'
import type { Steps } from '../numerics/steps.js'
import { doubtSteps } from './doubt-steps.js'
import { type RankedRemedy, type Tried, triedOn, worthTrying } from './gains.js'
import { type Part, priorOf, waysIn } from './hypotheses.js'
import type { HelpedBy } from './helped.js'
import type { Answers } from './questions.js'
import { likelyCauses, type RankedCause, ranked } from './ranking.js'
import { Remembering } from './remembering.js'
import { type OtherStack, remediesIn } from './remedies.js'
import { besideMm, replayOf } from './replay-of.js'
import type { Replay } from './replay.js'
import { sceneOf } from './scene.js'
import { type ReportedRound, stoppedIn } from './reported-round.js'
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

/** What has been found once every cause alone was pressed: enough to name causes by, and to go on from. */
export interface FirstRanking {
  /** The likeliest causes, each alone. */
  readonly causes: readonly RankedCause[]
  readonly weighing: Weighing
  readonly replay: Replay
  readonly ways: readonly (readonly Part[])[]
  readonly singles: readonly Weighed[]
  /** The likeliest way of each of the likeliest causes. */
  readonly likeliest: readonly (readonly Part[])[]
}

/**
 * Ranks the causes of what was seen in rounds that were told, by simulating each alone on the very job. What is believed of press and sheet is
 * summed over. `answers` are those given so far, `helped` what was of use in this workshop before. Undefined before any round.
 */
export function* firstRankingSteps(
  request: PlanRequest,
  rounds: readonly ReportedRound[],
  answers: Answers,
  responses: Pick<ResponseCache, 'gapOf'>,
  helped?: HelpedBy,
): Steps<FirstRanking | undefined> {
  const scene = sceneOf(request, rounds, helped)
  if (!scene) return undefined
  const gap = responses.gapOf(request.cut.press, request.learnt)
  const replay = replayOf(scene, gap.gapMm)
  const steps = doubtSteps(gap.doubt, besideMm(scene.stack, gap.pieces))
  const ways = waysIn(scene)
  const priors = ways.reduce((sum, [first]) => sum + (first ? priorOf(first.cause, scene) : 0), 0)
  const weighing: Weighing = { scene, steps, remembering: new Remembering(replay), answers, priors }
  const singles = yield* weighAll(weighing, ways)
  const found = ranked(singles, weightsOf(singles))
  const likeliest = found.slice(0, PAIRED).map(({ best }) => best)
  return { causes: found.map(told), weighing, replay, ways, singles, likeliest }
}

const told = ({ best: _, ...cause }: ReturnType<typeof ranked>[number]): RankedCause => cause

/** Goes on from a first ranking: two causes at once, what to try next and what to ask first. `next` is what would be tried if nothing were wrong. */
export function* diagnosisFrom(
  { weighing, replay, ways, singles, likeliest }: FirstRanking,
  next?: OtherStack,
): Steps<Diagnosis> {
  const { scene, answers } = weighing
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
    causes: ranked(all, weights).map(told),
    remedies: worthTrying(tried, theirs),
    question: bestQuestion(tried, hypotheses, theirs, answers, stoppedIn(scene.rounds)),
  }
}

/** Works out what went wrong in rounds that were told, from the first ranking to what to try: `firstRankingSteps` and `diagnosisFrom` in one. */
export function* diagnosisSteps(
  request: PlanRequest,
  rounds: readonly ReportedRound[],
  answers: Answers,
  responses: Pick<ResponseCache, 'gapOf'>,
  { next, helped }: { readonly next?: OtherStack | undefined; readonly helped?: HelpedBy | undefined } = {},
): Steps<Diagnosis | undefined> {
  const first = yield* firstRankingSteps(request, rounds, answers, responses, helped)
  return first && (yield* diagnosisFrom(first, next))
}
