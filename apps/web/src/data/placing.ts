import type { ByHand, Fitting, PlacedPlan, Placement } from '@bold-heron/core'
import { type PlaceRequest, placeRequest } from '@bold-heron/schema'
import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useDeferredValue, useMemo } from 'react'
import { knowDies, placeWorker } from '../workers/place.js'
import type { PlacementView } from '../workers/place.worker.js'
import { longWork, planner } from '../workers/planner.js'
import { ask } from './client.js'
import { useLengthStyle } from './house-rules.js'

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

/** Pictures are long and change nothing that is computed. */
export const withoutPicture = (placement: Placement): Placement => ({
  ...placement,
  motif: placement.motif && { ...placement.motif, picture: null },
})

/** How a placement reads, worked out in the worker while it is being changed. */
export const usePlacementView = (placement: Placement, caliperMm: number, fitting: Fitting, enabled = true) => {
  const bare = useMemo(() => withoutPicture(placement), [placement])
  const asked = useDeferredValue(bare)
  return useQuery<PlacementView>({
    queryKey: ['worked-out', 'placement', asked, caliperMm, fitting.throatMm, fitting.blade],
    queryFn: () => placeWorker().read(asked, caliperMm, fitting),
    enabled,
    placeholderData: keepPreviousData,
    staleTime: Infinity,
    gcTime: 10_000,
    retry: false,
  })
}

/** What laying a placement by a ruler does to it. */
export const useByHand = (placement: Placement, caliperMm: number, enabled = true) => {
  const style = useLengthStyle()
  const bare = useMemo(() => withoutPicture(placement), [placement])
  return useQuery<ByHand>({
    queryKey: ['worked-out', 'by-hand', bare, caliperMm, style.unit],
    queryFn: () => placeWorker().byHand(bare, caliperMm, style),
    enabled,
    staleTime: Infinity,
    gcTime: 10_000,
    retry: false,
  })
}

/** The plan of the run in hand with the press simulated; asked for only while `wanted`. */
export const usePlacedPlan = ({ request, dies, sheets }: PlaceRequest, placement: Placement, wanted: boolean) => {
  const asked = withoutPicture(placement)
  const { card, runs, runInHand } = asked
  return useQuery<PlacedPlan>({
    queryKey: ['worked-out', 'placed-plan', request.cut.press.id, card, runs[runInHand]],
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
