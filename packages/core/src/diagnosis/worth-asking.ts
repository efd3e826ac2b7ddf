import { bestGain, type Tried } from './gains.js'
import { chanceOfYes, type Hypothesis } from './hypotheses.js'
import { type Answers, type QuestionId, questionIds } from './questions.js'

/** A question, and by how much its answer raises what the best remedy gains. */
export interface WorthAsking {
  readonly id: QuestionId
  readonly gain: number
}

/** Asking costs as much as this chance; so many questions are asked at most. From memory, and diagnosis notes. */
const A_QUESTION = 0.01
export const MOST_QUESTIONS = 3

/** The question whose answer is worth most, if any is worth asking. */
export const bestQuestion = (
  tried: readonly Tried[],
  hypotheses: readonly Hypothesis[],
  weights: Float64Array,
  answers: Answers,
): WorthAsking | undefined => {
  if (Object.keys(answers).length >= MOST_QUESTIONS) return undefined
  const now = bestGain(tried, weights)
  let best: WorthAsking | undefined
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
