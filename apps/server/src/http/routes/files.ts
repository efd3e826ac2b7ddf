import { csvReport, workshopFile } from '@bold-heron/schema'
import { z } from 'zod'
import { readLogCsv, writeLogCsv } from '../../csv/log-csv.js'
import { shelfTables } from '../../csv/shelf-csv.js'
import { csvNames } from '../../csv/tables.js'
import { exportWorkshop, importWorkshop } from '../../store/workshop-file.js'
import type { Workshop } from '../../store/workshop.js'
import { refusedFields } from '../answers.js'
import { Reply, route, type Route } from '../route.js'
import { photosOf } from './photos.js'

const attachment = (name: string) => ({ 'Content-Disposition': `attachment; filename="${name}"` })

const counts = z.object({
  plates: z.int(),
  presses: z.int(),
  dies: z.int(),
  sheets: z.int(),
  jobs: z.int(),
  runs: z.int(),
  recipes: z.int(),
})

const csvRoutes = (workshop: Workshop): Route[] =>
  csvNames.flatMap((name): Route[] => {
    const table = name === 'runs' ? { write: writeLogCsv, read: readLogCsv } : shelfTables[name]
    return [
      route({
        method: 'get',
        path: `/api/csv/${name}`,
        summary: `${name} as CSV`,
        answers: { 200: { says: 'The table', schema: z.string(), type: 'text/csv' } },
        handle: async () =>
          new Reply(200, await table.write(workshop), {
            'Content-Type': 'text/csv; charset=utf-8',
            ...attachment(`${name}.csv`),
          }),
      }),
      route({
        method: 'post',
        path: `/api/csv/${name}`,
        summary: `Read ${name} from CSV: every row or none`,
        body: { type: 'text/csv', schema: z.string() },
        answers: {
          200: { says: 'What came of it', schema: csvReport },
          422: { says: 'Refused rows', schema: csvReport },
        },
        async handle({ body }) {
          const report = await table.read(workshop, body)
          return new Reply(report.imported ? 200 : 422, report)
        },
      }),
    ]
  })

/** The workshop as one file, and its tables as CSV. */
export const fileRoutes = (workshop: Workshop): Route[] => [
  route({
    method: 'get',
    path: '/api/workshop',
    summary: 'The whole workshop as one file',
    answers: { 200: { says: 'The file', schema: workshopFile } },
    handle: async () =>
      new Reply(200, await exportWorkshop(workshop, new Date()), attachment('workshop.bold-heron.json')),
  }),
  route({
    method: 'put',
    path: '/api/workshop',
    summary: 'Replace the whole workshop by a file: all of it or nothing',
    body: workshopFile,
    answers: { 200: { says: 'How many rows were read', schema: counts }, 422: refusedFields },
    async handle({ body: file }) {
      await importWorkshop(workshop.sequelize, file, await photosOf(file))
      const { plates, presses, dies, sheets, jobs, runs, recipes } = file
      return {
        plates: plates.length,
        presses: presses.length,
        dies: dies.length,
        sheets: sheets.length,
        jobs: jobs.length,
        runs: runs.length,
        recipes: recipes.length,
      }
    },
  }),
  ...csvRoutes(workshop),
]
