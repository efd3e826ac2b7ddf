import { describe, expect, it } from 'vitest'
import { sheetsGoOn } from '../goals/looks.js'
import { lastTryOf, type TriedRound } from '../planner/trial.js'
import { ledgerOf } from '../layers/ledger.js'
import { gapOfClass } from '../press/press-class.js'
import { finish } from '../numerics/steps.js'
import { SimulatedResponses } from '../planner/simulated-responses.js'
import { trialAdviceSteps } from '../planner/trial-advice.js'
import type { BlindOutcome } from './blind-press.js'
import { type Exercise, exerciseIds, exerciseOf, gradeOf, type PlayedRound, playRounds } from './exercises.js'

const MOST_ROUNDS = 8

/** Does as the Bench advises until it is good. */
const playByAdvice = (exercise: Exercise, seed: number): BlindOutcome[] => {
  const { request } = exercise
  const model = new SimulatedResponses()
  const played: PlayedRound[] = []
  const told: TriedRound[] = []
  for (;;) {
    const next = finish(trialAdviceSteps(request, told, model)).next
    if (!next) return playRounds(exercise, seed, played).outcomes
    const last = lastTryOf(told)
    const freshSheets = !last || !sheetsGoOn(last.look)
    played.push({ stack: next.stack, passes: next.passes, freshSheets })
    const { outcomes } = playRounds(exercise, seed, played)
    const outcome = outcomes.at(-1)!
    told.push({ stack: next.stack, look: outcome.look, freshSheets })
    if (outcome.isGood || played.length >= MOST_ROUNDS) return outcomes
  }
}

describe.each(exerciseIds)('the exercise %s', (id) => {
  const exercise = exerciseOf(id, (thing) => thing)

  it('can be solved as the Bench advises, on most hidden presses within par', () => {
    const attempts = [1, 2, 3].map((seed) => playByAdvice(exercise, seed))
    for (const outcomes of attempts) expect(outcomes.at(-1)!.isGood).toBe(true)
    expect(attempts.filter((each) => gradeOf(each, exercise.par) === 'mastered').length).toBeGreaterThanOrEqual(2)
  })

  it('begins from a stack that is not tight', () => {
    const { press } = exercise.request.cut
    const squeeze = ledgerOf(exercise.bare, gapOfClass(press.pressClass).valueMm).squeezeMm
    const { sheet, sheetCount } = exercise.request.cut
    expect(squeeze).toBeLessThan(sheetCount * sheet.caliper.valueMm + 0.35)
  })

  it('plays the same rounds the same, and hides another press behind another seed', () => {
    const rounds = [{ stack: exercise.bare, passes: 2, freshSheets: true }]
    const once = playRounds(exercise, 5, rounds).outcomes
    expect(playRounds(exercise, 5, rounds).outcomes).toEqual(once)
    const others = [6, 7, 8].map((seed) => playRounds(exercise, seed, rounds).press.traits.gapMm)
    expect(new Set(others).size).toBe(3)
  })
})

it('on the stubborn middle it is the middle that hangs', () => {
  const exercise = exerciseOf('stubborn-middle', (thing) => thing)
  const { request, bare } = exercise
  const card = request.shelf.find((plate) => plate.id === 'card')!
  const places = [1, 2, 3].flatMap((seed) =>
    [0, 1, 2, 3, 4].map((count) => {
      const shims = Array.from({ length: count }, () => ({ is: 'plate' as const, plate: card, role: 'shim' as const }))
      const stack = [bare[0]!, ...shims, ...bare.slice(1)]
      const { outcomes } = playRounds(exercise, seed, [{ stack, passes: 2, freshSheets: true }])
      return outcomes[0]!.look.hangingPlace
    }),
  )
  expect(places).toContain('middle')
})

describe('the grade', () => {
  const outcome = (more: Partial<BlindOutcome> & { seen?: BlindOutcome['look']['seen'] }): BlindOutcome => ({
    look: { passes: 1, seen: more.seen ?? 'clean', hangingShare: null, hangingPlace: null, feel: 'light' },
    isGood: true,
    isOverload: false,
    cutFraction: 1,
    overcutMm: 0,
    isHarm: false,
    isMatCut: false,
    ...more,
  })
  const hung = outcome({ seen: 'hanging', isGood: false })
  it.each([
    ['clean within par', [hung, outcome({})], 'mastered'],
    ['clean, but late', [hung, hung, hung, outcome({})], 'passed'],
    ['clean after a stop', [outcome({ isOverload: true, isGood: false }), outcome({})], 'passed'],
    ['clean after a cut into the pad', [outcome({ seen: 'cut-into-pad', isGood: false }), outcome({})], 'passed'],
    ['hanging still', [outcome({}), hung], 'open'],
    ['not begun', [], 'open'],
  ])('%s', (_, outcomes, grade) => {
    expect(gradeOf(outcomes, 3)).toBe(grade)
  })
})
