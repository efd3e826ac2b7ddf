import { cleanCutComputed } from '../packages/core/src/goals/clean-cut/computed.js'
import { evidenceForPair, type RunEvidence } from '../packages/core/src/learning/run-evidence.js'
import { evidenceOfTrial, tightestOf } from '../packages/core/src/planner/trial.js'
import { seededRandom } from '../packages/core/src/numerics/random.js'
import { BlindPress, drawTraits } from '../packages/core/src/practice/blind-press.js'
import { gapOfClass } from '../packages/core/src/press/press-class.js'
import { feelOut } from './blind/feel-out.js'
import { mean, roundsOf, shareOfRounds, unsolvedOf } from './blind/tally.js'
import { MOST_ROUNDS, runTrial, type TrialResult } from './blind/trial.js'
import { addingFromLoose, fromUsual, ourWay, type Way } from './blind/ways.js'
import { aBlindCut, aBlindPress, shelfFor } from './blind/workshop.js'

const PRESSES = 300
const RUNS_BEFORE = 5

const ways: Readonly<Record<string, Way>> = {
  'ours, from usual': ourWay('from-usual'),
  'ours, from loose': ourWay('from-loose'),
  'adding shims from loose': addingFromLoose,
  'from the usual stack': fromUsual,
}

const row = (name: string, results: readonly TrialResult[]): void => {
  const rounds = roundsOf(results).toFixed(2).padStart(6)
  const overcut = mean(results.map((each) => each.overcutMm))
    .toFixed(2)
    .padStart(10)
  const overloads = shareOfRounds(results, (each) => each.overloads)
    .toFixed(1)
    .padStart(10)
  console.log(`  ${name.padEnd(28)} ${rounds} ${overcut} ${overloads} % ${String(unsolvedOf(results)).padStart(9)}`)
}

/** The blind press: rounds until clean on presses with hidden traits, for our policy and two ways people do it. */
export const benchBlindPress = (seed: number, presses = PRESSES): Promise<void> => {
  console.log(`blind press, ${presses} hidden presses, seed ${seed}`)
  console.log(`  rounds until clean; who gives up unsolved counts as ${MOST_ROUNDS} rounds`)
  console.log(`  ${''.padEnd(28)} rounds  overcut mm  overloads  unsolved`)
  const results = new Map<string, TrialResult[]>()
  const tries: number[] = []
  const note = (name: string, result: TrialResult) => results.set(name, [...(results.get(name) ?? []), result])
  for (let at = 0; at < presses; at++) {
    const draw = seededRandom(seed * 1_000_003 + at)
    const press = aBlindPress(draw)
    const shelf = shelfFor(gapOfClass(press.pressClass).valueMm, press.throatMm, draw)
    const traits = drawTraits(draw, press.pressClass)
    const cut = aBlindCut(press, draw)
    const jobs = Array.from({ length: RUNS_BEFORE }, () => aBlindCut(press, draw))
    for (const [name, way] of Object.entries(ways))
      note(
        name,
        runTrial(way, { technique: 'cut', cut, shelf, learnt: undefined }, new BlindPress(traits, seededRandom(at))),
      )
    const felt = feelOut(press, shelf, new BlindPress(traits, seededRandom(at)))
    note(
      'ours, gap felt out first',
      runTrial(
        ourWay('from-usual'),
        { technique: 'cut', cut: { ...cut, press: felt.press }, shelf, learnt: undefined },
        new BlindPress(traits, seededRandom(at)),
      ),
    )
    tries.push(felt.tries)
    // Five jobs by our way first, each learnt from; then the same job as above.
    const blind = new BlindPress(traits, seededRandom(at))
    const evidence: RunEvidence[] = []
    let tightestBefore: number | undefined
    for (const job of [...jobs, cut]) {
      const learnt = {
        ...evidenceForPair(evidence, press.id, job.sheet.id),
        pressRuns: evidence.length,
        sheetRuns: 0,
        tightestMm: tightestBefore,
      }
      const result = runTrial(ourWay('from-usual'), { technique: 'cut', cut: job, shelf, learnt }, blind)
      evidence.push({
        pressId: press.id,
        pressClass: press.pressClass,
        resist: job.sheet.id,
        ...evidenceOfTrial(cleanCutComputed, job, result.rounds),
      })
      const here = tightestOf(result.rounds)
      if (here !== undefined) tightestBefore = Math.max(tightestBefore ?? -Infinity, here)
      if (job === cut) note(`ours, after ${RUNS_BEFORE} runs`, result)
    }
  }
  for (const [name, list] of results) row(name, list)
  console.log(`  feeling out took ${mean(tries).toFixed(1)} tries on average`)
  return Promise.resolve()
}
