import { endedGood, type Round, wereLookedAt } from '../goals/looks.js'
import { keyOfPieces } from '../layers/stack-reference.js'
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

const newestFirst = <Run extends LoggedWay>(runs: readonly Run[]): Run[] =>
  [...runs].sort((one, other) => (one.at < other.at ? 1 : -1))

const groupedBy = <Run>(runs: readonly Run[], nameOf: (run: Run) => string): Run[][] => {
  const groups = new Map<string, Run[]>()
  for (const run of runs) groups.set(nameOf(run), [...(groups.get(nameOf(run)) ?? []), run])
  return [...groups.values()]
}

const stackCut = <Run extends LoggedWay>(alike: readonly Run[]): StackCut<Run> => {
  const runs = newestFirst(alike)
  const good = runs.filter(({ rounds }) => endedGood(rounds))
  return {
    shown: (good[0] ?? runs[0]) as Run,
    passes: good[0] && totalPasses(good[0].rounds),
    runs: runs.length,
    good: good.length,
  }
}

/** The ways in which runs were pressed, those pressed last first. Runs set aside and runs that nobody looked at tell none. */
export const waysCut = <Run extends LoggedWay>(runs: readonly Run[]): WayCut<Run>[] =>
  groupedBy(
    runs.filter(({ setAside, rounds }) => !setAside && wereLookedAt(rounds)),
    ({ technique, pressId, sheetId, sheetCount, dieIds }) =>
      [technique, pressId, sheetId, sheetCount, ...[...dieIds].sort()].join(' '),
  )
    .map((alike): WayCut<Run> => {
      const stacks = groupedBy(alike, ({ layers }) => keyOfPieces(layers.map(({ is, name }) => `${is} ${name}`)))
      return {
        newest: newestFirst(alike)[0] as Run,
        stacks: stacks
          .map(stackCut)
          .sort((one, other) => other.good - one.good || (one.shown.at < other.shown.at ? 1 : -1)),
      }
    })
    .sort((one, other) => (one.newest.at < other.newest.at ? 1 : -1))
