import { plateIdOf } from '../layers/leaves.js'
import type { Plate } from '../layers/plate.js'
import type { LaidPlate } from '../layers/stack-changes.js'

/** Runs as they stand in the queues: when, and with which plates. */
interface TimedRuns {
  readonly fromMin: number
  readonly toMin: number
  readonly option: { readonly plates: readonly LaidPlate[] }
}

/** Queues of presses that go on side by side. */
export interface TimedQueues {
  readonly queues: readonly { readonly pressId: string; readonly runs: readonly TimedRuns[] }[]
}

/** A plate that several presses would have in them at the same time, though the shelf has not so many of it. */
export interface PlateAtOnce {
  readonly plateId: string
  readonly pressIds: readonly string[]
  /** When that begins first, minutes from the beginning. */
  readonly fromMin: number
}

const piecesIn = ({ option }: TimedRuns): Map<string, number> => {
  const pieces = new Map<string, number>()
  for (const { plateId } of option.plates) pieces.set(plateIdOf(plateId), (pieces.get(plateIdOf(plateId)) ?? 0) + 1)
  return pieces
}

/** How many pieces of a plate lie in a press at the most. */
export const mostPieces = ({ queues }: TimedQueues, pressId: string, plateId: string): number =>
  Math.max(
    0,
    ...queues
      .filter((queue) => queue.pressId === pressId)
      .flatMap(({ runs }) => runs.map((run) => piecesIn(run).get(plateId) ?? 0)),
  )

/** The plates that would have to be in several presses at once, the first of them first. */
export const platesAtOnce = ({ queues }: TimedQueues, shelf: readonly Plate[]): PlateAtOnce[] => {
  const counts = new Map(shelf.map(({ id, count }) => [plateIdOf(id), count]))
  const runs = queues.flatMap(({ pressId, runs: its }) => its.map((run) => ({ pressId, run, pieces: piecesIn(run) })))
  const found = new Map<string, { pressIds: Set<string>; fromMin: number }>()
  for (const { run: beginning } of runs) {
    const { fromMin } = beginning
    const going = runs.filter(({ run }) => run.fromMin <= fromMin && fromMin < run.toMin)
    for (const [plateId, count] of counts) {
      const its = going.filter(({ pieces }) => pieces.has(plateId))
      const wanted = its.reduce((sum, { pieces }) => sum + (pieces.get(plateId) ?? 0), 0)
      const pressIds = new Set(its.map(({ pressId }) => pressId))
      if (wanted <= count || pressIds.size < 2) continue
      const known = found.get(plateId)
      found.set(plateId, {
        pressIds: new Set([...(known?.pressIds ?? []), ...pressIds]),
        fromMin: Math.min(known?.fromMin ?? Infinity, fromMin),
      })
    }
  }
  return [...found]
    .map(([plateId, { pressIds, fromMin }]) => ({ plateId, pressIds: [...pressIds], fromMin }))
    .sort((a, b) => a.fromMin - b.fromMin)
}

/** Of some plates, as many as a press may have; `atMost` says for which that is fewer than there are, by the shelf's own id. */
export const sharedOut = (
  plates: readonly Plate[],
  atMost: Readonly<Record<string, number>> | undefined,
): readonly Plate[] =>
  atMost
    ? plates.flatMap((plate) => {
        const count = Math.min(plate.count, atMost[plateIdOf(plate.id)] ?? Infinity)
        return count > 0 ? [count === plate.count ? plate : { ...plate, count }] : []
      })
    : plates
