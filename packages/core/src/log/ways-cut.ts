import { endedGood, type Round, wereLookedAt } from '../goals/looks.js'
import { keyOfPieces } from '../layers/stack-reference.js'
import { totalPasses } from '../outcomes/round.js'
import { groupBy } from '../numerics/group-by.js'

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
  /** What lay in the press, bottom to top, each by what it was. */
  readonly layers: readonly { readonly is: string; readonly name: string }[]
}

/** Runs with one stack: how often it was pressed and how often it came out, and the newest that did, or the newest of all. */
export interface StackCut<Run> {
  readonly shown: Run
  /** Passes of the newest that came out; undefined where none did. */
  readonly passes: number | undefined
  readonly runs: number
  readonly good: number
}

/** One way in which something was pressed: on a press, of so many of a sheet, with some dies; and the stacks that it was pressed with. */
export interface WayCut<Run> {
  readonly newest: Run
  /** What came out most often first. */
  readonly stacks: readonly StackCut<Run>[]
}

const newestFirst = (one: LoggedWay, other: LoggedWay): number => (one.at < other.at ? 1 : -1)

/** What came of one stack, of its runs from the newest on. */
const stackCut = <Run extends LoggedWay>(runs: readonly Run[]): StackCut<Run> => {
  const good = runs.filter(({ rounds }) => endedGood(rounds))
  return {
    shown: (good[0] ?? runs[0]) as Run,
    passes: good[0] && totalPasses(good[0].rounds),
    runs: runs.length,
    good: good.length,
  }
}

/** The ways in which runs were pressed, those pressed last first. Runs set aside and runs that nobody looked at tell none. */
export const waysCut = <Run extends LoggedWay>(runs: readonly Run[]): WayCut<Run>[] => {
  const told = runs.filter(({ setAside, rounds }) => !setAside && wereLookedAt(rounds)).sort(newestFirst)
  const ways = groupBy(told, ({ technique, pressId, sheetId, sheetCount, dieIds }) =>
    [technique, pressId, sheetId, sheetCount, ...[...dieIds].sort()].join(' '),
  )
  return [...ways.values()].map((alike): WayCut<Run> => {
    const stacks = groupBy(alike, ({ layers }) => keyOfPieces(layers.map(({ is, name }) => `${is} ${name}`)))
    return {
      newest: alike[0] as Run,
      stacks: [...stacks.values()]
        .map(stackCut)
        .sort((one, other) => other.good - one.good || newestFirst(one.shown, other.shown)),
    }
  })
}
