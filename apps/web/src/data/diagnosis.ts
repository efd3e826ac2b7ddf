import {
  type Answers,
  type Diagnosis,
  type HelpedBy,
  keyOfStack,
  type PlanRequest,
  type RankedCause,
  type ReportedRound,
} from '@bold-heron/core'
import { type HelpedAnswer, helpedAnswer, type PointedOutInput, runRow } from '@bold-heron/schema'
import { keepPreviousData, skipToken, useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { proxy } from 'comlink'
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

/**
 * What went wrong in rounds that were told, with the answers so far; undefined rounds ask for nothing. `first` are the causes as they are
 * ranked a first time, while the rest is still being worked out.
 */
export const useDiagnosis = (
  name: string,
  request: PlanRequest | undefined,
  rounds: readonly ReportedRound[],
  answers: Answers,
  helped: HelpedAnswer | undefined,
) => {
  const client = useQueryClient()
  const queryKey = [
    WORKED_OUT,
    name,
    'diagnosis',
    editionOf(request),
    rounds.map(({ stack, ...told }) => [keyOfStack(stack), told]),
    answers,
    helped?.causes,
  ]
  const firstKey = [...queryKey, 'first']
  const diagnosis = useQuery<Diagnosis>({
    queryKey,
    queryFn: ({ signal }) => {
      const onFirst = proxy((causes: readonly RankedCause[]) => void client.setQueryData(firstKey, causes))
      return longWork(
        (task, onProgress) =>
          planner().diagnose(task, request as PlanRequest, rounds, answers, helpedBy(helped), onFirst, onProgress),
        { signal },
      )
    },
    enabled: request !== undefined && rounds.length > 0 && helped !== undefined,
    placeholderData: keepPreviousData,
    ...forGood,
  })
  const first = useQuery<readonly RankedCause[]>({ queryKey: firstKey, queryFn: skipToken }).data
  return { diagnosis, first }
}

/** Notes where a round of a logged run hung. */
export const usePointOut = (runId: string) => {
  const client = useQueryClient()
  return useMutation({
    mutationFn: (input: PointedOutInput) =>
      ask(`/api/runs/${runId}/pointed-out`, runRow, { method: 'PUT', body: input }),
    onSuccess: () => client.invalidateQueries({ queryKey: ['runs'] }),
  })
}
