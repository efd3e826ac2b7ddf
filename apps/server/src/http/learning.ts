import { evidenceChange } from '@bold-heron/schema'
import type { Express } from 'express'
import type { Learner } from '../learning/learner.js'
import { pressLearningOf } from '../learning/press-learning.js'
import { changeRuns } from '../store/runs.js'
import type { Workshop } from '../store/workshop.js'
import { idOf } from './id-of.js'
import { refuse } from './problems.js'
import { validated } from './validate.js'

const setAside = (
  { sequelize }: Workshop,
  where: { id: string } | { pressId: string },
  value: boolean,
): Promise<number> => changeRuns(sequelize, { ...where, deletedAt: null, setAside: !value }, { setAside: value })

/** What was learnt of a press, and setting evidence aside. */
export const addLearning = (app: Express, workshop: Workshop, learner: Learner): void => {
  app.get('/api/presses/:id/learning', async (request, response) => {
    const learning = await pressLearningOf(workshop, idOf(request, 'press'), learner.pending)
    if (!learning) return refuse(404, 'There is no such press.')
    response.json(learning)
  })
  app.put('/api/runs/:id/evidence', async (request, response) => {
    const id = idOf(request, 'run')
    const change = validated(evidenceChange, request.body)
    if (!(await workshop.runs.find(id))) return refuse(404, 'There is no such run.')
    await setAside(workshop, { id }, change.setAside)
    response.json(await workshop.runs.find(id))
  })
  app.post('/api/presses/:id/forget', async (request, response) => {
    const id = idOf(request, 'press')
    if (!(await workshop.presses.find(id))) return refuse(404, 'There is no such press.')
    response.json({ setAside: await setAside(workshop, { pressId: id }, true) })
  })
}
