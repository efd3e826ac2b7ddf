import {
  answerOfEvening,
  answerOfOrder,
  batchClaim,
  claimLetGo,
  claimWish,
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
import { nameOf } from '../../planning/name-of.js'
import { refuse, refuseMissing } from '../../refusals/refusal.js'
import { claimBatch, letGoOf } from '../../store/batch-claims.js'
import type { Workshop } from '../../store/workshop.js'
import type { Work } from '../../work/work.js'
import { whoIs } from '../../sharing/who.js'
import { notThere, problemThat, refusedFields } from '../answers.js'
import { answerInLines, type InLines } from '../heavy-answers.js'
import { Reply, route, type Route } from '../route.js'
import { changesNothing } from '../taken.js'

/** Who is at which runs of an evening: nobody else takes those meanwhile, unless they say so. */
const claimRoutes = ({ sequelize }: Workshop): Route[] => [
  route({
    method: 'post',
    path: '/api/evenings/{id}/claims',
    for: 'bench',
    one: 'evening',
    summary: 'Takes runs of an evening for ten minutes, or holds on to them; with overrule also from somebody else',
    body: claimWish,
    answers: {
      200: { says: 'They were taken already, and are held on to', schema: batchClaim },
      201: { says: 'The runs are taken', schema: batchClaim },
      404: notThere,
      409: problemThat('Somebody is at them, or one of their plates lies in another press'),
      422: refusedFields,
    },
    async handle({ id, body, request, response }) {
      const came = await claimBatch(sequelize, id, body, whoIs(request).name)
      if (came.is === 'no-evening') return refuseMissing('evening')
      if (came.is === 'no-press') return refuseMissing('press')
      if (came.is === 'taken') return refuse(409, 'batch-taken', { values: { by: came.by.name, until: came.by.until } })
      if (came.is === 'plate-elsewhere')
        return refuse(409, 'plate-elsewhere', { values: { plate: came.plate, press: came.press, by: came.by } })
      // Nobody need hear that somebody is still at what they are at.
      if (came.is === 'held') changesNothing(response)
      return new Reply(came.is === 'held' ? 200 : 201, came.claim)
    },
  }),
  route({
    method: 'post',
    path: '/api/evenings/{id}/claims/let-go',
    for: 'bench',
    one: 'evening',
    summary: 'Gives runs of an evening back that were taken',
    body: claimLetGo,
    answers: { 204: { says: 'They are free' }, 422: refusedFields },
    async handle({ id, body, response }) {
      await letGoOf(sequelize, id, body)
      response.status(204).end()
    },
  }),
]

/** Evenings planned: what is still to do by the log, round what was changed by hand. */
export const eveningRoutes = (workshop: Workshop, work: Work, kept: ComputedCache): Route[] => {
  const plan = async (row: EveningRow, { signal, onProgress }: Partial<InLines>) => {
    const request = await gatherEvening(workshop, row)
    // Every device of an evening asks for the same.
    const name = nameOf(['evening', request])
    const known = eveningAnswer.safeParse(await kept.result(name))
    if (known.success) return known.data
    const dies = request.jobs.flatMap((job) => job.dies)
    const keeping = {
      answersFor: (press: (typeof request.presses)[number]['press']) => kept.answersFor(press, dies),
      keep: kept.keepAnswers.bind(kept),
    }
    const made = answerOfEvening(request, await eveningInParallel(work, request, keeping, { signal, onProgress }))
    await kept.keepResult(name, made)
    return made
  }
  const answers = { 200: { says: 'The evening’s plan', schema: eveningAnswer }, 422: refusedFields }
  return [
    ...claimRoutes(workshop),
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
