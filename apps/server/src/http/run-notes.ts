import { runNote } from '@bold-heron/schema'
import type { Express } from 'express'
import { changeRuns } from '../store/runs.js'
import type { Workshop } from '../store/workshop.js'
import { idOf } from './id-of.js'
import { refuse } from './problems.js'
import { validated } from './validate.js'

/** Notes written to runs long after them; unlike saving a run, that moves no job on. */
export const addRunNotes = (app: Express, workshop: Workshop): void => {
  app.put('/api/runs/:id/note', async (request, response) => {
    const { note } = validated(runNote, request.body)
    const id = idOf(request, 'run')
    if (!(await workshop.runs.find(id))) return refuse(404, 'There is no such run.')
    await changeRuns(workshop.sequelize, { id }, { note })
    response.json(await workshop.runs.find(id))
  })
}
