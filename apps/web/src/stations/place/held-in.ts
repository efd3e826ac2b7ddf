import { framedBy, holdsBy, type Placement, type Stack } from '@bold-heron/core'
import type { JobRow, PlaceRequest } from '@bold-heron/schema'
import { dieFinder } from './dies-of.js'

/**
 * What keeps the dies of a run where they lie, by the stack that is kept for it; where none is kept yet, the magnet that a frame round a piece
 * prefers, if the shelf has one, else tape.
 */
export const heldIn = (
  job: JobRow,
  things: PlaceRequest,
  placement: Placement,
  at: number,
): ReturnType<typeof holdsBy> => {
  const run = placement.runs[at]
  const { shelf } = things.request
  const dieOf = dieFinder({ things })
  const dies = (run?.dies ?? []).flatMap(({ dieId }) => dieOf(dieId) ?? [])
  const kept = job.runs.find(({ id }) => id === run?.id)?.layers ?? []
  const plates = kept.flatMap((layer): Stack[number][] => {
    const plate = layer.is === 'plate' && shelf.find(({ id }) => id === layer.plateId)
    return layer.is === 'plate' && plate ? [{ is: 'plate', plate, role: layer.role }] : []
  })
  const magnets = shelf
    .filter((plate) => plate.magnetic)
    .map((plate) => ({ is: 'plate', plate, role: 'platform' }) as const)
  const isFrame = kept.length === 0 && framedBy(placement.runs, at, dieOf) !== undefined
  return holdsBy(isFrame ? magnets : plates, { dies })
}
