import type { ByHand, ComparedBlock, Fitting, PlacedPlan, Placement } from '@bold-heron/core'
import { type PlaceRequest, placeRequest } from '@bold-heron/schema'
import { keepPreviousData, type QueryKey, useQuery } from '@tanstack/react-query'
import { useDeferredValue, useMemo } from 'react'
import { knowDies, placeWorker } from '../workers/place.js'
import type { PlannerWorker } from '../workers/planner.worker.js'
import type { PlacementView } from '../workers/view-of.js'
import { longWork, planner } from '../workers/planner.js'
import { ask } from './client.js'
import { useLengthStyle } from './house-rules.js'
import { forGood } from './plan.js'
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

/** What the planner works out of a placement's run in hand; asked for only while `wanted`. */
const usePlacedWork = <Made>(
  { things, placement, wanted }: { things: PlaceRequest; placement: Placement; wanted: boolean },
  keyOf: (things: PlaceRequest, placement: Placement) => QueryKey,
  start: (...given: Parameters<PlannerWorker['planPlaced']>) => Promise<Made | undefined>,
) => {
  const asked = withoutPicture(placement)
  const { request, dies, sheets } = things
  return useQuery<Made>({
    queryKey: keyOf(things, asked),
    queryFn: ({ signal }) =>
      longWork((task, onProgress) => start(task, request, asked, { dies, sheets }, onProgress), { signal }),
    enabled: wanted,
    placeholderData: keepPreviousData,
    ...forGood,
  })
}

/** Every block of the shelf tried for the run in hand; asked for only while `wanted`. */
export const useComparedBlocks = (things: PlaceRequest, placement: Placement, wanted: boolean) =>
  usePlacedWork<ComparedBlock[]>({ things, placement, wanted }, comparedBlocksKey, (...given) =>
    planner().compareBlocks(...given),
  )

/** The plan of the run in hand with the press simulated; asked for only while `wanted`. */
export const usePlacedPlan = (things: PlaceRequest, placement: Placement, wanted: boolean) =>
  usePlacedWork<PlacedPlan>({ things, placement, wanted }, placedPlanKey, (...given) => planner().planPlaced(...given))
