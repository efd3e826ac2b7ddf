import { cameOutGood, endedGood, type Round, type Seen, wereLookedAt } from '../goals/looks.js'
import { totalPasses } from '../outcomes/round.js'
import type { TechniqueId } from '../techniques/list.js'

/** As much of a run of the log as what it shows is counted from. */
export interface RunInLog {
  readonly id: string
  readonly technique: TechniqueId
  /** When it was pressed, ISO 8601 in UTC: later ones come later as text, too. */
  readonly at: string
  /** The run before, where this one went on with the same sheets. */
  readonly followsRunId: string | null
  readonly sheetCount: number
  readonly squeezeMm: number
  readonly layers: readonly { readonly is: 'plate' | 'dies' | 'sheets'; readonly thicknessMm: number }[]
  readonly rounds: readonly Round[]
}

const endedAt = (pile: readonly RunInLog[]): string => pile.at(-1)?.at ?? ''

/** Runs that went on with the same sheets belong together, oldest first; each pile is one attempt at a cut. */
export const pilesOfRuns = (runs: readonly RunInLog[]): RunInLog[][] => {
  const byId = new Map(runs.map((run) => [run.id, run]))
  const followed = new Set(runs.flatMap((run) => run.followsRunId ?? []))
  return runs
    .filter((run) => !followed.has(run.id))
    .map((last) => {
      const pile: RunInLog[] = []
      let run: RunInLog | undefined = last
      while (run && !pile.includes(run)) {
        pile.unshift(run)
        run = run.followsRunId ? byId.get(run.followsRunId) : undefined
      }
      return pile
    })
    .sort((one, other) => (endedAt(one) < endedAt(other) ? -1 : 1))
}

/** The runs that somebody looked at; others count as made and show nothing. */
const lookedAt = (runs: readonly RunInLog[]): RunInLog[] => runs.filter(({ rounds }) => wereLookedAt(rounds))

const endsGood = (pile: readonly RunInLog[]): boolean => endedGood(pile.at(-1)?.rounds ?? [])

/** Rounds that each attempt took until it was good, by its time; attempts that never were are left out. */
export const roundsUntilGood = (runs: readonly RunInLog[]): { readonly at: string; readonly rounds: number }[] =>
  pilesOfRuns(lookedAt(runs))
    .filter(endsGood)
    .map((pile) => ({
      at: endedAt(pile),
      rounds: pile.reduce((sum, run) => sum + run.rounds.length, 0),
    }))

/** The mean of each value with those before it, at most so many together. */
export const runningMean = (values: readonly number[], width: number): number[] =>
  values.map((_, at) => {
    const some = values.slice(Math.max(0, at + 1 - width), at + 1)
    return some.reduce((sum, value) => sum + value, 0) / some.length
  })

/** The technique that most runs are of; of as many, the one met first. Undefined where there are none. */
export const mostPressed = (runs: readonly Pick<RunInLog, 'technique'>[]): TechniqueId | undefined => {
  const counts = new Map<TechniqueId, number>()
  for (const { technique } of runs) counts.set(technique, (counts.get(technique) ?? 0) + 1)
  return [...counts].reduce<readonly [TechniqueId, number] | undefined>(
    (most, each) => (most && most[1] >= each[1] ? most : each),
    undefined,
  )?.[0]
}

/** A first round: its squeeze beyond the sheets' own thickness (mm), what was seen, and whether that was good. */
export interface FirstRound {
  readonly overMm: number
  readonly seen: Seen
  readonly isGood: boolean
}

/** Every first round. A squeeze means something only among runs of one technique. */
export const firstRounds = (runs: readonly RunInLog[]): FirstRound[] =>
  lookedAt(runs).flatMap(({ rounds: [first], layers, squeezeMm }) => {
    if (!first) return []
    const sheetsMm = layers.reduce((sum, layer) => sum + (layer.is === 'sheets' ? layer.thicknessMm : 0), 0)
    return [{ overMm: squeezeMm - sheetsMm, seen: first.seen, isGood: cameOutGood(first) }]
  })

/** Passes until good for each count of sheets, on average, and over how many attempts. */
export const passesBySheets = (
  runs: readonly RunInLog[],
): { readonly sheets: number; readonly passes: number; readonly attempts: number }[] => {
  const groups = new Map<number, number[]>()
  for (const pile of pilesOfRuns(lookedAt(runs)).filter(endsGood)) {
    const sheets = pile[0]?.sheetCount ?? 1
    const passes = pile.reduce((sum, run) => sum + totalPasses(run.rounds), 0)
    groups.set(sheets, [...(groups.get(sheets) ?? []), passes])
  }
  return [...groups]
    .sort(([one], [other]) => one - other)
    .map(([sheets, passes]) => ({
      sheets,
      passes: passes.reduce((sum, each) => sum + each, 0) / passes.length,
      attempts: passes.length,
    }))
}
