import type { ByHand, ComparedBlock, Fitting, PlacedPlan, Placement } from '@bold-heron/core'
import { type PlaceRequest, placeRequest } from '@bold-heron/schema'
import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useDeferredValue, useMemo } from 'react'
import { knowDies, placeWorker } from '../workers/place.js'
import type { PlacementView } from '../workers/view-of.js'
import { longWork, planner } from '../workers/planner.js'
import { ask } from './client.js'
import { useLengthStyle } from './house-rules.js'
import { byHandKey, comparedBlocksKey, placedPlanKey, placementViewKey, withoutPicture } from './placing-keys.js'

const caliperOf = (things: PlaceRequest | undefined): number => things?.request.cut.sheet.caliper.valueMm ?? 0

/** Everything Place needs for a job. */
export const usePlaceRequest = (jobId: string | undefined) =>
  useQuery({
    queryKey: ['plan', jobId, 'place-request'],
    queryFn: async ({ signal }) => {
      const things = await ask(`/api/jobs/${jobId}/place-request`, placeRequest, { signal })
      await knowDies(things.dies)
      return things
    },
    enabled: jobId !== undefined,
    // The worker goes by these dies; they are asked for anew when Place is opened.
    refetchOnWindowFocus: false,
  })

/** How a placement reads, worked out in the worker while it is being changed. */
export const usePlacementView = (things: PlaceRequest | undefined, placement: Placement, fitting: Fitting) => {
  const bare = useMemo(() => withoutPicture(placement), [placement])
  const asked = useDeferredValue(bare)
  return useQuery<PlacementView>({
    queryKey: placementViewKey(things, asked, fitting),
    queryFn: () => placeWorker().read(asked, caliperOf(things), fitting),
    enabled: things !== undefined,
    placeholderData: keepPreviousData,
    staleTime: Infinity,
    gcTime: 10_000,
    retry: false,
  })
}

/** What laying a placement by a ruler does to it. */
export const useByHand = (things: PlaceRequest | undefined, placement: Placement) => {
  const style = useLengthStyle()
  const bare = useMemo(() => withoutPicture(placement), [placement])
  return useQuery<ByHand>({
    queryKey: byHandKey(things, bare, style.unit),
    queryFn: () => placeWorker().byHand(bare, caliperOf(things), style),
    enabled: things !== undefined,
    staleTime: Infinity,
    gcTime: 10_000,
    retry: false,
  })
}

/** Every block of the shelf tried for the run in hand; asked for only while `wanted`. */
export const useComparedBlocks = (things: PlaceRequest, placement: Placement, wanted: boolean) => {
  const asked = withoutPicture(placement)
  const { request, dies, sheets } = things
  return useQuery<ComparedBlock[]>({
    queryKey: comparedBlocksKey(things, asked),
    queryFn: ({ signal }) =>
      longWork((task, onProgress) => planner().compareBlocks(task, request, asked, { dies, sheets }, onProgress), {
        signal,
      }),
    enabled: wanted,
    placeholderData: keepPreviousData,
    staleTime: Infinity,
    gcTime: 60_000,
    retry: false,
  })
}

/** The plan of the run in hand with the press simulated; asked for only while `wanted`. */
export const usePlacedPlan = (things: PlaceRequest, placement: Placement, wanted: boolean) => {
  const asked = withoutPicture(placement)
  const { request, dies, sheets } = things
  return useQuery<PlacedPlan>({
    queryKey: placedPlanKey(things, asked),
    queryFn: ({ signal }) =>
      longWork((task, onProgress) => planner().planPlaced(task, request, asked, { dies, sheets }, onProgress), {
        signal,
      }),
    enabled: wanted,
    placeholderData: keepPreviousData,
    staleTime: Infinity,
    gcTime: 60_000,
    retry: false,
  })
}
