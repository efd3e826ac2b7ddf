import type { ChartAnswer, ChartCellAnswer } from '@bold-heron/schema'

/** What a cell says is to be done: on which base, with which shims, how often, and whether a caution goes with it. */
const saidBy = ({ is, base, shimIds, why, figures }: ChartCellAnswer): string =>
  JSON.stringify([
    is,
    base ?? null,
    shimIds,
    is === 'empty' ? (why ?? null) : null,
    figures ? [figures.passes, figures.cautions.length > 0] : null,
  ])

/** Places of which each says the same, in their order, a group each. */
const groupsOf = (count: number, keyOf: (at: number) => string): number[][] => {
  const groups = new Map<string, number[]>()
  for (let at = 0; at < count; at++) groups.set(keyOf(at), [...(groups.get(keyOf(at)) ?? []), at])
  return [...groups.values()]
}

/** What is said of several cells at once holds for each: as little sure as the least, as hard as the hardest, and a better stack where one has one. */
const saidOfAll = (cells: readonly ChartCellAnswer[]): ChartCellAnswer => {
  const least = cells.reduce((one, each) => ((each.figures?.chance ?? 1) < (one.figures?.chance ?? 1) ? each : one))
  return {
    ...least,
    better: cells.find(({ better }) => better.length > 0)?.better ?? [],
    figures: least.figures && {
      ...least.figures,
      effort: Math.max(...cells.map(({ figures }) => figures?.effort ?? 0)),
    },
  }
}

/** Rows and columns of a chart that say the same, by their places, and one cell for each group of rows with each of columns. */
export const alikeIn = ({ rows, columns, cells }: Pick<ChartAnswer, 'rows' | 'columns' | 'cells'>) => {
  const said = cells.map((row) => row.map(saidBy))
  const rowGroups = groupsOf(rows.length, (at) => (said[at] ?? []).join())
  const columnGroups = groupsOf(columns.length, (at) => rowGroups.map(([first = 0]) => said[first]?.[at] ?? '').join())
  return {
    rowGroups,
    columnGroups,
    cells: rowGroups.map((its) =>
      columnGroups.map((ats) => saidOfAll(its.flatMap((row) => ats.flatMap((at) => cells[row]?.[at] ?? [])))),
    ),
  }
}

/** Names in an order in which those that begin alike stand together, each run of them under what they begin with: "Gull, Pier letter E, I, K". */
export const joinedNames = (names: readonly string[]): string => {
  const distinct = [...new Set(names)]
  const beginningOf = (name: string): string => name.split(' ').slice(0, -1).join(' ')
  const runs = new Map<string, string[]>()
  for (const name of distinct) {
    const beginning = beginningOf(name)
    // A single word, and words that share nothing, stand by themselves.
    const key =
      beginning === '' || !distinct.some((other) => other !== name && beginningOf(other) === beginning)
        ? name
        : beginning
    runs.set(key, [...(runs.get(key) ?? []), name])
  }
  return [...runs.values()]
    .flatMap(([first = '', ...rest]) => [first, ...rest.map((name) => name.split(' ').at(-1) as string)])
    .join(', ')
}
