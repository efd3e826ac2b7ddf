import { csvReport, workshopFile } from '@bold-heron/schema'
import { z } from 'zod'
import { csvNames } from '../../csv/tables.js'
import type { Work } from '../../work/work.js'
import { refusedFields } from '../answers.js'
import { answerByParts, answerHeavily } from '../heavy-answers.js'
import { route, type Route } from '../route.js'

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

const csvRoutes = (work: Work, databaseUrl: string): Route[] =>
  csvNames.flatMap((name): Route[] => [
    route({
      method: 'get',
      path: `/api/csv/${name}`,
      for: 'bench',
      summary: `${name} as CSV`,
      answers: { 200: { says: 'The table', schema: z.string(), type: 'text/csv' } },
      handle: ({ response }) =>
        answerByParts(work, 'writeTable', { databaseUrl, name }, response, {
          'Content-Type': 'text/csv; charset=utf-8',
          ...attachment(`${name}.csv`),
        }),
    }),
    route({
      method: 'post',
      path: `/api/csv/${name}`,
      for: 'owner',
      deed: 'table-read-in',
      summary: `Read ${name} from CSV: every row or none; with Accept: application/x-ndjson also hear how far it is`,
      body: { type: 'text/csv', schema: z.string() },
      answers: {
        200: { says: 'What came of it', schema: csvReport },
        422: { says: 'Refused rows', schema: csvReport },
      },
      handle: ({ body, request, response }) =>
        answerHeavily(work, 'readTable', { databaseUrl, name, text: body }, request, response, {
          statusOf: ({ imported }) => (imported ? 200 : 422),
          goesOn: true,
        }),
    }),
  ])

/** The workshop as one file, and its tables as CSV: all of it read and written on a thread of its own. */
export const fileRoutes = (work: Work, databaseUrl: string): Route[] => [
  route({
    method: 'get',
    path: '/api/workshop',
    for: 'owner',
    summary: 'The whole workshop as one file',
    answers: { 200: { says: 'The file', schema: workshopFile } },
    handle: ({ response }) =>
      answerByParts(work, 'writeWorkshop', { databaseUrl, at: new Date() }, response, {
        'Content-Type': 'application/json; charset=utf-8',
        ...attachment('workshop.bold-heron.json'),
      }),
  }),
  route({
    method: 'put',
    path: '/api/workshop',
    for: 'owner',
    deed: 'workshop-read-in',
    summary:
      'Replace the whole workshop by a file: all of it or nothing; with Accept: application/x-ndjson also hear how far it is',
    body: { type: 'application/json', schema: workshopFile, isRaw: true },
    answers: { 200: { says: 'How many rows were read', schema: counts }, 422: refusedFields },
    handle: ({ request, response }) =>
      answerHeavily(work, 'readWorkshop', { databaseUrl, bytes: request.body as Uint8Array }, request, response, {
        goesOn: true,
      }),
  }),
  ...csvRoutes(work, databaseUrl),
]
