import {
  answerOfPressing,
  idField,
  placementOf,
  planQuestion,
  planRequest,
  questionOfRun,
  runInHandOf,
  simulationAnswer,
  simulationFile,
} from '@bold-heron/schema'
import { z } from 'zod'
import { gatherPlanRequest, planRequestIn } from '../../planning/plan-request.js'
import { inSnapshot } from '../../store/transactions.js'
import type { Workshop } from '../../store/workshop.js'
import type { Work } from '../../work/work.js'
import { notThere, refusedFields } from '../answers.js'
import { answerHeavily } from '../heavy-answers.js'
import { refuse } from '../../refusals/refusal.js'
import { route, type Route } from '../route.js'
import { pressingOfRequest } from '../simulation.js'

const requestQuery = z.object({
  except: z.string().optional().meta({ description: 'Runs not to be learnt from, by id, commas between' }),
  run: z.string().optional().meta({ description: 'Which of the job’s press runs; left out, the one in hand' }),
})

/** Plans and simulations, and what the page needs to make them itself. */
export const planRoutes = (workshop: Workshop, work: Work): Route[] => [
  route({
    method: 'post',
    path: '/api/plan-requests',
    for: 'bench',
    summary: 'Everything the planner needs for a cut that is no job of its own',
    query: z.object({ except: requestQuery.shape.except }),
    body: planQuestion,
    answers: { 200: { says: 'The planner’s input', schema: planRequest }, 404: notThere, 422: refusedFields },
    async handle({ body, query }) {
      const exceptRuns = (query.except ?? '').split(',').filter((each) => idField.safeParse(each).success)
      return (await gatherPlanRequest(workshop.sequelize, body, { exceptRuns })) ?? refuse(404, 'plan-things-missing')
    },
  }),
  route({
    method: 'post',
    path: '/api/plans',
    for: 'bench',
    summary: 'Work out the stacks for a cut; with Accept: application/x-ndjson also hear how far it is',
    body: planQuestion,
    answers: {
      200: { says: 'The plan: window, best stack with its ledger, alternatives', schema: z.looseObject({}) },
      404: notThere,
      422: refusedFields,
    },
    async handle({ body, request, response }) {
      const input = await gatherPlanRequest(workshop.sequelize, body)
      if (!input) return refuse(404, 'plan-things-missing')
      await answerHeavily(work, 'plan', input, request, response)
    },
  }),
  route({
    method: 'post',
    path: '/api/simulations',
    for: 'bench',
    summary: 'Press dies in a simulated press; with Accept: application/x-ndjson also hear how far it is',
    body: simulationFile,
    answers: { 200: { says: 'What each pass does', schema: simulationAnswer }, 422: refusedFields },
    async handle({ body, request, response }) {
      await answerHeavily(work, 'simulate', await pressingOfRequest(body, work), request, response, {
        tell: (result) => answerOfPressing(result) ?? refuse(422, 'pass-unsolved'),
      })
    },
  }),
  route({
    method: 'get',
    path: '/api/jobs/{id}/plan-request',
    for: 'bench',
    one: 'job',
    summary: 'Everything the planner needs for a job',
    query: requestQuery,
    answers: { 200: { says: 'The planner’s input', schema: planRequest } },
    async handle({ id, query: { except = '', run: runId } }) {
      const exceptRuns = except.split(',').filter((each) => idField.safeParse(each).success)
      const input = await inSnapshot(workshop.sequelize, async (transaction) => {
        const job = await workshop.jobs.findIn(id, transaction)
        const run = runId === undefined ? job && runInHandOf(job) : job?.runs.find((each) => each.id === runId)
        if (!job || !run) return undefined
        const gathering = { exceptRuns, placement: placementOf(job, run) }
        return planRequestIn(workshop.sequelize, questionOfRun(job, run), transaction, gathering)
      })
      return input ?? refuse(404, 'no-such-press-run')
    },
  }),
]
