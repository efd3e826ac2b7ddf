import { type Answers, type Diagnosis, keyOfStack, type PlanRequest, type ToldRound } from '@bold-heron/core'
import { type PointedOutInput, runRow } from '@bold-heron/schema'
import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { longWork, planner } from '../workers/planner.js'
import { ask } from './client.js'
import { editionOf } from './editions.js'

/** What went wrong in rounds that were told, with the answers so far; undefined rounds ask for nothing. */
export const useDiagnosis = (
  name: string,
  request: PlanRequest | undefined,
  rounds: readonly ToldRound[],
  answers: Answers,
) =>
  useQuery<Diagnosis>({
    queryKey: [
      'worked-out',
      name,
      'diagnosis',
      editionOf(request),
      rounds.map(({ stack, ...told }) => [keyOfStack(stack), told]),
      answers,
    ],
    queryFn: ({ signal }) =>
      longWork((task, onProgress) => planner().diagnose(task, request as PlanRequest, rounds, answers, onProgress), {
        signal,
      }),
    enabled: request !== undefined && rounds.length > 0,
    placeholderData: keepPreviousData,
    staleTime: Infinity,
    gcTime: 60_000,
    retry: false,
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
