import {
  answerOfEvening,
  answerOfOrder,
  eveningAnswer,
  eveningInput,
  eveningOrderFile,
  type EveningRow,
  orderAnswer,
  wantedOfOrder,
} from '@bold-heron/schema'
import { eveningInParallel } from '../../parallel/evening.js'
import { orderInParallel } from '../../parallel/order.js'
import type { ComputedCache } from '../../parallel/computed-cache.js'
import { gatherEvening } from '../../planning/evening-request.js'
import { refuseMissing } from '../../refusals/refusal.js'
import type { Workshop } from '../../store/workshop.js'
import type { Work } from '../../work/work.js'
import { refusedFields } from '../answers.js'
import { answerInLines, type InLines } from '../heavy-answers.js'
import { route, type Route } from '../route.js'

/** Evenings planned: what is still to do by the log, round what was changed by hand. */
export const eveningRoutes = (workshop: Workshop, work: Work, kept: ComputedCache): Route[] => {
  const plan = async (row: EveningRow, { signal, onProgress }: Partial<InLines>) => {
    const request = await gatherEvening(workshop, row)
    const dies = request.jobs.flatMap((job) => job.dies)
    const keeping = {
      answersFor: (press: (typeof request.presses)[number]['press']) => kept.answersFor(press, dies),
      keep: kept.keepAnswers.bind(kept),
    }
    return answerOfEvening(request, await eveningInParallel(work, request, keeping, { signal, onProgress }))
  }
  const answers = { 200: { says: 'The evening’s plan', schema: eveningAnswer }, 422: refusedFields }
  return [
    route({
      method: 'get',
      path: '/api/evenings/{id}/plan',
      for: 'bench',
      one: 'evening',
      summary:
        'The evening planned from what is still to do; with Accept: application/x-ndjson also hear how far it is',
      answers,
      async handle({ id, request, response }) {
        const row = (await workshop.evenings.find(id)) ?? refuseMissing('evening')
        await answerInLines(request, response, (around) => plan(row, around))
      },
    }),
    route({
      method: 'post',
      path: '/api/evenings/{id}/plan',
      for: 'bench',
      one: 'evening',
      summary: 'The evening planned as it would be with changes that are not saved yet',
      body: eveningInput,
      answers,
      async handle({ id, body, request, response }) {
        const row = (await workshop.evenings.find(id)) ?? refuseMissing('evening')
        await answerInLines(request, response, (around) => plan({ ...row, ...body }, around))
      },
    }),
    route({
      method: 'post',
      path: '/api/orders',
      for: 'bench',
      summary: 'Puts batches in order, their stacks and minutes being known (docs/evening-file.md)',
      body: eveningOrderFile,
      answers: { 200: { says: 'The order', schema: orderAnswer }, 422: refusedFields },
      async handle({ body, request, response }) {
        await answerInLines(request, response, ({ signal }) => orderInParallel(work, wantedOfOrder(body), { signal }), {
          tell: (schedule) => answerOfOrder(body, schedule),
        })
      },
    }),
  ]
}
