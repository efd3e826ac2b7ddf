import { pointedOutInput, runNote, runRow } from '@bold-heron/schema'
import { changeRuns, pointOut } from '../../store/runs.js'
import type { Workshop } from '../../store/workshop.js'
import { refusedFields } from '../answers.js'
import { refuseFields, refuseMissing } from '../../refusals/refusal.js'
import { route, type Route } from '../route.js'

/** What is noted to runs long after them; unlike saving a run, that moves no job on. */
export const runNoteRoutes = (workshop: Workshop): Route[] => [
  route({
    method: 'put',
    path: '/api/runs/{id}/note',
    for: 'helper',
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
  route({
    method: 'put',
    path: '/api/runs/{id}/pointed-out',
    for: 'helper',
    one: 'run',
    summary: 'Notes where a round that hung did, as it is pointed out on the outline; nothing else of the run changes',
    body: pointedOutInput,
    answers: { 200: { says: 'The run', schema: runRow }, 422: refusedFields },
    async handle({ id, body }) {
      if (!(await workshop.runs.find(id))) return refuseMissing('run')
      if (!(await pointOut(workshop.sequelize, id, body)))
        return refuseFields([{ path: 'round', code: 'did-not-hang', value: body.round }])
      return workshop.runs.find(id)
    },
  }),
]
