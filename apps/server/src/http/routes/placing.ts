import { placeRequest, questionOfRun, runInHandOf } from '@bold-heron/schema'
import { planRequestIn } from '../../planning/plan-request.js'
import { shelfThings } from '../../store/shelf-things.js'
import { inSnapshot } from '../../store/transactions.js'
import type { Workshop } from '../../store/workshop.js'
import { refuseMissing } from '../../refusals/refusal.js'
import { route, type Route } from '../route.js'

/** What Place needs for a job: the planner's request as if nothing were laid out yet, and every die and sheet of the shelf. */
export const placingRoutes = (workshop: Workshop): Route[] => [
  route({
    method: 'get',
    path: '/api/jobs/{id}/place-request',
    for: 'bench',
    one: 'job',
    summary:
      'Everything Place needs for a job: the planner’s input without a placement, all dies with their lines, all sheets',
    answers: { 200: { says: 'Request, dies and sheets', schema: placeRequest } },
    async handle({ id }) {
      const found = await inSnapshot(workshop.sequelize, async (transaction) => {
        const job = await workshop.jobs.findIn(id, transaction)
        if (!job) return undefined
        const question = { ...questionOfRun(job, runInHandOf(job)), region: 'all' as const }
        const request = await planRequestIn(workshop.sequelize, question, transaction)
        return request && { request, ...(await shelfThings(transaction)) }
      })
      return found ?? refuseMissing('job')
    },
  }),
]
