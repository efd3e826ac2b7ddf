import type { Answers, Diagnosis } from '../../packages/core/src/index.js'
import type { CauseId } from '../../packages/core/src/diagnosis/cause-ids.js'
import { diagnosisSteps } from '../../packages/core/src/diagnosis/diagnose.js'
import type { RankedRemedy } from '../../packages/core/src/diagnosis/gains.js'
import { chanceOfYes } from '../../packages/core/src/diagnosis/hypotheses.js'
import { type Scene, sceneOf } from '../../packages/core/src/diagnosis/scene.js'
import type { ReportedRound } from '../../packages/core/src/diagnosis/reported-round.js'
import { asMeant, bothOf, type Variation } from '../../packages/core/src/diagnosis/variation.js'
import { sheetsGoOn } from '../../packages/core/src/goals/looks.js'
import type { SimulatedResponses } from '../../packages/core/src/planner/simulated-responses.js'
import { finish } from '../../packages/core/src/numerics/steps.js'
import { trialAdviceSteps } from '../../packages/core/src/planner/trial-advice.js'
import { type Case, type Fault, lookedAt, variationOfFault } from './case.js'

/** Nobody tries longer. */
export const MOST_ROUNDS = 8

/** How likely each cause is, alone or with another, likeliest first. */
export const causesOf = (ranked: readonly { readonly causes: readonly CauseId[]; readonly chance: number }[]) => {
  const chances = new Map<CauseId, number>()
  for (const { causes, chance } of ranked) for (const id of causes) chances.set(id, (chances.get(id) ?? 0) + chance)
  return [...chances].map(([id, chance]) => ({ id, chance })).sort((a, b) => b.chance - a.chance)
}

/** Which place a true cause has among those found, from 1. */
export const placeOf = (found: readonly { readonly id: CauseId }[], fault: Fault): number => {
  const at = found.findIndex(({ id }) => fault.some(({ cause }) => cause.id === id))
  return at === -1 ? Infinity : at + 1
}

export interface Outcome {
  /** What was thought likeliest, once all was asked. */
  readonly top: string
  readonly before: number
  readonly after: number
  readonly told: { readonly chance: number; readonly isTrue: boolean }
  readonly rounds: number
  readonly stopped: boolean
  readonly asked: number
}

/** What is said to be looked at first where no change is worth trying: what the likeliest cause asks for, with the stack as it was. */
const lookedAtFirst = (
  { causes }: Diagnosis,
  { stack, look }: ReportedRound,
): Pick<RankedRemedy, 'id' | 'stack' | 'passes' | 'freshSheets' | 'centreShimMm'> | undefined => {
  const id = causes[0]?.causes[0]
  return id && { id, stack, passes: look.passes, freshSheets: true }
}

/** Asks, tries and looks again until it is as wanted. */
export const play = ({ request, stack, fault, first, blind, random }: Case, responses: SimulatedResponses): Outcome => {
  const rounds: ReportedRound[] = [{ stack, look: first, freshSheets: true }]
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
      answers = { ...answers, [id]: random() < chanceOfYes(id, fault) }
      diagnosis = diagnose()
    }
    return diagnosis
  }
  let diagnosis = diagnose()
  const before = placeOf(causesOf(diagnosis.causes), fault)
  diagnosis = asking()
  const found = causesOf(diagnosis.causes)
  const after = placeOf(found, fault)
  const [top] = found
  const name = top?.id ?? 'nothing'
  const told = { chance: top?.chance ?? 0, isTrue: after === 1 }
  const scene = sceneOf(request, rounds) as Scene
  let left = fault
  let shims: Variation = asMeant
  let stopped = false
  let tries = 0
  while (tries < MOST_ROUNDS) {
    const last = rounds.at(-1) as ReportedRound
    const remedy = diagnosis.remedies[0] ?? lookedAtFirst(diagnosis, last)
    if (!remedy) break
    tries++
    left = left.filter(({ cause }) => !(remedy.id === cause.id && random() < cause.remedy.cures))
    if (remedy.centreShimMm) shims = { ...asMeant, heights: scene.centreShim(remedy.centreShimMm) }
    blind.goesWrong(bothOf(variationOfFault(left), shims))
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
