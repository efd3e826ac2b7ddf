import type { Cell } from '@bold-heron/core'
import {
  answerOfChart,
  chartBasis,
  type ChartRow,
  chartRow,
  type ComputedChart,
  computedChart,
} from '@bold-heron/schema'
import { z } from 'zod'
import { chartInParallel, type Keeping } from '../../parallel/chart.js'
import type { ComputedCache } from '../../parallel/computed-cache.js'
import { gatherChart } from '../../planning/chart-request.js'
import { nameOf } from '../../planning/name-of.js'
import { refuseMissing } from '../../refusals/refusal.js'
import { notePrinted } from '../../store/charts.js'
import type { Workshop } from '../../store/workshop.js'
import type { Work } from '../../work/work.js'
import { refusedFields } from '../answers.js'
import { answerInLines, type InLines } from '../heavy-answers.js'
import { route, type Route } from '../route.js'

/** Wall charts worked out, and noted as printed. */
export const chartRoutes = (workshop: Workshop, work: Work, kept: ComputedCache): Route[] => {
  const chartOf = async (id: string): Promise<ChartRow> => (await workshop.charts.find(id)) ?? refuseMissing('chart')
  const compute = async (row: ChartRow, { signal, onProgress, tell }: Partial<InLines>): Promise<ComputedChart> => {
    const gathered = (await gatherChart(workshop.sequelize, row)) ?? refuseMissing('press')
    const { request, basis, cellsName, runs } = gathered
    const name = nameOf(['chart', basis])
    const known = computedChart.safeParse(await kept.result(name))
    if (known.success) return known.data
    const keeping: Keeping = {
      answersFor: ({ dies }) => kept.answersFor(request.press, dies),
      keep: (made) => kept.keepAnswers(request.press, made),
      // Only we write there.
      cells: (await kept.result(cellsName)) as readonly Cell[] | undefined,
    }
    const { chart, cells } = await chartInParallel(work, request, keeping, {
      signal,
      onProgress,
      onCell: (at, cell) => tell?.({ at, cell } satisfies { at: number; cell: unknown }),
    })
    const made = { chart: answerOfChart(request, chart, { basedOnRuns: runs }), basis, at: new Date().toISOString() }
    await kept.keepResult(cellsName, cells)
    await kept.keepResult(name, made)
    return made
  }
  return [
    route({
      method: 'get',
      path: '/api/charts/{id}/computed',
      for: 'bench',
      one: 'chart',
      summary:
        'The chart worked out: few base stacks, and which of them serves each cell; with Accept: application/x-ndjson also hear every cell as it is known, and how far it is',
      answers: { 200: { says: 'The chart, and names for all that it rests on', schema: computedChart } },
      async handle({ id, request, response }) {
        const row = await chartOf(id)
        await answerInLines(request, response, (around) => compute(row, around))
      },
    }),
    route({
      method: 'get',
      path: '/api/charts/{id}/basis',
      for: 'bench',
      one: 'chart',
      summary: 'Names for all that a chart rests on now, part by part: what differs from a print’s has changed',
      answers: { 200: { says: 'The names', schema: z.object({ basis: chartBasis }) } },
      async handle({ id }) {
        const { basis } = (await gatherChart(workshop.sequelize, await chartOf(id))) ?? refuseMissing('press')
        return { basis }
      },
    }),
    route({
      method: 'post',
      path: '/api/charts/{id}/printed',
      for: 'helper',
      one: 'chart',
      summary: 'Notes that a chart was printed, and from what',
      body: z.object({ basis: chartBasis }),
      answers: { 200: { says: 'The chart', schema: chartRow }, 422: refusedFields },
      async handle({ id, body }) {
        if (!(await notePrinted(workshop.sequelize, id, body.basis))) return refuseMissing('chart')
        return chartOf(id)
      },
    }),
  ]
}
