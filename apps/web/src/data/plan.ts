import {
  type Assessment,
  type ComparedBlock,
  keyOfStack,
  type Plan,
  type PlanRequest,
  type Press,
  type Stack,
  type Suggestion,
  type TrialAdvice,
  type TriedRound,
} from '@bold-heron/core'
import { type PlanQuestion, planRequest } from '@bold-heron/schema'
import { keepPreviousData, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { longWork, planner } from '../workers/planner.js'
import { ask } from './client.js'
import { editionOf } from './editions.js'
import type * as FromBundle from './from-bundle.js'
import { orWhenAway } from './when-away.js'

/** What was worked out in a worker stays true for as long as what it was worked out from. */
export const forGood = { staleTime: Infinity, gcTime: 60_000, retry: false } as const
/** First part of the keys of what was worked out; a change of the shelf makes stale what it is worked out from, not this. */
export const WORKED_OUT = 'worked-out'

/** An answer of the server's; where it cannot be reached, one out of the workshop that this device took along. */
const orTakenAlong = (
  asked: Promise<PlanRequest>,
  from: (bundle: typeof FromBundle) => Promise<PlanRequest | undefined>,
): Promise<PlanRequest> => orWhenAway(asked, async () => from(await import('./from-bundle.js')))

/** How far the simulated plan is. */
export interface PlanProgress {
  readonly share: number
  readonly isRunning: boolean
  stop(): void
  start(): void
}

/** Everything the planner needs for a job. */
const useRequest = (jobId: string) =>
  useQuery({
    queryKey: ['plan', jobId, 'request'],
    queryFn: ({ signal }) =>
      orTakenAlong(ask(`/api/jobs/${jobId}/plan-request`, planRequest, { signal }), ({ requestOfJobFromBundle }) =>
        requestOfJobFromBundle(jobId),
      ),
    placeholderData: (previous, query) => (query?.queryKey[1] === jobId ? previous : undefined),
  })

/** What is planned, as it is asked for; its name tells one question from another. */
interface Asked {
  readonly name: string
  readonly request: ReturnType<typeof useRequest>
}

/** The plan of something that is asked for, worked out in a worker: first by rules of thumb, at once; then with the press simulated. */
const usePlanOf = ({ name, request }: Asked) => {
  const client = useQueryClient()
  const [share, setShare] = useState(0)
  const edition = editionOf(request.data)
  const input = request.data as PlanRequest
  const quick = useQuery<Plan>({
    queryKey: [WORKED_OUT, name, 'quick', edition],
    queryFn: () => planner().quickPlan(input),
    enabled: request.data !== undefined,
    ...forGood,
  })
  const simulatedKey = [WORKED_OUT, name, 'simulated', edition]
  const simulated = useQuery<Plan>({
    queryKey: simulatedKey,
    queryFn: ({ signal }) => {
      setShare(0)
      return longWork((task, onProgress) => planner().plan(task, input, onProgress), { signal, onProgress: setShare })
    },
    enabled: request.data !== undefined,
    placeholderData: (previous, query) => (query?.queryKey[1] === name ? previous : undefined),
    ...forGood,
  })
  const isNew = simulated.data !== undefined && !simulated.isPlaceholderData
  const progress: PlanProgress = {
    share,
    isRunning: simulated.isFetching,
    stop: () => void client.cancelQueries({ queryKey: simulatedKey }),
    start: () => void simulated.refetch(),
  }
  return {
    request,
    plan: isNew ? simulated.data : (quick.data ?? simulated.data),
    failed: simulated.error ?? quick.error,
    progress,
  }
}

/** The plan of a job. What was planned before stays in view until there is something newer. */
export const usePlan = (jobId: string) => usePlanOf({ name: jobId, request: useRequest(jobId) })

/** Everything the planner needs for something that no job is made of. */
const useAskedRequest = (question: PlanQuestion | undefined) =>
  useQuery({
    queryKey: ['plan', 'asked', question ?? null],
    queryFn: ({ signal }) =>
      orTakenAlong(
        ask('/api/plan-requests', planRequest, { signal, method: 'POST', body: question }),
        ({ requestFromBundle }) => requestFromBundle(question as PlanQuestion),
      ),
    enabled: question !== undefined,
  })

/** The plan of something that no job is made of; none while nothing is asked. */
export const useAskedPlan = (question: PlanQuestion | undefined) =>
  usePlanOf({ name: JSON.stringify(question), request: useAskedRequest(question) })

/** Every block of the shelf under half of a die, worked out in the worker. */
export const useBlockRow = (question: PlanQuestion) => {
  const request = useAskedRequest(question)
  const row = useQuery<ComparedBlock[]>({
    queryKey: [WORKED_OUT, 'block-row', editionOf(request.data)],
    queryFn: ({ signal }) =>
      longWork((task, onProgress) => planner().blockRow(task, request.data as PlanRequest, onProgress), { signal }),
    enabled: request.data !== undefined,
    ...forGood,
  })
  return { data: row.data, error: request.error ?? row.error, refetch: () => (request.error ? request : row).refetch() }
}

const roundsKey = (rounds: readonly TriedRound[] | undefined) =>
  rounds?.map(({ stack, look }) => [keyOfStack(stack), look])

/** What there is to say of a stack built by hand, after rounds that the request does not know of; undefined while no stack is given. */
export const useAssessment = (
  jobId: string,
  request: PlanRequest | undefined,
  stack: Stack | undefined,
  rounds: readonly TriedRound[] = [],
) =>
  useQuery<Assessment>({
    queryKey: [
      WORKED_OUT,
      jobId,
      'assessment',
      editionOf(request),
      stack ? keyOfStack(stack) : undefined,
      roundsKey(rounds),
    ],
    queryFn: () => planner().assess(request as PlanRequest, stack as Stack, rounds),
    enabled: request !== undefined && stack !== undefined,
    placeholderData: keepPreviousData,
    ...forGood,
  })

/** What would make a stack cut better, each simulated. */
export const useSuggestions = (jobId: string, request: PlanRequest, assessment: Assessment) =>
  useQuery<Suggestion[]>({
    queryKey: [WORKED_OUT, jobId, 'suggestions', editionOf(request), keyOfStack(assessment.stack)],
    queryFn: ({ signal }) =>
      longWork((task, onProgress) => planner().suggest(task, request, assessment, onProgress), { signal }),
    enabled: assessment.prediction !== undefined,
    ...forGood,
  })

/**
 * What the planner needs for a session at the Bench: asked once and kept, as the session learns by itself from there on and may
 * have to do without the server. The session's own runs are left out of what is learnt.
 */
export const useBenchRequest = (
  jobId: string,
  ownRuns: readonly string[],
  /** Where what is pressed is not just the job's run in hand. */
  question?: PlanQuestion,
) =>
  useQuery({
    queryKey: ['bench', jobId, 'request', ...ownRuns, question ?? null],
    queryFn: ({ signal }) => {
      const except = `except=${ownRuns.join(',')}`
      return orTakenAlong(
        question
          ? ask(`/api/plan-requests?${except}`, planRequest, { signal, method: 'POST', body: question })
          : ask(`/api/jobs/${jobId}/plan-request?${except}`, planRequest, { signal }),
        ({ requestFromBundle, requestOfJobFromBundle }) =>
          question ? requestFromBundle(question, { exceptRuns: ownRuns }) : requestOfJobFromBundle(jobId, ownRuns),
      )
    },
    staleTime: Infinity,
    gcTime: 0,
    refetchOnWindowFocus: false,
    refetchOnReconnect: false,
  })

/** What to try after the rounds of a trial so far; undefined rounds ask for nothing. */
export const useTrialAdvice = (
  jobId: string,
  request: PlanRequest | undefined,
  rounds: readonly TriedRound[] | undefined,
) =>
  useQuery<TrialAdvice>({
    queryKey: [WORKED_OUT, jobId, 'advice', editionOf(request), roundsKey(rounds)],
    queryFn: ({ signal }) =>
      longWork(
        (task, onProgress) =>
          planner().advise(task, request as PlanRequest, rounds as readonly TriedRound[], onProgress),
        { signal },
      ),
    enabled: request !== undefined && rounds !== undefined,
    ...forGood,
  })

/** The gap of a press as its known-good stacks tell it. */
export const useGap = (press: Press | undefined) =>
  useQuery({
    queryKey: [WORKED_OUT, 'gap', press],
    queryFn: () => planner().gapOf(press as Press),
    enabled: press !== undefined,
    placeholderData: keepPreviousData,
    ...forGood,
  })
