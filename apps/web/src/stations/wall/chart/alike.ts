import { feelOf } from '@bold-heron/core'
import type { ChartAnswer, ChartCellAnswer } from '@bold-heron/schema'

/** What a cell says at the wall, but for how sure it is to the last percent. */
const saidBy = ({ is, base, shimIds, why, figures, better }: ChartCellAnswer): string =>
  JSON.stringify([
    is,
    base ?? null,
    shimIds,
    is === 'empty' ? (why ?? null) : null,
    figures ? [figures.passes, feelOf(figures.effort), figures.cautions.length > 0] : null,
    better.length > 0,
  ])

/** Places of which each says the same, in their order, a group each. */
const groupsOf = (count: number, keyOf: (at: number) => string): number[][] => {
  const groups = new Map<string, number[]>()
  for (let at = 0; at < count; at++) groups.set(keyOf(at), [...(groups.get(keyOf(at)) ?? []), at])
  return [...groups.values()]
}

/** The cell of some that is least sure: what is said of all of them holds for it, too. */
const leastSure = (cells: readonly ChartCellAnswer[]): ChartCellAnswer =>
  cells.reduce((least, each) => ((each.figures?.chance ?? 1) < (least.figures?.chance ?? 1) ? each : least))

/** Rows and columns of a chart that say the same, by their places, and one cell for each group of rows with each of columns. */
export const alikeIn = ({ rows, columns, cells }: Pick<ChartAnswer, 'rows' | 'columns' | 'cells'>) => {
  const said = cells.map((row) => row.map(saidBy))
  const rowGroups = groupsOf(rows.length, (at) => (said[at] ?? []).join())
  const columnGroups = groupsOf(columns.length, (at) => rowGroups.map(([first = 0]) => said[first]?.[at] ?? '').join())
  return {
    rowGroups,
    columnGroups,
    cells: rowGroups.map((its) =>
      columnGroups.map((ats) => leastSure(its.flatMap((row) => ats.flatMap((at) => cells[row]?.[at] ?? [])))),
    ),
  }
}

/** Several names in one, what they begin with once: "Pier letters E, I, K". */
export const joinedNames = (names: readonly string[]): string => {
  const [first = ''] = names
  const words = first.split(' ')
  let same = 0
  while (same < words.length - 1 && names.every((name) => name.split(' ')[same] === words[same])) same++
  const rests = names.map((name) => name.split(' ').slice(same).join(' '))
  return [...words.slice(0, same), [...new Set(rests)].join(', ')].join(' ')
}
