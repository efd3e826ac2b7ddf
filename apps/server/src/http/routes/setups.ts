import { jobRow, setupInput } from '@bold-heron/schema'
import { saveSetup } from '../../store/setup.js'
import type { Workshop } from '../../store/workshop.js'
import { refusedFields } from '../answers.js'
import { Reply, route, type Route } from '../route.js'

/** The guided first minute, saved in one go. */
export const setupRoutes = (workshop: Workshop): Route[] => [
  route({
    method: 'post',
    path: '/api/setups',
    for: 'helper',
    summary: 'Put in a first press with its plates, a die and a sheet: all of it or nothing',
    body: setupInput,
    answers: { 201: { says: 'The job made for them', schema: jobRow }, 422: refusedFields },
    handle: async ({ body }) => new Reply(201, await saveSetup(workshop, body)),
  }),
]
