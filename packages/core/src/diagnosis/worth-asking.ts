import { bestGain, type Tried } from './gains.js'
import { chanceOfYes, type Hypothesis } from './hypotheses.js'
import { type Answers, type QuestionId, questionIds } from './questions.js'
import { A_QUESTION, MOST_QUESTIONS } from './constants.js'

/** A question, and by how much its answer raises what the best remedy gains. */
export interface WorthAsking {
  readonly id: QuestionId
  readonly gain: number
}

/** How likely the likeliest cause is. */
const surest = (hypotheses: readonly Hypothesis[], weights: Float64Array): number => {
  const byCauses = new Map<string, number>()
  hypotheses.forEach(({ parts }, at) => {
    const name = parts.map(({ cause }) => cause.id).join(' ')
    byCauses.set(name, (byCauses.get(name) ?? 0) + (weights[at] as number))
  })
  return Math.max(0, ...byCauses.values())
}

/**
 * The question whose answer is worth most, if any is worth asking: by what may be tried then, or by how sure the cause is where
 * the handle stopped and nothing may be tried before that is known.
 */
export const bestQuestion = (
  tried: readonly Tried[],
  hypotheses: readonly Hypothesis[],
  weights: Float64Array,
  answers: Answers,
  stopped: boolean,
): WorthAsking | undefined => {
  if (Object.keys(answers).length >= MOST_QUESTIONS) return undefined
  const isStuck = stopped && bestGain(tried, weights) === 0
  const worth = (its: Float64Array): number => (isStuck ? surest(hypotheses, its) : bestGain(tried, its))
  const now = worth(weights)
  let best: WorthAsking | undefined
  for (const id of questionIds) {
    if (answers[id] !== undefined || !hypotheses.some(({ parts }) => parts.some(({ cause }) => id in cause.answers)))
      continue
    const yes = Float64Array.from(hypotheses, ({ parts }) => chanceOfYes(id, parts))
    const either = [yes, yes.map((chance) => 1 - chance)].reduce((sum, chances) => {
      const joint = weights.map((weight, at) => weight * (chances[at] as number))
      const chance = joint.reduce((all, each) => all + each, 0)
      return chance > 0 ? sum + chance * worth(joint.map((each) => each / chance)) : sum
    }, 0)
    const gain = either - now - A_QUESTION
    if (gain > (best?.gain ?? 0)) best = { id, gain }
  }
  return best
}
