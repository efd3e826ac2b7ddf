import type { KnownGoodStack, Plate, Press, PressClass } from '../packages/core/src/index.js'
import { gapsOf, intervalOf, measured, pressClasses } from '../packages/core/src/index.js'
import { cleanCutComputed } from '../packages/core/src/goals/clean-cut/computed.js'
import { ordinaryCut } from '../packages/core/src/goals/clean-cut/ordinary-cut.js'
import { defaultHouseRules } from '../packages/core/src/job/house-rules.js'
import { smeared } from '../packages/core/src/learning/blur.js'
import type { Learnt } from '../packages/core/src/learning/learnt.js'
import type { WantedSqueeze } from '../packages/core/src/learning/told.js'
import { heightSpreadMm } from '../packages/core/src/learning/pieces.js'
import { evidenceForPair, type RunEvidence } from '../packages/core/src/learning/run-evidence.js'
import { type RandomSource, randomItem, randomNormal, seededRandom } from '../packages/core/src/numerics/random.js'
import { squeezesOfKnown } from '../packages/core/src/planner/known-stack.js'
import { SimulatedResponses } from '../packages/core/src/planner/simulated-responses.js'
import { evidenceOfTrial } from '../packages/core/src/planner/trial.js'
import { BlindPress, drawTraits, type HiddenTraits } from '../packages/core/src/practice/blind-press.js'
import { gapOfClass } from '../packages/core/src/press/press-class.js'
import { gapSources, spreadOfTyped } from '../packages/core/src/press/typed-gap.js'
import { aPlate } from '../packages/core/src/testing/makers.js'
import { feelOut } from './blind/feel-out.js'
import { mean, roundsOf, shareOfRounds, unsolvedOf } from './blind/tally.js'
import { MOST_ROUNDS, runTrial, type TrialResult } from './blind/trial.js'
import { ourWay } from './blind/ways.js'
import { aBlindCut, aBlindPress, shelfFor } from './blind/workshop.js'

const PRESSES = 400
const LEAST_GAP_MM = 9
const MOST_GAP_MM = 28
const CARD_MM = 0.3
const responses = new SimulatedResponses()

/** A press, what lies beside it, and what of both nobody knows. */
interface Scene {
  readonly press: Press
  readonly shelf: readonly Plate[]
  readonly traits: HiddenTraits
  readonly random: RandomSource
}

/** The squeeze below which a share of what a known stack may have had lies, mm. */
const squeezeIn = (bands: WantedSqueeze, share: number): number => {
  const all = bands.reduce((sum, { fromMm, toMm, weight }) => sum + weight * (toMm - fromMm), 0)
  let left = share * all
  for (const { fromMm, toMm, weight } of bands) {
    const its = weight * (toMm - fromMm)
    if (left <= its) return fromMm + left / weight
    left -= its
  }
  return bands.at(-1)?.toMm ?? 0
}

/** A stack that truly cuts an outline over one card: its squeeze lies anywhere between what barely does and what is too much. */
const knownStack = ({ press, shelf, traits, random }: Scene, at: number): KnownGoodStack => {
  const dieHeight = measured(1, 'caliper')
  const sheetCaliper = measured(CARD_MM, 'caliper')
  const plain = { id: `known ${at}`, dieClass: 'thin-outline', dieHeight, sheetCaliper, sheetCount: 1 } as const
  const fixed = ['platform', 'pad', 'pad'].map((id) => shelf.find((plate) => plate.id === id) as Plate)
  const bands = squeezesOfKnown(press, { ...plain, plates: fixed }, (goal, cut, bed) => responses.of(goal, cut, bed))
  const squeezeMm = squeezeIn(bands, random())
  const trueMm = fixed.reduce(
    (sum, { id, thickness }) => sum + thickness.valueMm + thickness.spreadMm * traits.errorOf(id),
    0,
  )
  // What is left is made up with a pack of shims whose thickness was read with a caliper.
  const packMm = traits.gapMm + squeezeMm - trueMm - 1 - CARD_MM
  const pack = aPlate({ id: `pack ${at}`, kind: 'spacer', count: 1, mm: packMm })
  const readMm = packMm - pack.thickness.spreadMm * traits.errorOf(pack.id)
  return { ...plain, plates: [...fixed, { ...pack, thickness: measured(readMm, 'caliper') }] }
}

