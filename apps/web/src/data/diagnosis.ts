import {
  type Answers,
  type Diagnosis,
  type HelpedBy,
  keyOfStack,
  type PlanRequest,
  type ToldRound,
} from '@bold-heron/core'
import { type HelpedAnswer, helpedAnswer, type PointedOutInput, runRow } from '@bold-heron/schema'
import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { longWork, planner } from '../workers/planner.js'
import { ask } from './client.js'
import { editionOf } from './editions.js'
import { forGood, WORKED_OUT } from './plan.js'

const KEY = ['causes']

/** What helped in this workshop before. */
export const useHelped = () =>
  useQuery({ queryKey: KEY, queryFn: ({ signal }) => ask('/api/causes', helpedAnswer, { signal }) })

/** Forgets what helped. */
export const useSetBackHelped = () => {
  const client = useQueryClient()
  return useMutation({
    mutationFn: () => ask('/api/causes/set-back', helpedAnswer, { method: 'POST' }),
    onSuccess: (now) => client.setQueryData(KEY, now),
  })
}

const helpedBy = (helped: HelpedAnswer | undefined): HelpedBy =>
  Object.fromEntries((helped?.causes ?? []).map(({ cause, ...counts }) => [cause, counts]))

/** What went wrong in rounds that were told, with the answers so far; undefined rounds ask for nothing. */
export const useDiagnosis = (
  name: string,
  request: PlanRequest | undefined,
  rounds: readonly ToldRound[],
  answers: Answers,
  helped: HelpedAnswer | undefined,
) =>
  useQuery<Diagnosis>({
    queryKey: [
      WORKED_OUT,
      name,
      'diagnosis',
      editionOf(request),
      rounds.map(({ stack, ...told }) => [keyOfStack(stack), told]),
      answers,
      helped?.causes,
    ],
    queryFn: ({ signal }) =>
      longWork(
        (task, onProgress) =>
          planner().diagnose(task, request as PlanRequest, rounds, answers, helpedBy(helped), onProgress),
        { signal },
      ),
    enabled: request !== undefined && rounds.length > 0 && helped !== undefined,
    placeholderData: keepPreviousData,
    ...forGood,
  })

/** Notes where a round of a logged run hung. */
export const usePointOut = (runId: string) => {
  const client = useQueryClient()
  return useMutation({
    mutationFn: (input: PointedOutInput) =>
      ask(`/api/runs/${runId}/pointed-out`, runRow, { method: 'PUT', body: input }),
    onSuccess: () => client.invalidateQueries({ queryKey: ['runs'] }),
  })
}
