import { type CsvReport, csvReport } from '@bold-heron/schema'
import { useQueryClient } from '@tanstack/react-query'
import { z } from 'zod'
import { askFile, askInLines } from './client.js'

export const csvTables = ['plates', 'presses', 'dies', 'sheets', 'runs'] as const
export type CsvTable = (typeof csvTables)[number]

/** The whole workshop as it is now. */
export const fetchWorkshop = (): Promise<Blob> => askFile('/api/workshop')

/** Hears how far something is, 0…1. */
type Telling = (share: number) => void

/** Whole-workshop changes: everything shown before them is stale. */
export const useFiles = () => {
  const client = useQueryClient()
  const changed = () => client.invalidateQueries()
  return {
    replaceWorkshop: async (file: Blob, tell?: Telling): Promise<void> => {
      await askInLines(
        '/api/workshop',
        z.unknown(),
        { method: 'PUT', file: file.slice(0, file.size, 'application/json') },
        tell,
      )
      await changed()
    },
    readCsv: async (table: CsvTable, content: string, tell?: Telling): Promise<CsvReport> => {
      const asked = { method: 'POST', text: { type: 'text/csv', content } } as const
      const report = await askInLines(`/api/csv/${table}`, csvReport, asked, tell)
      if (report.imported) await changed()
      return report
    },
  }
}
