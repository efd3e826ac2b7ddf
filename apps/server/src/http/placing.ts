import type { Express } from 'express'
import { gatherPlanRequest } from '../store/plan-request.js'
import { shelfThings } from '../store/shelf-things.js'
import type { Workshop } from '../store/workshop.js'
import { idOf } from './id-of.js'
import { refuse } from './problems.js'

/** What Place needs for a job: the planner's request as if nothing were laid out yet, and every die and sheet of the shelf. */
export const addPlacing = (app: Express, workshop: Workshop): void => {
  app.get('/api/jobs/:id/place-request', async (request, response) => {
    const job = await workshop.jobs.find(idOf(request, 'job'))
    const input = job && (await gatherPlanRequest(workshop.sequelize, job))
    if (!input) return refuse(404, 'There is no such job.')
    response.json({ request: input, ...(await shelfThings(workshop.sequelize)) })
  })
}
