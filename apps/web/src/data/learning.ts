import type { GapStory, Learnt, Press } from '@bold-heron/core'
import { dieLearning, type PressLearning, pressLearning } from '@bold-heron/schema'
import { z } from 'zod'
import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { planner } from '../workers/planner.js'
import { ask } from './client.js'
import { editionOf } from './editions.js'

/** How often to look again while the server still learns from runs, ms. */
const LOOK_AGAIN_MS = 1500

/** What has been learnt of a press from its runs. */
export const usePressLearning = (pressId: string) =>
  useQuery({
    queryKey: ['runs', 'learning', pressId],
    queryFn: ({ signal }) => ask(`/api/presses/${pressId}/learning`, pressLearning, { signal }),
    refetchInterval: ({ state }) => ((state.data?.pending ?? 0) > 0 ? LOOK_AGAIN_MS : false),
  })

/** How much more difficult a die is than is usual for it, by its runs. */
export const useDieLearning = (dieId: string) =>
  useQuery({
    queryKey: ['runs', 'learning', 'die', dieId],
    queryFn: ({ signal }) => ask(`/api/dies/${dieId}/learning`, dieLearning, { signal }),
  })

const learntOf = ({ log, pieces, pressRuns, tightestMm }: PressLearning): Learnt => ({
  log,
  pressRuns,
  sheetRuns: 0,
  pieces,
  tightestMm,
})

/** How the gap of a press came to be known. */
export const useGapStory = (press: Press | undefined, learning: PressLearning | undefined) =>
  useQuery<GapStory>({
    queryKey: ['worked-out', 'gap-story', press, editionOf(learning)],
    queryFn: () => planner().gapStory(press as Press, learntOf(learning as PressLearning)),
    enabled: press !== undefined && learning !== undefined,
    placeholderData: keepPreviousData,
    staleTime: Infinity,
    gcTime: 60_000,
  })

/** Sets runs aside as evidence, or takes them back; plans follow. */
export const useSetAside = (pressId: string) => {
  const client = useQueryClient()
  return useMutation({
    mutationFn: (change: { readonly runId: string; readonly setAside: boolean } | 'all') =>
      change === 'all'
        ? ask(`/api/presses/${pressId}/forget`, z.unknown(), { method: 'POST' })
        : ask(`/api/runs/${change.runId}/evidence`, z.unknown(), {
            method: 'PUT',
            body: { setAside: change.setAside },
          }),
    onSuccess: () => Promise.all(['runs', 'plan'].map((key) => client.invalidateQueries({ queryKey: [key] }))),
  })
}
