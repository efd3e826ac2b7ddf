import { describe, expect, it } from 'vitest'
import { heightWithoutSheetsMm, lastTryOf, learntFromTrial, type TriedRound } from './trial.js'
import type { Plate } from '../layers/plate.js'
import { heightOf, type Stack } from '../layers/stack.js'
import { seededRandom } from '../numerics/random.js'
import { cleanCutComputed } from '../goals/clean-cut/computed.js'
import type { Seen } from '../goals/looks.js'
import type { HandleFeel } from '../outcomes/round.js'
import { BlindPress, drawTraits } from '../practice/blind-press.js'
import { defaultHouseRules, type TrialStart } from '../job/house-rules.js'
import { aCut, aDie, aPlate } from '../testing/makers.js'
import { asked } from '../testing/thorough.js'
import { type NextTry, nextTrySteps } from './next-try.js'
import type { PlanRequest } from './plan.js'
import { SimulatedResponses } from './simulated-responses.js'
import { finish } from '../numerics/steps.js'

const shelf: Plate[] = [
  aPlate({ id: 'platform', kind: 'platform', mm: 6.5, count: 1 }),
  aPlate({ id: 'pad', mm: 3, count: 2 }),
  aPlate({ id: 'steel', kind: 'hard-plate', mm: 1, count: 1 }),
  aPlate({ id: 'spacer', kind: 'spacer', mm: 2, count: 1 }),
  aPlate({ id: 'card', kind: 'shim', mm: 0.3, count: 5 }),
  aPlate({ id: 'paper', kind: 'shim', mm: 0.1, count: 6 }),
]
const model = new SimulatedResponses()
const cut = aCut({ dies: [aDie({ lengthMm: 50, widthMm: 40 })] })

const nextAfter = (
  rounds: readonly TriedRound[],
  trialStart: TrialStart = 'from-loose',
  of = cut,
): NextTry | undefined => {
  const learnt = learntFromTrial(cleanCutComputed, of, rounds)
  const request: PlanRequest = {
    technique: 'cut',
    region: 'all',
    cut: { ...of, rules: { ...of.rules, trialStart } },
    shelf,
    workedBefore: [],
    learnt,
  }
  return finish(nextTrySteps(request, lastTryOf(rounds), model))
}
const round = (stack: Stack, seen: Seen, feel: HandleFeel, passes = 2): TriedRound => ({
  stack,
  look: { passes, seen, feel, hangingShare: seen === 'hanging' ? 0.5 : null, hangingPlace: null },
  freshSheets: true,
})
const overOf = heightWithoutSheetsMm

