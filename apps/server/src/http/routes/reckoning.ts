import {
  answerOfBorder,
  answerOfCard,
  borderAnswer,
  borderFile,
  cardAnswer,
  cardFile,
  limitsOfNest,
  nestAnswer,
  nestFile,
  wantedOfNest,
} from '@bold-heron/schema'
import type { Work } from '../../work/work.js'
import { refusedFields } from '../answers.js'
import { answerHeavily } from '../heavy-answers.js'
import { route, type Route } from '../route.js'

/** The arithmetic around the press, for whoever asks without a workshop: as the command line answers it. */
export const reckoningRoutes = (work: Work): Route[] => [
  route({
    method: 'post',
    path: '/api/borders',
    for: 'bench',
    summary: 'How a long border is joined from a short die (docs/border-file.md)',
    body: borderFile,
    answers: { 200: { says: 'Its cuts and how they meet', schema: borderAnswer }, 422: refusedFields },
    handle: ({ body }) => answerOfBorder(body),
  }),
  route({
    method: 'post',
    path: '/api/cards',
    for: 'bench',
    summary: 'What a card needs: the square that its envelope is folded from (docs/card-file.md)',
    body: cardFile,
    answers: { 200: { says: 'The square, its score and what is inside', schema: cardAnswer }, 422: refusedFields },
    handle: ({ body }) => answerOfCard(body),
  }),
  route({
    method: 'post',
    path: '/api/nests',
    for: 'bench',
    summary: 'Lay pieces on a sheet by their true outlines (docs/nest-file.md)',
    body: nestFile,
    answers: { 200: { says: 'Where each piece lies', schema: nestAnswer }, 422: refusedFields },
    async handle({ body, request, response }) {
      const asked = { wanted: wantedOfNest(body), limits: limitsOfNest(body, MOST_SECONDS) }
      await answerHeavily(work, 'nest', asked, request, response)
    },
  }),
]

/** Seconds that others may be kept waiting by one nest. */
const MOST_SECONDS = 10
