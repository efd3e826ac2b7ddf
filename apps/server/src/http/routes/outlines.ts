import { dieThumbnails, idField, MOST_THUMBNAILS, outlineInput } from '@bold-heron/schema'
import { z } from 'zod'
import { diesWithLines, outlinesOf } from '../../store/dies.js'
import { inSnapshot } from '../../store/transactions.js'
import type { Workshop } from '../../store/workshop.js'
import { isShort } from '../../work/short-lines.js'
import { thumbnailOf } from '../../work/thumbnail.js'
import type { Work } from '../../work/work.js'
import { refuse, refuseMissing } from '../../refusals/refusal.js'
import { refusedFields } from '../answers.js'
import { route, type Route } from '../route.js'

/** Ids in an address, parted by commas. */
const idList = z
  .string()
  .default('')
  .transform((text) => (text === '' ? [] : text.split(',')))
  .pipe(z.array(idField).max(MOST_THUMBNAILS))

/** The lines of a die's outline, which its row only sums up. */
export const outlineRoutes = (workshop: Workshop, work: Work): Route[] => [
  route({
    method: 'get',
    path: '/api/dies/{id}/outline',
    for: 'bench',
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
    path: '/api/die-thumbnails',
    for: 'bench',
    summary: `Small drawings of dies, or of what stands in for their lines, by id: up to ${MOST_THUMBNAILS} at once`,
    query: z.object({ ids: idList }),
    answers: { 200: { says: 'The drawings, each an SVG document', schema: dieThumbnails }, 422: refusedFields },
    async handle({ query: { ids } }) {
      const dies = await inSnapshot(workshop.sequelize, (transaction) => diesWithLines(transaction, ids))
      const drawn = [...dies].map(async ([id, { outline }]) => {
        const { lines } = outline
        return [id, isShort(lines) ? thumbnailOf(lines) : await work.run('thumbnail', lines)] as const
      })
      return Object.fromEntries(await Promise.all(drawn))
    },
  }),
]
