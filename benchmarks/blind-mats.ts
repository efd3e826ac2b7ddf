import { evidenceForPair, type RunEvidence } from '../packages/core/src/learning/run-evidence.js'
import { seededRandom } from '../packages/core/src/numerics/random.js'
import { evidenceOfTrial, tightestOf } from '../packages/core/src/planner/trial.js'
import { BlindPress, drawTraits } from '../packages/core/src/practice/blind-press.js'
import { computedOf } from '../packages/core/src/techniques/computed-of.js'
import { resistOf } from '../packages/core/src/techniques/resist.js'
import { feelOut } from './blind/feel-out.js'
import { roundsOf, shareOfRounds, unsolvedOf } from './blind/tally.js'
import { MOST_ROUNDS, runTrial, type TrialResult } from './blind/trial.js'
import { oneCardAtATime, ourWay } from './blind/ways.js'
import { aBlindForming, aBlindPress, matShelfFor } from './blind/workshop.js'

const PRESSES = 300
const RUNS_BEFORE = 5

const row = (name: string, results: readonly TrialResult[]): void => {
  const share = (count: (each: TrialResult) => number) => `${shareOfRounds(results, count).toFixed(1)} %`.padStart(9)
  const rounds = roundsOf(results).toFixed(2).padStart(6)
  const matCuts = share((each) => each.matCuts)
  const harms = share((each) => each.harms)
  console.log(`  ${name.padEnd(34)} ${rounds} ${matCuts} ${harms} ${String(unsolvedOf(results)).padStart(9)}`)
}

/** The blind press with mats and folders: rounds until it shows as wanted, and what was harmed on the way. */
export const benchBlindMats = (seed: number, presses = PRESSES): Promise<void> => {
  console.log(`blind press, creases, raised shapes and folders, ${presses} hidden presses, seed ${seed}`)
  console.log(
    `  rounds until good; who gives up unsolved counts as ${MOST_ROUNDS} rounds; mats cut and sheets harmed by round`,
  )
  console.log(`  ${''.padEnd(34)} rounds  mats cut    harmed  unsolved`)
  const results = new Map<string, TrialResult[]>()
  const note = (name: string, result: TrialResult) => results.set(name, [...(results.get(name) ?? []), result])
  for (let at = 0; at < presses; at++) {
    const draw = seededRandom(seed * 1_000_003 + at)
    const press = aBlindPress(draw)
    const shelf = matShelfFor(press, draw)
    const traits = drawTraits(draw, press.pressClass)
    const jobs = Array.from({ length: RUNS_BEFORE + 1 }, () => aBlindForming(press, draw))
    const { technique, cut } = jobs.at(-1) as (typeof jobs)[number]
    const asked = { technique, cut, shelf, learnt: undefined }
    const freshPress = () => new BlindPress(traits, seededRandom(at))
    const byClass = runTrial(ourWay('from-usual'), asked, freshPress())
    note('ours, known by class only', byClass)
    note(`ours, known by class only, ${technique}`, byClass)
    const felt = feelOut(press, shelf, freshPress())
    const feltOut = { ...asked, cut: { ...cut, press: felt.press } }
    note('ours, gap felt out first', runTrial(ourWay('from-usual'), feltOut, freshPress()))
    note('no shim, then a card at a time', runTrial(oneCardAtATime, asked, freshPress()))
    // Five jobs by our way first, each learnt from; then the same job as above.
    const blind = freshPress()
    const evidence: RunEvidence[] = []
    let tightestBefore: number | undefined
    for (const job of jobs) {
      const resist = resistOf(job.technique, job.cut.sheet.id)
      const learnt = {
        ...evidenceForPair(evidence, press.id, resist),
        pressRuns: evidence.length,
        sheetRuns: 0,
        tightestMm: tightestBefore,
      }
      const result = runTrial(ourWay('from-usual'), { ...job, shelf, learnt }, blind)
      evidence.push({
        pressId: press.id,
        pressClass: press.pressClass,
        resist,
        ...evidenceOfTrial(computedOf(job), job.cut, result.rounds),
      })
      const here = tightestOf(result.rounds)
      if (here !== undefined) tightestBefore = Math.max(tightestBefore ?? -Infinity, here)
      if (job === jobs.at(-1)) note(`ours, after ${RUNS_BEFORE} runs`, result)
    }
  }
  for (const [name, list] of [...results].sort(([one], [other]) => one.localeCompare(other))) row(name, list)
  return Promise.resolve()
}
