import { describe, expect, it } from 'vitest'
import { causeIds } from '../diagnosis/cause-ids.js'
import { diagnosisSteps } from '../diagnosis/diagnose.js'
import type { Answers } from '../diagnosis/questions.js'
import type { ReportedRound } from '../diagnosis/reported-round.js'
import { lookPointedOut } from '../diagnosis/pointed-out.js'
import { sheetsGoOn } from '../goals/looks.js'
import { SimulatedResponses } from '../planner/simulated-responses.js'
import { finish } from '../numerics/steps.js'
import { trialAdviceSteps } from '../planner/trial-advice.js'
import { asked } from '../testing/thorough.js'
import { type Exercise, exerciseOf, faultExerciseIds, gradeOf, type PlayedRound, playRounds } from './exercises.js'
import { faultOf, lookedUp } from './hidden-fault.js'

const MOST_ROUNDS = 8
const model = new SimulatedResponses()

/** Lays the first stack, looks, and does what the diagnosis says, answering what it asks by looking. */
const playByDiagnosis = (exercise: Exercise, seed: number) => {
  const { request, bare, faults = [] } = exercise
  const fault = faultOf(request, bare, faults, seed)
  const played: PlayedRound[] = [{ stack: bare, passes: 2, freshSheets: true }]
  const told: ReportedRound[] = []
  let answers: Answers = {}
  for (;;) {
    const { press, outcomes } = playRounds(exercise, seed, played)
    const outcome = outcomes.at(-1)!
    const round = played.at(-1)!
    if (outcome.isGood || played.length >= MOST_ROUNDS) return { outcomes, cause: fault.cause.id }
    const { dies, press: its } = request.cut
    const hangs = outcome.look.seen === 'hanging'
    const look = hangs ? lookPointedOut(outcome.look, dies, its.throatMm, press.pointOut(outcome.look)) : outcome.look
    told.push({ ...round, look })
    const { next } = finish(trialAdviceSteps(request, told, model))
    const diagnose = () => finish(diagnosisSteps(request, told, answers, model, { next }))!
    let found = diagnose()
    while (found.question) {
      answers = { ...answers, [found.question.id]: lookedUp(fault, found.question.id, seed) }
      found = diagnose()
    }
    const [remedy] = found.remedies
    if (!remedy) return { outcomes, cause: fault.cause.id }
    const { stack, passes, id, centreShimMm } = remedy
    played.push({ stack, passes, remedy: id, centreShimMm, freshSheets: remedy.freshSheets || !sheetsGoOn(look) })
  }
}

it('every cause that there is can be met in an exercise', () => {
  const met = new Set(faultExerciseIds.flatMap((id) => exerciseOf(id, (thing) => thing).faults ?? []))
  expect(causeIds.filter((id) => !met.has(id))).toEqual([])
})

/** Those that are played to their end: every third at every run. */
const played = new Set(faultExerciseIds.filter((_, at) => at % asked(1, 3) === 0))

describe.each(faultExerciseIds)('the exercise %s', (id) => {
  const exercise = exerciseOf(id, (thing) => thing)

  it('hides a fault that shows, the same behind the same seed', () => {
    const first = [{ stack: exercise.bare, passes: 2, freshSheets: true }]
    const { outcomes } = playRounds(exercise, 5, first)
    expect(outcomes[0]!.isGood).toBe(false)
    expect(playRounds(exercise, 5, first).outcomes).toEqual(outcomes)
    expect(exercise.faults).toContain(faultOf(exercise.request, exercise.bare, exercise.faults!, 5).cause.id)
  })

  it.runIf(played.has(id))('is solved as the diagnosis says, with no handle stopped on the way', () => {
    const attempts = Array.from({ length: asked(3, 1) }, (_, at) => playByDiagnosis(exercise, at + 1))
    for (const { outcomes, cause } of attempts) {
      expect(outcomes.at(-1)!.isGood, cause).toBe(true)
      expect(
        outcomes.slice(1).some((each) => each.isOverload),
        cause,
      ).toBe(false)
    }
    expect(attempts.some(({ outcomes }) => gradeOf(outcomes, exercise.par) !== 'open')).toBe(true)
  })
})
