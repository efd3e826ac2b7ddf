import {
  type ChartCellTold,
  chartBasis,
  chartCellTold,
  type ChartRow,
  chartRow,
  computedChart,
  type Of,
} from '@bold-heron/schema'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { z } from 'zod'
import { ask, askInLines } from './client.js'

/** What is there of a chart while it is being worked out. */
export interface ChartSoFar {
  readonly share: number
  /** Cells as their own plans have them, by their place row by row. */
  readonly cells: ReadonlyMap<number, ChartCellTold['cell']>
}

const NOTHING: ChartSoFar = { share: 0, cells: new Map() }

/** A chart worked out on the server, cell by cell; begun anew where something that it rests on has changed. */
export const useComputedChart = (chart: ChartRow) => {
  const client = useQueryClient()
  const [soFar, setSoFar] = useState(NOTHING)
  const queryKey = ['made-charts', chart.id, chart.version]
  const query = useQuery({
    queryKey,
    queryFn: ({ signal }) => {
      setSoFar(NOTHING)
      return askInLines(
        `/api/charts/${chart.id}/computed`,
        computedChart,
        { signal },
        (share) => setSoFar((now) => ({ ...now, share })),
        (part) => {
          const told = chartCellTold.safeParse(part)
          if (told.success) setSoFar((now) => ({ ...now, cells: new Map(now.cells).set(told.data.at, told.data.cell) }))
        },
      )
    },
    retry: false,
    refetchOnWindowFocus: false,
  })
  return { query, soFar, stop: () => void client.cancelQueries({ queryKey }) }
}

const basisAnswer = z.object({ basis: chartBasis })

/** The parts that have changed since a chart was printed; undefined while that is not known, or where it never was. */
export const useStaleParts = (chart: ChartRow): readonly string[] | undefined => {
  const { printed } = chart
  const now = useQuery({
    queryKey: ['made-charts', chart.id, 'basis', chart.version],
    queryFn: ({ signal }) => ask(`/api/charts/${chart.id}/basis`, basisAnswer, { signal }),
    enabled: printed !== null,
  }).data?.basis
  if (!printed || !now) return undefined
  return Object.entries(printed.basis).flatMap(([part, name]) => (now[part as keyof typeof now] === name ? [] : [part]))
}

/** Notes that a chart was printed. */
export const useNotePrinted = (chart: ChartRow) => {
  const client = useQueryClient()
  return useMutation({
    mutationFn: (basis: Of<typeof chartBasis>) =>
      ask(`/api/charts/${chart.id}/printed`, chartRow, { method: 'POST', body: { basis } }),
    onSuccess: (row) => client.setQueryData(['charts', 'row', chart.id], row),
  })
}
