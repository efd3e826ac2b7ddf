import type { Cell, ChartRequest, WholeChart } from '@bold-heron/core'
import { turns } from '../work/tasks.js'
import type { Work } from '../work/work.js'
import type { NamedRecords } from './computed-cache.js'

/** What was known before, and where to put what is found. */
export interface Keeping {
  answersFor(row: ChartRequest['rows'][number]): Promise<NamedRecords>
  keep(made: NamedRecords): Promise<void>
  /** All cells, where nothing that they rest on has changed. */
  readonly cells: readonly Cell[] | undefined
}

/** How a chart is minded while it is worked out. */
export interface ChartMinding {
  readonly signal?: AbortSignal | undefined
  readonly onProgress?: ((share: number) => void) | undefined
  /** Hears every cell as its own plan has it, by its place row by row. */
  readonly onCell?: ((at: number, cell: Cell) => void) | undefined
}

/** Share of the way at which all cells are known. */
const CELLS_DONE = 0.9

const noted = (answers: NamedRecords): Map<string, NamedRecords[number][1]> => new Map(answers)

/**
 * A chart over all cores: row by row, each row's cells shared out among them, so that the first row is there first; then the choice of base
 * stacks and what goes with it. Given up between parts when the signal is given.
 */
export const chartInParallel = async (
  work: Work,
  request: ChartRequest,
  { answersFor, keep, cells: known }: Keeping,
  { signal, onProgress, onCell }: ChartMinding = {},
): Promise<{ readonly chart: WholeChart; readonly cells: readonly Cell[] }> => {
  const { rows, columns } = request
  const cells: Cell[] = [...(known ?? [])]
  const all = noted([])
  known?.forEach((cell, at) => onCell?.(at, cell))
  let done = 0
  const parts = rows.map(async (row, its) => {
    // A part is sent the rows it needs no lines of, too; so only its own row goes.
    const own: ChartRequest = { ...request, rows: [row] }
    const answers = await answersFor(row)
    for (const [name, each] of answers) all.set(name, each)
    if (known) return
    const share = Math.ceil(columns.length / Math.min(turns.cores, columns.length))
    const pieces = Array.from({ length: Math.ceil(columns.length / share) }, (_, piece) =>
      columns.map((__, at) => at).slice(piece * share, (piece + 1) * share),
    )
    await Promise.all(
      pieces.map(async (at) => {
        const { cells: made, made: fresh } = await work.run('chartCells', { request: own, at, answers }, { signal })
        made.forEach((cell, place) => {
          const where = its * columns.length + (at[place] as number)
          cells[where] = cell
          onCell?.(where, cell)
        })
        for (const [name, each] of fresh) all.set(name, each)
        await keep(fresh)
        done += at.length
        onProgress?.((CELLS_DONE * done) / (rows.length * columns.length))
      }),
    )
  })
  await Promise.all(parts)
  const { chart, made } = await work.run(
    'chartRest',
    { request, cells, answers: [...all] },
    { signal, onProgress: (share) => onProgress?.(CELLS_DONE + (1 - CELLS_DONE) * share) },
  )
  await keep(made)
  return { chart, cells }
}
