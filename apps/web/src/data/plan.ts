import type { Assessment, PlanRequest, SqueezeWindow, Stack } from '@bold-heron/core'
import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { planner } from '../workers/planner.js'
import { ask } from './client.js'

/** Everything the planner needs for a job, and the plan it makes of it, worked out in a worker. */
export const usePlan = (jobId: string) => {
  const request = useQuery({
    queryKey: ['plan', jobId, 'request'],
    queryFn: ({ signal }) => ask<PlanRequest>(`/api/jobs/${jobId}/plan-request`, { signal }),
    placeholderData: (previous, query) => (query?.queryKey[1] === jobId ? previous : undefined),
  })
  const plan = useQuery({
    queryKey: ['plan', jobId, 'plan', request.dataUpdatedAt],
    queryFn: () => planner().plan(request.data as PlanRequest),
    enabled: request.data !== undefined,
    placeholderData: (previous, query) => (query?.queryKey[1] === jobId ? previous : undefined),
    staleTime: Infinity,
    gcTime: 60_000,
  })
  return { request, plan }
}

const stackKey = (stack: Stack): string =>
  stack.map((layer) => (layer.is === 'plate' ? layer.plate.id : layer.is)).join(' ')

/** What there is to say of a stack built by hand; undefined while no stack is given. */
export const useAssessment = (
  jobId: string,
  request: PlanRequest | undefined,
  window: SqueezeWindow | undefined,
  stack: Stack | undefined,
  asOf: number,
) =>
  useQuery<Assessment>({
    queryKey: ['plan', jobId, 'assessment', asOf, stack ? stackKey(stack) : undefined],
    queryFn: () => planner().assess(request as PlanRequest, stack as Stack, window as SqueezeWindow),
    enabled: request !== undefined && window !== undefined && stack !== undefined,
    placeholderData: keepPreviousData,
    staleTime: Infinity,
    gcTime: 60_000,
  })
