import type { ListedCause } from '../../packages/core/src/diagnosis/causes/list.js'
import { diagnosisSteps } from '../../packages/core/src/diagnosis/diagnose.js'
import { type OtherStack, remediesIn, type Remedy } from '../../packages/core/src/diagnosis/remedies.js'
import type { ReportedRound } from '../../packages/core/src/diagnosis/reported-round.js'
import { type Scene, sceneOf } from '../../packages/core/src/diagnosis/scene.js'
import { asMeant, bothOf, type Variation } from '../../packages/core/src/diagnosis/variation.js'
import { sheetsGoOn } from '../../packages/core/src/goals/looks.js'
import { seededRandom } from '../../packages/core/src/numerics/random.js'
import type { SimulatedResponses } from '../../packages/core/src/planner/simulated-responses.js'
import { finish } from '../../packages/core/src/numerics/steps.js'
import { trialAdviceSteps } from '../../packages/core/src/planner/trial-advice.js'
import { BlindPress } from '../../packages/core/src/practice/blind-press.js'
import { type Case, type Fault, lookedAt, variationOfFault } from './case.js'
import { MOST_ROUNDS } from './play.js'

/** A pressing as it was: what was otherwise, and what was laid. */
interface Pressed extends Pick<Remedy, 'stack' | 'passes'> {
  readonly fault: Variation
  readonly fresh: boolean
}

/** What comes of the last of a series of pressings on the press of a case. */
const pressedAgain = ({ request, traits }: Case, series: readonly Pressed[]) => {
  const press = new BlindPress(traits, seededRandom(1))
  // Whatever lay there before the last fresh sheets went away with those.
  const from = series.findLastIndex(({ fresh }) => fresh)
  const outcomes = series.slice(from).map(({ fault, fresh, stack, passes }) => {
    press.goesWrong(fault)
    if (fresh) press.layFresh(request.cut, request.technique)
    return press.press(stack, passes)
  })
  const { look, isGood, isOverload } = outcomes.at(-1) as (typeof outcomes)[number]
  return { look: lookedAt(press, look), isGood, isOverload }
}

/** Where nothing helps at one go: what the diagnosis would do, as a step towards it. */
const ofTheDiagnosis = (
  request: Case['request'],
  rounds: readonly ReportedRound[],
  responses: SimulatedResponses,
  next: OtherStack | undefined,
) => {
  const remedy = finish(diagnosisSteps(request, rounds, {}, responses, { next }))?.remedies[0]
  return remedy && { ...remedy, cures: (cause: ListedCause) => (cause.id === remedy.id ? cause.remedy.cures : 0) }
}

/**
 * In how many rounds it is cured by somebody who knows what the fault is, and what the press, the sheet and the plates truly are, and tries each time
 * what then helps most often; only whether a remedy does away with its cause is left to chance. Nobody who has to find out is quicker on average.
 */
export const roundsWhenKnown = (one: Case, responses: SimulatedResponses, seed: number): number => {
  const { request, stack, passes, fault, first } = one
  const luck = seededRandom(seed)
  const rounds: ReportedRound[] = [{ stack, look: first, freshSheets: true }]
  const series: Pressed[] = [{ fault: variationOfFault(fault), fresh: true, stack, passes }]
  let left: Fault = fault
  for (let tries = 1; tries <= MOST_ROUNDS; tries++) {
    const { next } = finish(trialAdviceSteps(request, rounds, responses))
    const scene = sceneOf(request, rounds) as Scene
    const last = rounds.at(-1) as ReportedRound
    const weighed = (remedy: Pick<Remedy, 'id' | 'stack' | 'passes' | 'freshSheets' | 'centreShimMm' | 'cures'>) => {
      const cured = left.filter(({ cause }) => remedy.cures(cause) > 0)
      const cures = Math.max(0, ...cured.map(({ cause }) => remedy.cures(cause)))
      const shims = remedy.centreShimMm ? { ...asMeant, heights: scene.centreShim(remedy.centreShimMm) } : asMeant
      const fresh = remedy.freshSheets || !sheetsGoOn(last.look)
      const after = (rest: Fault) => {
        const pressed = { ...remedy, fresh, fault: bothOf(variationOfFault(rest), shims) }
        return { pressed, rest, ends: pressedAgain(one, [...series, pressed]) }
      }
      const done = after(left.filter((part) => !cured.includes(part)))
      const not = cures < 1 && cures > 0 ? after(left) : done
      const good = (each: typeof done): number => (each.ends.isGood ? 1 : 0)
      const stops = done.ends.isOverload || not.ends.isOverload
      return { remedy, cures, done, not, chance: stops ? -1 : cures * good(done) + (1 - cures) * good(not) }
    }
    const [likeliest] = remediesIn(
      scene,
      fault.map((part) => [part]),
      next,
    )
      .map(weighed)
      .sort((a, b) => b.chance - a.chance)
    const step = likeliest && likeliest.chance > 0 ? undefined : ofTheDiagnosis(request, rounds, responses, next)
    const best = step ? weighed(step) : likeliest
    if (!best) return MOST_ROUNDS
    const came = luck() < best.cures ? best.done : best.not
    if (came.ends.isGood) return tries
    left = came.rest
    series.push(came.pressed)
    rounds.push({
      stack: best.remedy.stack,
      look: came.ends.look,
      freshSheets: came.pressed.fresh,
      remedy: best.remedy.id,
      centreShimMm: best.remedy.centreShimMm,
    })
  }
  return MOST_ROUNDS
}
