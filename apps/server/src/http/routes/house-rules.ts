import { houseRulesInput, houseRulesRow } from '@bold-heron/schema'
import { readHouseRules, saveHouseRules } from '../../store/house-rules.js'
import type { Workshop } from '../../store/workshop.js'
import { refusedFields, stale } from '../answers.js'
import { route, type Route } from '../route.js'
import { rowReply, savedReply } from '../saved.js'

/** The one set of house rules. */
export const houseRuleRoutes = (workshop: Workshop): Route[] => [
  route({
    method: 'get',
    path: '/api/house-rules',
    for: 'bench',
    summary: 'House rules',
    answers: { 200: { says: 'The rules', schema: houseRulesRow } },
    handle: async () => rowReply(await readHouseRules()),
  }),
  route({
    method: 'put',
    path: '/api/house-rules',
    for: 'owner',
    summary: 'Save the house rules',
    isVersioned: true,
    body: houseRulesInput,
    answers: { 200: { says: 'As saved', schema: houseRulesRow }, 412: stale, 422: refusedFields },
    handle: async ({ version, body }) =>
      savedReply(await saveHouseRules(workshop.sequelize, version, body), 'set of house rules'),
  }),
]
