import { expect, it } from 'vitest'
import { SimulatedResponses } from '../planner/simulated-responses.js'
import { askedCut, diagnosed, toldOf } from '../testing/diagnosing.js'
import { doubtSteps } from './doubt-steps.js'
import { priorOf, variationOf, waysIn } from './hypotheses.js'
import { ReplayOfCut } from './replay-of-cut.js'
import { sceneOf } from './scene.js'

/** mm. How unsure heights are beside the gap, in these tests and in a diagnosis of their stack. */
const BESIDE_MM = 0.05

/** The chances of causes, each by itself, with the doubt of the press summed over in many more steps than a diagnosis takes. */
const byBruteForce = (...told: Parameters<typeof toldOf>) => {
  const [request] = told
  const rounds = [toldOf(...told)]
  const scene = sceneOf(request, rounds)!
  const gap = new SimulatedResponses().gapOf(request.cut.press)
  const replay = new ReplayOfCut(request.cut, rounds, gap.gapMm)
  const chances = new Map<string, number>()
  for (const parts of waysIn(scene))
    for (const part of parts)
      for (const { weight, shiftMm, spreadMm, strength } of gap.doubt.nodes) {
        if (weight < 1e-3) continue
        for (let z = -2; z <= 2; z++) {
          const step = { weight: 1, strength, shiftMm: shiftMm + z * Math.hypot(spreadMm, BESIDE_MM) }
          const { logChance } = replay.of([variationOf([part], step)])
          const prior = priorOf(part.cause, scene) * part.degree.share * weight * Math.exp(-0.5 * z * z)
          chances.set(part.cause.id, (chances.get(part.cause.id) ?? 0) + prior * Math.exp(logChance))
        }
      }
  const all = [...chances.values()].reduce((sum, each) => sum + each, 0)
  return new Map([...chances].map(([id, chance]) => [id, chance / all]))
}

it.each([
  { seen: 'dented', feel: 'light' },
  { seen: 'hanging', feel: 'light', hangingPlace: 'middle', hangingShare: 0.3 },
] as const)('chances are those of summing over all that is not known: $seen, $feel', (look) => {
  const request = askedCut()
  const exact = byBruteForce(request, look)
  const found = diagnosed(request, [toldOf(request, look)])
  const singles = found.causes.filter(({ causes }) => causes.length === 1)
  const all = singles.reduce((sum, { chance }) => sum + chance, 0)
  for (const { causes, chance } of singles) {
    const truth = exact.get(causes[0]!) ?? 0
    expect(Math.abs(chance / all - truth), causes[0]).toBeLessThan(0.05)
  }
})

it('few steps of doubt have the mean and the spread of all of it', () => {
  const { doubt } = new SimulatedResponses().gapOf(askedCut().cut.press)
  const steps = doubtSteps(doubt, BESIDE_MM)
  const mean = (of: (step: (typeof steps)[number]) => number) =>
    steps.reduce((sum, step) => sum + step.weight * of(step), 0)
  expect(mean(() => 1)).toBeCloseTo(1, 6)
  const shift = mean(({ shiftMm }) => shiftMm)
  expect(shift).toBeCloseTo(
    doubt.nodes.reduce((sum, { weight, shiftMm }) => sum + weight * shiftMm, 0),
    2,
  )
  const whole = doubt.nodes.reduce(
    (sum, { weight, shiftMm, spreadMm }) => sum + weight * ((shiftMm - shift) ** 2 + spreadMm ** 2 + BESIDE_MM ** 2),
    0,
  )
  expect(mean(({ shiftMm }) => (shiftMm - shift) ** 2) / whole).toBeGreaterThan(0.8)
})

it('says nothing before a round was told', () => {
  expect(sceneOf(askedCut(), [])).toBeUndefined()
})
