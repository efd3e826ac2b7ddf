import { helpedAnswer } from '@bold-heron/schema'
import { setBackHelped, whatHelped } from '../../store/helped.js'
import type { Workshop } from '../../store/workshop.js'
import { route, type Route } from '../route.js'

/** What helped against what went wrong, in this workshop. */
export const causeRoutes = ({ sequelize }: Workshop): Route[] => [
  route({
    method: 'get',
    path: '/api/causes',
    for: 'bench',
    summary: 'How often what was done against a cause helped, since that was set back',
    answers: { 200: { says: 'Cause by cause, what helped most first', schema: helpedAnswer } },
    handle: () => whatHelped(sequelize),
  }),
  route({
    method: 'post',
    path: '/api/causes/set-back',
    for: 'owner',
    deed: 'forgotten',
    summary: 'From now on nothing counts of what helped before; the log stays as it is',
    answers: { 200: { says: 'What counts now', schema: helpedAnswer } },
    async handle() {
      await setBackHelped(sequelize, new Date())
      return whatHelped(sequelize)
    },
  }),
]
