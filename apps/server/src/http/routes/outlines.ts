import { outlineInput } from '@bold-heron/schema'
import { z } from 'zod'
import { diesWithLines, outlinesOf } from '../../store/dies.js'
import { inSnapshot } from '../../store/transactions.js'
import type { Workshop } from '../../store/workshop.js'
import { isShort } from '../../work/short-lines.js'
import { thumbnailOf } from '../../work/thumbnail.js'
import type { Work } from '../../work/work.js'
import { refuse, refuseMissing } from '../../refusals/refusal.js'
import { Reply, route, type Route } from '../route.js'

/** The lines of a die's outline, which its row only sums up. */
export const outlineRoutes = (workshop: Workshop, work: Work): Route[] => [
  route({
    method: 'get',
    path: '/api/dies/{id}/outline',
    one: 'die',
    summary: 'The cutting lines of a die that has its own',
    answers: { 200: { says: 'The lines, mm', schema: outlineInput } },
    async handle({ id }) {
      const found = await inSnapshot(workshop.sequelize, async (transaction) => {
        const die = await workshop.dies.findIn(id, transaction)
        return die && { outline: (await outlinesOf([die.id], transaction)).get(die.id) }
      })
      if (!found) return refuseMissing('die')
      return found.outline ?? refuse(404, 'no-outline')
    },
  }),
  route({
    method: 'get',
    path: '/api/dies/{id}/thumbnail',
    one: 'die',
    summary: 'A small drawing of a die, or of what stands in for its lines; put its version in the address as `v`',
    answers: { 200: { says: 'The drawing', schema: z.string(), type: 'image/svg+xml' } },
    async handle({ id }) {
      const dies = await inSnapshot(workshop.sequelize, (transaction) => diesWithLines(transaction, [id]))
      const die = dies.get(id) ?? refuseMissing('die')
      const { lines } = die.outline
      return new Reply(200, isShort(lines) ? thumbnailOf(lines) : await work.run('thumbnail', lines), {
        'Content-Type': 'image/svg+xml',
        // Another version has another address.
        'Cache-Control': 'private, max-age=31536000, immutable',
      })
    },
  }),
]
