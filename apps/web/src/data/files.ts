import { type CsvReport, csvReport, type WorkshopFile, workshopFile } from '@bold-heron/schema'
import { z } from 'zod'
import { useQueryClient } from '@tanstack/react-query'
import { ask, askReport } from './client.js'

export const csvTables = ['plates', 'presses', 'dies', 'sheets', 'runs'] as const
export type CsvTable = (typeof csvTables)[number]

/** The whole workshop as it is now. */
export const fetchWorkshop = (): Promise<WorkshopFile> => ask('/api/workshop', workshopFile)

/** The workshop without its shelf, jobs and log; house rules stay. */
export const emptied = (file: WorkshopFile): WorkshopFile => ({
  ...file,
  plates: [],
  presses: [],
  dies: [],
  sheets: [],
  jobs: [],
  runs: [],
  recipes: [],
  photos: [],
})

/** Whole-workshop changes: everything shown before them is stale. */
export const useFiles = () => {
  const client = useQueryClient()
  const changed = () => client.invalidateQueries()
  return {
    replaceWorkshop: async (file: unknown): Promise<void> => {
      await ask('/api/workshop', z.unknown(), { method: 'PUT', body: file })
      await changed()
    },
    readCsv: async (table: CsvTable, content: string): Promise<CsvReport> => {
      const report = await askReport(`/api/csv/${table}`, csvReport, {
        method: 'POST',
        text: { type: 'text/csv', content },
      })
      if (report.imported) await changed()
      return report
    },
  }
}
