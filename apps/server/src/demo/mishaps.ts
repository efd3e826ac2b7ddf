import {
  type Assessment,
  BlindPress,
  causes,
  type ListedCause,
  lookPointedOut,
  type PlanRequest,
  sceneOf,
  seededRandom,
  tellsHanging,
} from '@bold-heron/core'
import type { RunInput } from '@bold-heron/schema'
import type { DemoMishap } from './jobs.js'

/** Of its own, so that what came of all other runs does not hang on it. */
const SEED = 20_260_704

/** Presses a stack once with something wrong, and looks: what the volunteers saw, and pointed out where it hung. */
export const pressMishap = (
  { traits }: BlindPress,
  request: PlanRequest,
  { stack, passes: { passes } }: Assessment,
  mishap: DemoMishap,
): RunInput['rounds'] => {
  const { cut, technique } = request
  const told = { passes, seen: 'untouched', hangingShare: null, hangingPlace: null, feel: 'free' } as const
  const scene = sceneOf(request, [{ stack, freshSheets: true, look: told }])
  const cause: ListedCause | undefined = causes.find(({ id }) => id === mishap.cause)
  const degree = scene && cause?.degrees(scene)[mishap.way]
  if (!degree) throw new Error(`The demo's ${mishap.cause} cannot be at work there`)
  const press = new BlindPress(traits, seededRandom(SEED))
  press.goesWrong(degree.variation)
  press.layFresh(cut, technique)
  const { look } = press.press(stack, passes)
  return [tellsHanging(look.seen) ? lookPointedOut(look, cut.dies, cut.press.throatMm, press.pointOut(look)) : look]
}
