import { runInHandOf } from '@bold-heron/schema'
import type { Express } from 'express'
import { questionOfRun } from '../store/jobs.js'
import { planRequestIn } from '../store/plan-request.js'
import { shelfThings } from '../store/shelf-things.js'
import { inSnapshot } from '../store/transactions.js'
import type { Workshop } from '../store/workshop.js'
import { idOf } from './id-of.js'
import { refuse } from './problems.js'

/** What Place needs for a job: the planner's request as if nothing were laid out yet, and every die and sheet of the shelf. */
export const addPlacing = (app: Express, workshop: Workshop): void => {
  app.get('/api/jobs/:id/place-request', async (request, response) => {
    const id = idOf(request, 'job')
    const found = await inSnapshot(workshop.sequelize, async (transaction) => {
      const job = await workshop.jobs.findIn(id, transaction)
      if (!job) return undefined
      const question = { ...questionOfRun(job, runInHandOf(job)), region: 'all' as const }
      const input = await planRequestIn(workshop.sequelize, question, transaction)
      return input && { request: input, ...(await shelfThings(transaction)) }
    })
    if (!found) return refuse(404, 'There is no such job.')
    response.json(found)
  })
}
