import { stretchLearnt } from '@bold-heron/schema'
import { stretchOfSheet } from '../../learning/stretch.js'
import { refuseMissing } from '../../refusals/refusal.js'
import { inSnapshot } from '../../store/transactions.js'
import type { Workshop } from '../../store/workshop.js'
import { route, type Route } from '../route.js'

/** What the log teaches of how sheets stretch between the rollers. */
export const stretchRoutes = (workshop: Workshop): Route[] => [
  route({
    method: 'get',
    path: '/api/sheets/{id}/stretch',
    for: 'bench',
    one: 'sheet',
    summary: 'By which share a pass lengthens a sheet, learnt from the joins of borders that were told',
    answers: { 200: { says: 'The share, its spread, and from how many joins', schema: stretchLearnt } },
    handle: ({ id }) =>
      inSnapshot(workshop.sequelize, async (transaction) =>
        (await workshop.sheets.findIn(id, transaction)) ? stretchOfSheet(id, transaction) : refuseMissing('sheet'),
      ),
  }),
]
