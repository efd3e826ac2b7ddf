import type { Steps } from '../numerics/steps.js'
import type { DoubtStep } from './doubt-steps.js'
import { curesOf, type Hypothesis, logChanceOfAnswers, type Part, priorOf, variationsIn } from './hypotheses.js'
import type { Answers } from './questions.js'
import type { Remembering } from './remembering.js'
import type { Scene } from './scene.js'
import { TWO_AT_ONCE } from './constants.js'

/** A hypothesis and what speaks for it. */
export interface Weighed extends Hypothesis {
  readonly log: number
  readonly hangs: Float64Array
}

/** Everything that hypotheses are weighed by. */
export interface Weighing {
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
      const own = { parts, step, curedFrom }
      const { logChance, hangs } = remembering.of(variationsIn(scene, own))
      return { ...own, log: Math.log(prior * chance * step.weight) + logChance + answered, hangs }
    }),
  )
}

/** Every way of every cause, alone. */
export function* weighAll(weighing: Weighing, ways: readonly (readonly Part[])[]): Steps<Weighed[]> {
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

/** Two causes at once, each in the way that is likeliest of it alone. */
export function* weighPairs(weighing: Weighing, likeliest: readonly (readonly Part[])[]): Steps<Weighed[]> {
  const weighed: Weighed[] = []
  for (const [at, [one]] of likeliest.entries())
    for (const [other] of likeliest.slice(at + 1)) {
      if (!one || !other) continue
      const parts = [one, other]
      const prior = parts.reduce(
        (product, { cause, degree }) => (product * priorOf(cause, weighing.scene) * degree.share) / weighing.priors,
        TWO_AT_ONCE,
      )
      weighed.push(...weigh(weighing, parts, prior))
      yield 0.5 + (0.1 * at) / likeliest.length
    }
  return weighed
}

/** How likely each is, all together 1. */
export const weightsOf = (all: readonly Weighed[]): Float64Array => {
  const most = all.reduce((high, { log }) => Math.max(high, log), -Infinity)
  const weights = Float64Array.from(all, ({ log }) => Math.exp(log - most))
  const total = weights.reduce((sum, weight) => sum + weight, 0)
  return weights.map((weight) => weight / total)
}
