import { runInput, runRow, tellsMore } from '@bold-heron/schema'
import { inWriting } from '../../store/transactions.js'
import type { Workshop } from '../../store/workshop.js'
import { refusedFields } from '../answers.js'
import { refuse } from '../../refusals/refusal.js'
import { deviceOfRun, madeOn } from '../../store/paired-devices.js'
import { route, type Route } from '../route.js'
import { savedReply } from '../saved.js'
import { whoIs } from '../../sharing/who.js'

/**
 * Runs as they are being made at the Bench. The page sends a run's whole state under an id of its own after every look, as often as
 * it takes until it hears that it arrived; the same state twice is once, and an older state never undoes a newer one.
 */
export const benchRunRoutes = (workshop: Workshop): Route[] => [
  route({
    method: 'put',
    path: '/api/bench-runs/{id}',
    for: 'bench',
    one: 'run',
    summary: 'A run as it is being made: the same state twice is once, and an older state never undoes a newer one',
    body: runInput,
    answers: {
      200: { says: 'The run as it stands', schema: runRow },
      201: { says: 'The new run', schema: runRow },
      422: refusedFields,
    },
    async handle({ id, body: input, request }) {
      const { role, deviceId, name } = whoIs(request)
      const { saved, isNew } = await inWriting(workshop.sequelize, async (transaction) => {
        // Two deliveries of one run come one after the other, the first of all included.
        await workshop.sequelize.query('SELECT pg_advisory_xact_lock(hashtextextended(:id, 0))', {
          replacements: { id },
          transaction,
        })
        const stored = await workshop.runs.findEvenDeleted(id, transaction)
        if (role === 'bench' && stored && (await deviceOfRun(workshop.sequelize, id, transaction)) !== deviceId)
          return refuse(403, 'not-your-run')
        // One that was deleted stays so, until the Bench has more to tell of it.
        if (stored && !tellsMore(input, stored)) return { saved: { is: 'saved' as const, row: stored }, isNew: false }
        const put = await workshop.runs.putIn(id, { ...input, byWhom: input.byWhom || name }, transaction)
        if (put.isNew && deviceId !== null) await madeOn(workshop.sequelize, id, deviceId, transaction)
        return put
      })
      return savedReply(saved, 'run', isNew ? 201 : 200)
    },
  }),
]
