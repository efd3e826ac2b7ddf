import { jobRow, madePair, pairInput, type ProblemField, raisedJobInput } from '@bold-heron/schema'
import { refuseFields } from '../../refusals/refusal.js'
import { savePair, saveRaisedJob } from '../../store/made-together.js'
import type { Workshop } from '../../store/workshop.js'
import { refusedFields } from '../answers.js'
import { Reply, route, type Route } from '../route.js'

/** What was made, or the fields that kept it from being made. */
const answerOf = (made: object | { readonly errors: readonly ProblemField[] }): Reply =>
  'errors' in made ? refuseFields([...made.errors]) : new Reply(201, made)

/** Things that are made together, all of them or none. */
export const madeTogetherRoutes = (workshop: Workshop): Route[] => [
  route({
    method: 'post',
    path: '/api/raised-jobs',
    for: 'helper',
    summary:
      'Cut layers, glue them up into a shape, and raise a sheet over it: the shape on the shelf and a job of two runs',
    body: raisedJobInput,
    answers: { 201: { says: 'The job', schema: jobRow }, 422: refusedFields },
    handle: async ({ body }) => answerOf(await saveRaisedJob(workshop, body)),
  }),
  route({
    method: 'post',
    path: '/api/pairs',
    for: 'helper',
    summary:
      'A base and what lies over it, in every mix of some sheets: a job for each die and sheet, and a card for each mix',
    body: pairInput,
    answers: { 201: { says: 'What was made', schema: madePair }, 422: refusedFields },
    handle: async ({ body }) => answerOf(await savePair(workshop, body)),
  }),
]
