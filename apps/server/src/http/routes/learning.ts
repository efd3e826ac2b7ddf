import { dieLearning, evidenceChange, pressLearning, runRow } from '@bold-heron/schema'
import { z } from 'zod'
import type { Learner } from '../../learning/learner.js'
import { difficultyOfDie } from '../../learning/learnt-of.js'
import { pressLearningOf } from '../../learning/press-learning.js'
import { inSnapshot } from '../../store/transactions.js'
import { changeRuns } from '../../store/runs.js'
import type { Workshop } from '../../store/workshop.js'
import { refusedFields } from '../answers.js'
import { refuseMissing } from '../../refusals/refusal.js'
import { route, type Route } from '../route.js'

const setAside = (
  { sequelize }: Workshop,
  where: { id: string } | { pressId: string },
  value: boolean,
): Promise<number> => changeRuns(sequelize, { ...where, deletedAt: null, setAside: !value }, { setAside: value })

/** What was learnt of a press, and setting evidence aside. */
export const learningRoutes = (workshop: Workshop, learner: Learner): Route[] => [
  route({
    method: 'get',
    path: '/api/presses/{id}/learning',
    for: 'bench',
    one: 'press',
    summary: 'What has been learnt of a press from its runs',
    answers: { 200: { says: 'What all runs say together, and each alone', schema: pressLearning } },
    handle: async ({ id }) => (await pressLearningOf(workshop, id, learner.pending)) ?? refuseMissing('press'),
  }),
  route({
    method: 'get',
    path: '/api/dies/{id}/learning',
    for: 'bench',
    one: 'die',
    summary: 'How much more difficult a die is than is usual for it, by its runs',
    answers: { 200: { says: 'Mean and spread of the logarithm, and of how many runs', schema: dieLearning } },
    handle: ({ id }) =>
      inSnapshot(workshop.sequelize, async (transaction) =>
        (await workshop.dies.findIn(id, transaction))
          ? difficultyOfDie(workshop.sequelize, id, transaction)
          : refuseMissing('die'),
      ),
  }),
  route({
    method: 'put',
    path: '/api/runs/{id}/evidence',
    for: 'helper',
    one: 'run',
    summary: 'Sets a run aside as evidence, or takes it back',
    body: evidenceChange,
    answers: { 200: { says: 'The run', schema: runRow }, 422: refusedFields },
    async handle({ id, body }) {
      if (!(await workshop.runs.find(id))) return refuseMissing('run')
      await setAside(workshop, { id }, body.setAside)
      return workshop.runs.find(id)
    },
  }),
  route({
    method: 'post',
    path: '/api/presses/{id}/forget',
    for: 'owner',
    deed: 'forgotten',
    one: 'press',
    summary: 'Sets every run of a press aside as evidence, to start afresh; the log itself stays',
    answers: { 200: { says: 'How many were set aside', schema: z.object({ setAside: z.int() }) } },
    async handle({ id }) {
      if (!(await workshop.presses.find(id))) return refuseMissing('press')
      return { setAside: await setAside(workshop, { pressId: id }, true) }
    },
  }),
]