/** Ways in which a press's gap comes to be told. */
const tellings: Readonly<Record<string, (scene: Scene) => Press>> = {
  'one known stack': (scene) => ({ ...scene.press, knownGood: [knownStack(scene, 1)] }),
  'three known stacks': (scene) => ({ ...scene.press, knownGood: [1, 2, 3].map((at) => knownStack(scene, at)) }),
  'felt out': ({ press, shelf, traits, random }) => feelOut(press, shelf, new BlindPress(traits, random)).press,
  'typed in': ({ press, traits, random }) => {
    const from = randomItem(random, gapSources)
    const mm = traits.gapMm + spreadOfTyped({ mm: traits.gapMm, from }) * randomNormal(random)
    return { ...press, gap: { mm, from } }
  },
}

/** Runs with a sheet on other presses, each like its class. */
const runsElsewhere = (
  sheet: Parameters<typeof evidenceOfTrial>[1]['sheet'],
  traits: HiddenTraits,
  random: RandomSource,
): RunEvidence[] =>
  pressClasses.slice(0, 2).flatMap((pressClass: PressClass): RunEvidence[] => {
    const press = { ...aBlindPress(random), id: `other ${pressClass}`, pressClass }
    const theirs = { ...drawTraits(random, pressClass), strengthOf: (id: string) => traits.strengthOf(id) }
    const cut = {
      ...ordinaryCut(
        press,
        { dieClass: 'thin-outline', height: measured(1, 'caliper') },
        { id: sheet.id, caliper: sheet.caliper, count: 1 },
        defaultHouseRules,
      ),
      sheet,
    }
    const { rounds } = runTrial(
      ourWay('from-usual'),
      {
        technique: 'cut',
        cut,
        shelf: shelfFor(gapOfClass(pressClass).valueMm, press.throatMm, random),
        learnt: undefined,
      },
      new BlindPress(theirs, random),
    )
    return [{ pressId: press.id, pressClass, resist: sheet.id, ...evidenceOfTrial(cleanCutComputed, cut, rounds) }]
  })

/** Presses that need not be like their class: how well what is told of one makes its gap known, and how trials go on it then. */
export const benchUnlikePresses = (seed: number, presses = PRESSES): Promise<void> => {
  console.log(
    `presses unlike their class, gaps ${LEAST_GAP_MM} to ${MOST_GAP_MM} mm, ${presses} hidden presses, seed ${seed}`,
  )
  console.log(
    `  each with runs of the same sheet on two other presses in the log; rounds until clean, of at most ${MOST_ROUNDS}`,
  )
  console.log(`  ${''.padEnd(20)} presses  held by 90 %  width mm  least spread mm  rounds  overloads  unsolved`)
  const names = Object.keys(tellings)
  const found = new Map(
    names.map((name) => [
      name,
      { held: 0, widths: [] as number[], spreads: [] as number[], results: [] as TrialResult[] },
    ]),
  )
  for (let at = 0; at < presses; at++) {
    const random = seededRandom(seed * 7_000_003 + at)
    const press = aBlindPress(random)
    const gapMm = LEAST_GAP_MM + (MOST_GAP_MM - LEAST_GAP_MM) * random()
    const traits = { ...drawTraits(random, press.pressClass), gapMm }
    const shelf = shelfFor(gapMm, press.throatMm, random)
    const name = names[at % names.length] as string
    const told = (tellings[name] as (typeof tellings)[string])({ press, shelf, traits, random })
    const cut = aBlindCut(told, random)
    const learnt: Learnt = {
      ...evidenceForPair(runsElsewhere(cut.sheet, traits, random), told.id, cut.sheet.id),
      pressRuns: 0,
      sheetRuns: 2,
    }
    const { belief, gapSpreadMm } = responses.gapOf(told, learnt)
    const [low, high] = intervalOf(smeared(gapsOf(belief.chances), heightSpreadMm(belief.pieces)), 0.9)
    const its = found.get(name)
    if (!its) continue
    if (gapMm >= low && gapMm <= high) its.held++
    its.widths.push(high - low)
    its.spreads.push(gapSpreadMm)
    its.results.push(
      runTrial(
        ourWay('from-usual'),
        { technique: 'cut', cut, shelf, learnt },
        new BlindPress(traits, seededRandom(at)),
      ),
    )
  }
  for (const [name, { held, widths, spreads, results }] of found) {
    if (results.length === 0) continue
    const cells = [
      String(results.length).padStart(7),
      `${((100 * held) / results.length).toFixed(0)} %`.padStart(13),
      mean(widths).toFixed(2).padStart(9),
      Math.min(...spreads)
        .toFixed(3)
        .padStart(16),
      roundsOf(results).toFixed(2).padStart(7),
      `${shareOfRounds(results, ({ overloads }) => overloads).toFixed(1)} %`.padStart(10),
      String(unsolvedOf(results)).padStart(9),
    ]
    console.log(`  ${name.padEnd(20)} ${cells.join(' ')}`)
  }
  return Promise.resolve()
}
