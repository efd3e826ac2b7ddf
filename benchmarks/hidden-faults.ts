import { SimulatedResponses } from '../packages/core/src/planner/simulated-responses.js'
import { mean } from './blind/tally.js'
import { bestPossible } from './faults/best-possible.js'
import { aCase } from './faults/case.js'
import { roundsWhenKnown } from './faults/knowing.js'
import { type Outcome, play } from './faults/play.js'

const FAULTS = 300
/** Of so many it is also worked out how soon somebody cures them who knows the fault. */
const KNOWN = 100

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
  const responses = new SimulatedResponses()
  for (const forming of [false, true]) {
    const all: Outcome[] = []
    const byCause = new Map<string, Outcome[]>()
    const possible: number[] = []
    const known: number[] = []
    const ofThose: number[] = []
    for (let at = 0; at < faults; at++) {
      const one = aCase(seed * 1_000_003 + at, forming, responses)
      if (!one) continue
      // Before it is played: what is pressed then changes what comes by chance.
      const best = bestPossible(one, responses, seed + at)
      const outcome = play(one, responses)
      all.push(outcome)
      const again = at < KNOWN ? aCase(seed * 1_000_003 + at, forming, responses) : undefined
      if (again) {
        known.push(roundsWhenKnown(again, responses, seed + at))
        ofThose.push(outcome.rounds)
      }
      possible.push(best)
      const name = one.fault.length > 1 ? 'two at once' : (one.fault[0]?.cause.id ?? '')
      byCause.set(name, [...(byCause.get(name) ?? []), outcome])
    }
    console.log(`hidden faults of ${forming ? 'mats' : 'cuts'}, ${all.length}, seed ${seed}`)
    console.log(`  ${''.padEnd(26)}   first  of three   asked: first  of three   rounds  stops  questions`)
    row('all', all)
    const within = (place: number) =>
      `${((100 * possible.filter((at) => at <= place).length) / possible.length).toFixed(1).padStart(5)} %`
    console.log(`  ${'the best there can be'.padEnd(26)} ${within(1)} ${within(3)}`)
    console.log(
      `  rounds of the first ${known.length}: ${mean(ofThose).toFixed(2)}; by somebody who knows the fault ${mean(known).toFixed(2)}`,
    )
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
