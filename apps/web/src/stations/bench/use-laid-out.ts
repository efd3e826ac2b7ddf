import type { Placement } from '@bold-heron/core'
import { type JobRow, runInHandOf } from '@bold-heron/schema'
import { useByHand, usePlaceRequest, usePlacementView } from '../../data/placing.js'

/** The card of a job as it was laid out in Place: drawn, and checked for being laid by a ruler. */
export const useLaidOut = (job: JobRow, placement: Placement) => {
  const things = usePlaceRequest(job.id).data
  const fitting = {
    throatMm: things?.request.cut.press.throatMm ?? 0,
    blade: runInHandOf(job).bladeSide,
    plates: things?.request.shelf ?? [],
  }
  return {
    view: usePlacementView(things, placement, fitting).data,
    byHand: useByHand(things, placement).data,
    dieOf: (id: string) => things?.dies.find((die) => die.id === id),
  }
}
