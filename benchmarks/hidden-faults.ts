import type { Answers, Diagnosis, Round, Stack } from '../packages/core/src/index.js'
import type { CauseId } from '../packages/core/src/diagnosis/cause-ids.js'
import { causes, type ListedCause } from '../packages/core/src/diagnosis/causes/list.js'
import { diagnosisSteps } from '../packages/core/src/diagnosis/diagnose.js'
import { chanceOfYes, priorOf } from '../packages/core/src/diagnosis/hypotheses.js'
import type { RankedRemedy } from '../packages/core/src/diagnosis/gains.js'
import { type Scene, sceneOf } from '../packages/core/src/diagnosis/scene.js'
import { asMeant, bothOf, type Variation } from '../packages/core/src/diagnosis/variation.js'
import { sheetsGoOn } from '../packages/core/src/goals/looks.js'
import { type RandomSource, randomNormal, seededRandom } from '../packages/core/src/numerics/random.js'
import { trialAdviceSteps } from '../packages/core/src/planner/trial-advice.js'
import { planSteps } from '../packages/core/src/planner/model-plan.js'
import type { PlanRequest } from '../packages/core/src/planner/plan.js'
import { Responses } from '../packages/core/src/planner/responses.js'
import { finish } from '../packages/core/src/planner/steps.js'
import type { ToldRound } from '../packages/core/src/diagnosis/told-round.js'
import { BlindPress, drawTraits, type HiddenTraits } from '../packages/core/src/practice/blind-press.js'
import { gapOfClass } from '../packages/core/src/press/press-class.js'
import { mean } from './blind/tally.js'
import { aBlindCut, aBlindForming, aBlindPress, matShelfFor, shelfFor } from './blind/workshop.js'

const FAULTS = 300
/** Nobody tries longer. */
const MOST_ROUNDS = 8
/** mm. How well the gap of these presses is known: it was measured. */
const KNOWN_MM = 0.1

/** A cause at work that nobody knows of, and what it does to every pressing. */
interface Fault {
  readonly cause: ListedCause
  readonly variation: Variation
}

/** One case: a planned stack on a press where something is wrong. */
interface Case {
  readonly request: PlanRequest
  readonly stack: Stack
  readonly passes: number
  readonly traits: HiddenTraits
  readonly fault: Fault
  readonly first: Round
  readonly blind: BlindPress
  readonly random: RandomSource
}

/** A place anywhere along the line, of any size. */
const anywhere = (scene: Scene, random: RandomSource): Scene => {
  const points = scene.lines.flatMap((line) => [...line])
  const at = 2 * Math.floor((random() * points.length) / 2)
  const [xMm, yMm] = [points[at], points[at + 1]]
  return xMm === undefined || yMm === undefined
    ? scene
    : { ...scene, spots: [{ xMm, yMm, radiusMm: 7 + 9 * random(), share: 1 }] }
}

/** Draws a cause as often as it is believed to be one, and one of its ways. */
const drawFault = (scene: Scene, random: RandomSource): Fault | undefined => {
  const here = anywhere(scene, random)
  const possible = causes.flatMap((cause) => {
    if (cause.goals && !cause.goals.includes(scene.goalId)) return []
    const degrees = cause.degrees(here)
    return degrees.length > 0 ? [{ cause, degrees, weight: priorOf(cause, here) }] : []
  })
  let drawn = random() * possible.reduce((sum, { weight }) => sum + weight, 0)
  const chosen = possible.find(({ weight }) => (drawn -= weight) <= 0)
  if (!chosen) return undefined
  let part = random() * chosen.degrees.reduce((sum, { share }) => sum + share, 0)
  const degree = chosen.degrees.find(({ share }) => (part -= share) <= 0)
  return degree && { cause: chosen.cause, variation: degree.variation }
}

const aJob = (forming: boolean, random: RandomSource) => {
  const press = aBlindPress(random)
  const gap = gapOfClass(press.pressClass).valueMm + 0.35 * randomNormal(random)
  const known = { ...press, gap: { mm: gap, from: 'measured' as const } }
  const { technique, cut } = forming
    ? aBlindForming(known, random)
    : { technique: 'cut' as const, cut: aBlindCut(known, random) }
  const shelf = forming ? matShelfFor(known, random) : shelfFor(gap, known.throatMm, random)
  const request: PlanRequest = { technique, region: 'all', cut, shelf, workedBefore: [] }
  const traits = { ...drawTraits(random, press.pressClass), gapMm: gap + KNOWN_MM * randomNormal(random), frame: 1 }
  return { request, traits }
}

/** A case in which the fault shows; undefined where none did in a few dozen tries. */
const aCase = (seed: number, forming: boolean, responses: Responses): Case | undefined => {
  const random = seededRandom(seed)
  for (let tries = 0; tries < 40; tries++) {
    const { request, traits } = aJob(forming, random)
    const best = finish(planSteps(request, responses)).best
    if (!best?.prediction) continue
    const { stack } = best
    const passes = best.passes.passes
    const scene = sceneOf(request, [
      {
        stack,
        freshSheets: true,
        look: { passes, seen: 'untouched', hangingShare: null, hangingPlace: null, feel: 'free' },
      },
    ])
    const fault = scene && drawFault(scene, random)
    if (!fault) continue
    const blind = new BlindPress(traits, random)
    blind.goesWrong(fault.variation)
    blind.layFresh(request.cut, request.technique)
    const { look, isGood } = blind.press(stack, passes)
    if (isGood || look.seen === 'clean') continue
    return { request, stack, passes, traits, fault, first: lookedAt(blind, look), blind, random }
  }
  return undefined
}

