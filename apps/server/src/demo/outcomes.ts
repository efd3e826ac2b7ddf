import {
  type Assessment,
  BlindPress,
  drawTraits,
  isGood,
  sheetsGoOn,
  type PlanRequest,
  type Press,
  type SimulatedResponses,
  type RandomSource,
  seededRandom,
} from '@bold-heron/core'
import type { RunInput } from '@bold-heron/schema'

type Round = RunInput['rounds'][number]

/** mm. How far the demo's presses are from what their known stacks say; a wrong memory by half a card. */
const OFF_MM = 0.07

/**
 * The demo's presses as they really are: simulated, with traits that nobody there knows. Their gap is near what the known stacks
 * say, so that a year of use looks like one.
 */
export const demoPress = (press: Press, responses: SimulatedResponses, random: RandomSource): BlindPress => {
  const gapMm = responses.gapOf(press).gapMm + (random() < 0.5 ? OFF_MM : -OFF_MM)
  const traits = { ...drawTraits(random, press.pressClass), gapMm }
  // What is felt has a source of its own, so that when the volunteers met does not hang on it.
  return new BlindPress(traits, seededRandom(Math.floor(random() * 0x100000000)))
}

/** Nobody there goes round more often than this for one cut. */
const MOST_ROUNDS = 4

/**
 * Presses a stack, looks, and goes once more through while it hangs; what the volunteers then saw and felt. Early in the summer they
 * looked after every pass, later they knew how many to do.
 */
export const pressRounds = (
  press: BlindPress,
  { technique, cut }: Pick<PlanRequest, 'technique' | 'cut'>,
  { stack, passes }: Assessment,
  lookEarly: boolean,
): Round[] => {
  press.layFresh(cut, technique)
  const rounds: Round[] = []
  while (rounds.length < MOST_ROUNDS) {
    const { look } = press.press(stack, rounds.length > 0 || lookEarly ? 1 : passes.passes)
    rounds.push(look)
    if (look.feel === 'stopped' || isGood(look.seen) || !sheetsGoOn(look)) break
  }
  return rounds
}
