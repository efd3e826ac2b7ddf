import { runNote, runRow } from '@bold-heron/schema'
import { changeRuns } from '../../store/runs.js'
import type { Workshop } from '../../store/workshop.js'
import { refusedFields } from '../answers.js'
import { refuseMissing } from '../../refusals/refusal.js'
import { route, type Route } from '../route.js'

/** Notes written to runs long after them; unlike saving a run, that moves no job on. */
export const runNoteRoutes = (workshop: Workshop): Route[] => [
  route({
    method: 'put',
    path: '/api/runs/{id}/note',
    one: 'run',
    summary: 'Writes a note to a run; nothing else of it changes',
    body: runNote,
    answers: { 200: { says: 'The run', schema: runRow }, 422: refusedFields },
    async handle({ id, body: { note } }) {
      if (!(await workshop.runs.find(id))) return refuseMissing('run')
      await changeRuns(workshop.sequelize, { id }, { note })
      return workshop.runs.find(id)
    },
  }),
]
