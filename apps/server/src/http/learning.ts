import { evidenceChange, idField } from '@bold-heron/schema'
import type { Express, Request } from 'express'
import type { Learner } from '../learning/learner.js'
import { pressLearningOf } from '../learning/press-learning.js'
import { RunModel } from '../store/models/run-model.js'
import type { Workshop } from '../store/workshop.js'
import { refuse } from './problems.js'
import { validated } from './validate.js'

const idOf = (request: Request): string => {
  const id = idField.safeParse(request.params['id'])
  return id.success ? id.data : refuse(404, 'There is nothing with the id given; ids look like 0b5f1c9e-….')
}

const setAside = async (where: { id: string } | { pressId: string }, value: boolean): Promise<number> => {
  const [count] = await RunModel.update(
    { setAside: value, version: RunModel.sequelize?.literal('version + 1'), updatedAt: new Date() },
    { where: { ...where, deletedAt: null, setAside: !value } },
  )
  return count
}

/** What was learnt of a press, and setting evidence aside. */
export const addLearning = (app: Express, workshop: Workshop, learner: Learner): void => {
  app.get('/api/presses/:id/learning', async (request, response) => {
    const learning = await pressLearningOf(workshop, idOf(request), learner.pending)
    if (!learning) return refuse(404, 'There is no such press.')
    response.json(learning)
  })
  app.put('/api/runs/:id/evidence', async (request, response) => {
    const id = idOf(request)
    const change = validated(evidenceChange, request.body)
    if (!(await workshop.runs.find(id))) return refuse(404, 'There is no such run.')
    await setAside({ id }, change.setAside)
    response.json(await workshop.runs.find(id))
  })
  app.post('/api/presses/:id/forget', async (request, response) => {
    const id = idOf(request)
    if (!(await workshop.presses.find(id))) return refuse(404, 'There is no such press.')
    response.json({ setAside: await setAside({ pressId: id }, true) })
  })
}
