import { z } from 'zod'
import type { Workshop } from '../../store/workshop.js'
import { Reply, route, type Route } from '../route.js'

/** ms. A database that takes longer than this for nothing at all is not well. */
const PATIENCE_MS = 1500

const health = z.object({ ok: z.boolean(), database: z.enum(['answers', 'does not answer']) })

/** Whether the server and its database answer; within two seconds, whatever state they are in. */
export const healthRoutes = (workshop: Workshop): Route[] => [
  route({
    method: 'get',
    path: '/api/health',
    for: 'bench',
    summary: 'Whether the server and its database answer, within two seconds',
    answers: {
      200: { says: 'All is well', schema: health },
      503: { says: 'The database does not answer', schema: health },
    },
    async handle() {
      let timer: NodeJS.Timeout | undefined
      const tooLate = new Promise<boolean>((resolve) => (timer = setTimeout(() => resolve(false), PATIENCE_MS)))
      const answers = workshop.sequelize.query('SELECT 1').then(
        () => true,
        () => false,
      )
      const ok = await Promise.race([answers, tooLate])
      clearTimeout(timer)
      return new Reply(ok ? 200 : 503, { ok, database: ok ? 'answers' : 'does not answer' })
    },
  }),
]
