import { plateIdOf } from '../layers/leaves.js'
import type { Plate } from '../layers/plate.js'
import type { LaidPlate } from '../layers/stack-changes.js'
import type { EveningJob } from './evening-request.js'

/** Runs as they stand in the queues: when, with which plates, and of which jobs with their dies how often. */
interface TimedRuns {
  readonly fromMin: number
  readonly toMin: number
  readonly option: { readonly plates: readonly LaidPlate[] }
  readonly jobIds: readonly string[]
  readonly copies: readonly number[]
}

/** Queues of presses that go on side by side. */
export interface TimedQueues {
  readonly queues: readonly { readonly pressId: string; readonly runs: readonly TimedRuns[] }[]
}

/** A thing that several presses would have in them at the same time, though there are not so many of it. */
interface ThingAtOnce {
  readonly pressIds: readonly string[]
  /** When that begins first, minutes from the beginning. */
  readonly fromMin: number
}
export interface PlateAtOnce extends ThingAtOnce {
  readonly plateId: string
}
export interface DieAtOnce extends ThingAtOnce {
  readonly dieId: string
}

type Pieces = ReadonlyMap<string, number>

const piecesIn = ({ option }: TimedRuns): Pieces => {
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

/** The things of which presses would have more at once than there are, the first of them first. */
const thingsAtOnce = (
  { queues }: TimedQueues,
  counts: Pieces,
  usedIn: (run: TimedRuns) => Pieces,
): (ThingAtOnce & { readonly id: string })[] => {
  const runs = queues.flatMap(({ pressId, runs: its }) => its.map((run) => ({ pressId, run, used: usedIn(run) })))
  const found = new Map<string, { pressIds: Set<string>; fromMin: number }>()
  for (const { run: beginning } of runs) {
    const { fromMin } = beginning
    const going = runs.filter(({ run }) => run.fromMin <= fromMin && fromMin < run.toMin)
    for (const [id, count] of counts) {
      const its = going.filter(({ used }) => used.has(id))
      const wanted = its.reduce((sum, { used }) => sum + (used.get(id) ?? 0), 0)
      const pressIds = new Set(its.map(({ pressId }) => pressId))
      if (wanted <= count || pressIds.size < 2) continue
      const known = found.get(id)
      found.set(id, {
        pressIds: new Set([...(known?.pressIds ?? []), ...pressIds]),
        fromMin: Math.min(known?.fromMin ?? Infinity, fromMin),
      })
    }
  }
  return [...found]
    .map(([id, { pressIds, fromMin }]) => ({ id, pressIds: [...pressIds], fromMin }))
    .sort((a, b) => a.fromMin - b.fromMin)
}

/** The plates that would have to be in several presses at once, the first of them first. */
export const platesAtOnce = (queues: TimedQueues, shelf: readonly Plate[]): PlateAtOnce[] =>
  thingsAtOnce(queues, new Map(shelf.map(({ id, count }) => [plateIdOf(id), count])), piecesIn).map(
    ({ id, ...when }) => ({ plateId: id, ...when }),
  )

/** The dies that would have to be in several presses at once; there are as many of one as are owned, or as a job says that it lays side by side. */
export const diesAtOnce = (queues: TimedQueues, jobs: readonly EveningJob[]): DieAtOnce[] => {
  const byId = new Map(jobs.map((job) => [job.id, job]))
  const owned = new Map<string, number>()
  for (const { dies, copies } of jobs)
    for (const { id, owned: its = 1 } of dies) owned.set(id, Math.max(owned.get(id) ?? 1, its, copies))
  const diesIn = ({ jobIds, copies }: TimedRuns): Pieces => {
    const used = new Map<string, number>()
    for (const [at, jobId] of jobIds.entries())
      for (const { id } of byId.get(jobId)?.dies ?? []) used.set(id, (used.get(id) ?? 0) + (copies[at] ?? 1))
    return used
  }
  return thingsAtOnce(queues, owned, diesIn).map(({ id, ...when }) => ({ dieId: id, ...when }))
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