/** A look with what hangs pointed out. */
const lookedAt = (blind: BlindPress, look: Round): Round =>
  look.seen === 'hanging' ? { ...look, hangingAt: blind.pointOut(look) } : look

/** Which place the true cause has among those found, from 1; two at once count as both. */
const placeOf = (diagnosis: Diagnosis, truth: CauseId): number => {
  const at = diagnosis.causes.findIndex((each) => each.causes.includes(truth))
  return at === -1 ? Infinity : at + 1
}

interface Outcome {
  /** What was thought likeliest, once all was asked. */
  readonly top: string
  readonly before: number
  readonly after: number
  readonly told: { readonly chance: number; readonly isTrue: boolean }
  readonly rounds: number
  readonly stopped: boolean
  readonly asked: number
}

const play = ({ request, stack, fault, first, blind, random }: Case, responses: Responses): Outcome => {
  const rounds: ToldRound[] = [{ stack, look: first, freshSheets: true }]
  let answers: Answers = {}
  const diagnose = () => {
    const { next } = finish(trialAdviceSteps(request, rounds, responses))
    return finish(diagnosisSteps(request, rounds, answers, responses, { next })) as Diagnosis
  }
  /** Answers what is asked, as often truly as such questions are. */
  const asking = () => {
    let diagnosis = diagnose()
    while (diagnosis.question) {
      const { id } = diagnosis.question
      answers = { ...answers, [id]: random() < chanceOfYes(id, [fault]) }
      diagnosis = diagnose()
    }
    return diagnosis
  }
  let diagnosis = diagnose()
  const before = placeOf(diagnosis, fault.cause.id)
  diagnosis = asking()
  const after = placeOf(diagnosis, fault.cause.id)
  const [top] = diagnosis.causes
  const name = top?.causes.join(' + ') ?? 'nothing'
  const told = { chance: top?.chance ?? 0, isTrue: top?.causes.includes(fault.cause.id) ?? false }
  const scene = sceneOf(request, rounds) as Scene
  let at: Variation = fault.variation
  let shims: Variation = asMeant
  let stopped = false
  let tries = 0
  while (tries < MOST_ROUNDS) {
    const remedy: RankedRemedy | undefined = diagnosis.remedies[0]
    if (!remedy) break
    tries++
    const last = rounds.at(-1) as ToldRound
    if (remedy.id === fault.cause.id && random() < fault.cause.remedy.cures) at = asMeant
    if (remedy.centreShimMm) shims = { ...asMeant, heights: scene.centreShim(remedy.centreShimMm) }
    blind.goesWrong(bothOf(at, shims))
    const fresh = remedy.freshSheets || !sheetsGoOn(last.look)
    if (fresh) blind.layFresh(request.cut, request.technique)
    const outcome = blind.press(remedy.stack, remedy.passes)
    if (outcome.isOverload) stopped = true
    if (outcome.isGood)
      return { top: name, before, after, told, rounds: tries, stopped, asked: Object.keys(answers).length }
    rounds.push({
      stack: remedy.stack,
      look: lookedAt(blind, outcome.look),
      freshSheets: fresh,
      remedy: remedy.id,
      centreShimMm: remedy.centreShimMm,
    })
    diagnosis = asking()
  }
  return { top: name, before, after, told, rounds: MOST_ROUNDS, stopped, asked: Object.keys(answers).length }
}

const share = (all: readonly Outcome[], is: (each: Outcome) => boolean): string =>
  `${((100 * all.filter(is).length) / all.length).toFixed(1).padStart(5)} %`

const row = (name: string, all: readonly Outcome[]): void =>
  console.log(
    `  ${name.padEnd(26)} ${share(all, ({ before }) => before === 1)} ${share(all, ({ before }) => before <= 3)}   ` +
      `${share(all, ({ after }) => after === 1)} ${share(all, ({ after }) => after <= 3)}   ` +
      `${mean(all.map(({ rounds }) => rounds)).toFixed(2)}  ${share(all, ({ stopped }) => stopped)}  ${mean(all.map(({ asked }) => asked)).toFixed(1)}`,
  )

/** Hidden faults: how often the true cause is found, before any question and after those asked, and how soon it is cured. */
export const benchHiddenFaults = (seed: number, faults = FAULTS): Promise<void> => {
  const responses = new Responses()
  for (const forming of [false, true]) {
    const all: Outcome[] = []
    const byCause = new Map<string, Outcome[]>()
    for (let at = 0; at < faults; at++) {
      const one = aCase(seed * 1_000_003 + at, forming, responses)
      if (!one) continue
      const outcome = play(one, responses)
      all.push(outcome)
      byCause.set(one.fault.cause.id, [...(byCause.get(one.fault.cause.id) ?? []), outcome])
    }
    console.log(`hidden faults of ${forming ? 'mats' : 'cuts'}, ${all.length}, seed ${seed}`)
    console.log(`  ${''.padEnd(26)}   first  of three   asked: first  of three   rounds  stops  questions`)
    row('all', all)
    for (const [name, its] of [...byCause].sort()) {
      row(`${name} (${its.length})`, its)
      const wrong = its.filter(({ after }) => after > 1).map(({ top }) => top)
      if (wrong.length > 0) console.log(`    taken for ${[...new Set(wrong)].join(', ')}`)
    }
    for (const low of [0.2, 0.4, 0.6, 0.8]) {
      const said = all.filter(({ told }) => told.chance >= low && told.chance < low + 0.2)
      if (said.length > 0)
        console.log(
          `  told ${(100 * mean(said.map(({ told }) => told.chance))).toFixed(0)} %: so in ${(100 * mean(said.map(({ told }) => (told.isTrue ? 1 : 0)))).toFixed(0)} of 100 (${said.length})`,
        )
    }
  }
  return Promise.resolve()
}
