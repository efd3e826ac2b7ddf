import { idField, runNote } from '@bold-heron/schema'
import type { Express } from 'express'
import { RunModel } from '../store/models/run-model.js'
import type { Workshop } from '../store/workshop.js'
import { refuse } from './problems.js'
import { validated } from './validate.js'

/** Notes written to runs long after them; unlike saving a run, that moves no job on. */
export const addRunNotes = (app: Express, workshop: Workshop): void => {
  app.put('/api/runs/:id/note', async (request, response) => {
    const id = idField.safeParse(request.params.id)
    const { note } = validated(runNote, request.body)
    const run = id.success ? await workshop.runs.find(id.data) : undefined
    if (!run) return refuse(404, 'There is no such run.')
    await RunModel.update(
      { note, version: RunModel.sequelize?.literal('version + 1'), updatedAt: new Date() },
      { where: { id: run.id } },
    )
    response.json(await workshop.runs.find(run.id))
  })
}