describe('the next try', () => {
  const first = nextAfter([])!

  it('begins with what is likely to cut and hardly likely to stop the handle', () => {
    expect(first.chance).toBeGreaterThan(0.3)
    expect(first.stops).toBeLessThanOrEqual(defaultHouseRules.mostStopChance)
    expect(first.goesOn).toBe(false)
  })

  it('begins looser by the school that adds than by the one that takes away', () => {
    expect(first.squeezeMm).toBeLessThan(nextAfter([], 'from-usual')!.squeezeMm)
  })

  it('is looser where there is only one of the piece, on a press that is known too', () => {
    const onlyOne = { ...cut, onlyOne: true }
    const clean = [round(first.stack, 'clean', 'light'), round(first.stack, 'clean', 'light')]
    for (const rounds of [[], clean])
      expect(nextAfter(rounds, 'from-usual', onlyOne)!.squeezeMm).toBeLessThanOrEqual(
        nextAfter(rounds, 'from-usual')!.squeezeMm,
      )
    expect(nextAfter([], 'from-usual', onlyOne)!.squeezeMm).toBeLessThan(nextAfter([], 'from-usual')!.squeezeMm)
  })

  it('goes tighter after a sheet that was left untouched, looser after a cut into the pad', () => {
    const tighter = nextAfter([round(first.stack, 'untouched', 'free')])!
    expect(heightOf(tighter.stack).valueMm).toBeGreaterThan(heightOf(first.stack).valueMm)
    const looser = nextAfter([round(first.stack, 'cut-into-pad', 'light')])!
    expect(heightOf(looser.stack).valueMm).toBeLessThan(heightOf(first.stack).valueMm)
  })

  it('goes on with the same stack where a little hangs', () => {
    const look = { passes: 1, seen: 'hanging', hangingShare: 0.05, hangingPlace: 'middle', feel: 'light' } as const
    const next = nextAfter([{ stack: first.stack, look, freshSheets: true }])!
    expect(next.chance).toBeGreaterThan(0.5)
  })

  it('is better known to come clean after a clean cut', () => {
    const again = nextAfter([round(first.stack, 'clean', 'light')])!
    expect(again.chance).toBeGreaterThan(first.chance)
  })

  it.each(['from-loose', 'from-usual'] as const)(
    'is never more than 0.35 mm tighter than what was tried, never adds to a hard handle, and takes out after a stop: %s',
    (trialStart) => {
      const seens: Seen[] = ['untouched', 'dented', 'hanging', 'clean', 'cut-into-pad']
      const feels: HandleFeel[] = ['free', 'light', 'firm', 'hard', 'stopped']
      const random = seededRandom(trialStart.length)
      let tried = 0
      for (let trial = 0; trial < asked(12, 4); trial++) {
        const rounds: TriedRound[] = []
        for (let step = 0; step < 3; step++) {
          const next = nextAfter(rounds, trialStart)
          if (!next) break
          const last = rounds.at(-1)
          if (last) {
            tried++
            const tightest = Math.max(...rounds.map((each) => overOf(each.stack)))
            expect(overOf(next.stack)).toBeLessThanOrEqual(tightest + cleanCutComputed.tries.mostStepUpMm + 1e-9)
            const lastMm = overOf(last.stack)
            if (last.look.feel === 'hard') expect(overOf(next.stack)).toBeLessThanOrEqual(lastMm + 1e-9)
            if (last.look.feel === 'stopped') expect(overOf(next.stack)).toBeLessThan(lastMm - 0.1)
          }
          // Whatever is told, sensible or not.
          const seen = seens[Math.floor(random() * seens.length)]!
          const feel = feels[Math.floor(random() * feels.length)]!
          rounds.push(round(next.stack, seen, feel, next.passes))
        }
      }
      expect(tried).toBeGreaterThan(asked(16, 5))
    },
  )

  it('proposes nothing where every stack has something that says stop, such as a die wider than the throat', () => {
    const wide = aCut({ dies: [aDie({ lengthMm: 60, widthMm: 400 })] })
    expect(nextAfter([], 'from-usual', wide)).toBeUndefined()
  })

  it('names the layer that is most of the doubt', () => {
    const rough = shelf.map((plate) =>
      plate.id === 'platform' ? { ...plate, thickness: { valueMm: 6.5, spreadMm: 0.3 } } : plate,
    )
    const next = finish(
      nextTrySteps({ technique: 'cut', region: 'all', cut, shelf: rough, workedBefore: [] }, undefined, model),
    )!
    const worst = next.stack[next.worstLayer!.index]!
    expect(worst.is === 'plate' && worst.plate.id).toBe('platform')
  })

  it('finds a clean cut on most hidden presses within three rounds', () => {
    let clean = 0
    for (let seed = 0; seed < 10; seed++) {
      const random = seededRandom(seed)
      const press = new BlindPress(drawTraits(random, 'small-hand'), random)
      const rounds: TriedRound[] = []
      let freshSheets = true
      for (let step = 0; step < 3; step++) {
        const next = nextAfter(rounds)
        if (!next) break
        if (freshSheets) press.layFresh(cut)
        const { look, isGood, isOverload } = press.press(next.stack, next.passes)
        rounds.push({ stack: next.stack, look, freshSheets })
        if (isGood) clean++
        if (isGood) break
        freshSheets = isOverload || look.seen === 'cut-into-pad'
      }
    }
    expect(clean).toBeGreaterThanOrEqual(8)
  })
})
