import { endedGood, type Round, wereLookedAt } from '../goals/looks.js'
import { totalPasses } from '../outcomes/round.js'

/** As much of a run of the log as tells how something was pressed. */
interface LoggedWay {
  readonly id: string
  readonly at: string
  readonly technique: string
  readonly pressId: string
  readonly sheetId: string
  readonly sheetCount: number
  readonly dieIds: readonly string[]
  readonly setAside: boolean
  readonly rounds: readonly Round[]
}

/** One way in which something was pressed: on a press, of so many of a sheet, with some dies; how often, how often it came out, and the newest that did. */
export interface WayCut<Run> {
  readonly newest: Run
  /** The newest that came out; undefined where none did. */
  readonly lastGood: Run | undefined
  /** Passes of that one. */
  readonly passes: number | undefined
  readonly runs: number
  readonly good: number
}

/** The ways in which runs were pressed, those pressed last first. Runs set aside and runs that nobody looked at tell none. */
export const waysCut = <Run extends LoggedWay>(runs: readonly Run[]): WayCut<Run>[] => {
  const ways = new Map<string, Run[]>()
  for (const run of runs) {
    if (run.setAside || !wereLookedAt(run.rounds)) continue
    const { technique, pressId, sheetId, sheetCount, dieIds } = run
    const name = [technique, pressId, sheetId, sheetCount, ...[...dieIds].sort()].join(' ')
    ways.set(name, [...(ways.get(name) ?? []), run])
  }
  return [...ways.values()]
    .map((alike): WayCut<Run> => {
      const newestFirst = [...alike].sort((one, other) => (one.at < other.at ? 1 : -1))
      const good = newestFirst.filter(({ rounds }) => endedGood(rounds))
      return {
        newest: newestFirst[0] as Run,
        lastGood: good[0],
        passes: good[0] && totalPasses(good[0].rounds),
        runs: alike.length,
        good: good.length,
      }
    })
    .sort((one, other) => (one.newest.at < other.newest.at ? 1 : -1))
}
