import { outlineInput } from '@bold-heron/schema'
import { outlinesOf } from '../../store/dies.js'
import { inSnapshot } from '../../store/transactions.js'
import type { Workshop } from '../../store/workshop.js'
import { notThere } from '../answers.js'
import { refuse, refuseMissing } from '../../refusals/refusal.js'
import { route, type Route } from '../route.js'

/** The lines of a die's outline, which its row only sums up. */
export const outlineRoutes = (workshop: Workshop): Route[] => [
  route({
    method: 'get',
    path: '/api/dies/{id}/outline',
    one: 'die',
    summary: 'The cutting lines of a die that has its own',
    answers: { 200: { says: 'The lines, mm', schema: outlineInput }, 404: notThere },
    async handle({ id }) {
      const found = await inSnapshot(workshop.sequelize, async (transaction) => {
        const die = await workshop.dies.findIn(id, transaction)
        return die && { outline: (await outlinesOf([die.id], transaction)).get(die.id) }
      })
      if (!found) return refuseMissing('die')
      return found.outline ?? refuse(404, 'no-outline')
    },
  }),
]
