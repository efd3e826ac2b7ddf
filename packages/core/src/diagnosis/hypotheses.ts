import type { DoubtStep } from './doubt-steps.js'
import type { Answers } from './questions.js'
import { questions, type QuestionId } from './questions.js'
import { causes, type ListedCause } from './causes/list.js'
import type { Degree } from './cause.js'
import type { Scene } from './scene.js'
import { timesUsual } from './helped.js'
import { asMeant, bothOf, type Variation } from './variation.js'
import { THOUGH_IT_WORKED } from './constants.js'

/** One cause in one of its ways. */
export interface Part {
  readonly cause: ListedCause
  readonly degree: Degree
}

/** What may be the matter: one cause, or two at once, with what is believed of press and sheet beside. */
export interface Hypothesis {
  readonly parts: readonly Part[]
  readonly step: DoubtStep
  /** For each cause the round from which on it was done away with; Infinity where it is still at work. */
  readonly curedFrom: readonly number[]
}

/** The causes that may be at work in a scene, each in all its ways. */
export const waysIn = (scene: Scene): Part[][] =>
  causes.flatMap((cause) => {
    if (cause.goals && !cause.goals.includes(scene.goalId)) return []
    const degrees = cause.degrees(scene)
    return degrees.length > 0 ? [degrees.map((degree) => ({ cause, degree }))] : []
  })

/** Of all listed causes together. */
const ALL_PRIORS = causes.reduce((sum, { prior }) => sum + prior, 0)

/** How often a cause is the one, over that of the others, before the rounds were seen. */
export const priorOf = (
  { id, prior, lasts }: ListedCause,
  { workedBefore, helped }: Pick<Scene, 'workedBefore' | 'helped'>,
): number => prior * timesUsual(id, prior / ALL_PRIORS, helped) * (workedBefore && lasts ? THOUGH_IT_WORKED : 1)

/** What all is otherwise where these causes are at work, and press and sheet are so. */
export const variationOf = (parts: readonly Part[], step: DoubtStep): Variation =>
  parts
    .map(({ degree }) => degree.variation)
    .reduce(bothOf, { ...asMeant, squeezeMm: step.shiftMm, strength: step.strength })

/** When something was done away with, with the chance that it was just then. */
interface Cured {
  readonly curedFrom: readonly number[]
  readonly chance: number
}

/** When a cause may have been done away with by what was tried in the rounds; and that it never was. */
const curesOfOne = ({ cause: { id, remedy } }: Part, rounds: Scene['rounds']): Cured[] => {
  const found: Cured[] = []
  let left = 1
  rounds.forEach((round, at) => {
    if (round.remedy !== id || remedy.cures === 0) return
    found.push({ curedFrom: [at], chance: left * remedy.cures })
    left *= 1 - remedy.cures
  })
  return [...found, { curedFrom: [Infinity], chance: left }]
}

/** The same for several causes at once, each by itself. */
export const curesOf = (parts: readonly Part[], rounds: Scene['rounds']): Cured[] =>
  parts.reduce<Cured[]>(
    (all, part) =>
      all.flatMap((before) =>
        curesOfOne(part, rounds).map((own) => ({
          curedFrom: [...before.curedFrom, ...own.curedFrom],
          chance: before.chance * own.chance,
        })),
      ),
    [{ curedFrom: [], chance: 1 }],
  )

/** The causes that are still at work in a round, by its place. */
export const partsLeft = ({ parts, curedFrom }: Pick<Hypothesis, 'parts' | 'curedFrom'>, round: number): Part[] =>
  parts.filter((_, at) => round < (curedFrom[at] ?? Infinity))

/** What is otherwise in each of the rounds, by a hypothesis. */
export const variationsIn = (
  { rounds, centreShim }: Pick<Scene, 'rounds' | 'centreShim'>,
  hypothesis: Pick<Hypothesis, 'parts' | 'step' | 'curedFrom'>,
): Variation[] =>
  rounds.map(({ centreShimMm }, round) => {
    const variation = variationOf(partsLeft(hypothesis, round), hypothesis.step)
    return centreShimMm ? bothOf(variation, { ...asMeant, heights: centreShim(centreShimMm) }) : variation
  })

/** How often a question is answered with yes where these causes are at work. */
export const chanceOfYes = (question: QuestionId, parts: readonly Pick<Part, 'cause'>[]): number => {
  const spoken = parts.map(({ cause }) => cause.answers[question])
  const own = spoken.filter((each) => each !== undefined)
  if (own.length === 0) return questions[question]
  return 1 - own.reduce((no, yes) => no * (1 - yes), 1)
}

/** Logarithm of how likely the answers are where these causes are at work. */
export const logChanceOfAnswers = (answers: Answers, parts: readonly Part[]): number =>
  (Object.entries(answers) as [QuestionId, boolean | null][]).reduce((log, [question, isSo]) => {
    if (isSo === null) return log
    const yes = chanceOfYes(question, parts)
    return log + Math.log(isSo ? yes : 1 - yes)
  }, 0)
