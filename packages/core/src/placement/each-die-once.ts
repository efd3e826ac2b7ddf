import type { Die } from '../dies/die.js'
import { freshId } from './edits.js'
import type { LaidDie, PlacedRun, Placement } from './placed-run.js'

type DieOf = (id: string) => Die | undefined

/** How many of a die there are; one unless it is told otherwise. */
const ownedOf = (die: Die | undefined): number => die?.owned ?? 1

/** A die that one run lays more often than it is owned. */
export interface LaidTooOften {
  readonly dieId: string
  readonly count: number
  readonly owned: number
}

/** The dies that a run lays more often than there are of them. */
export const laidTooOften = ({ dies }: PlacedRun, dieOf: DieOf): LaidTooOften[] => {
  const counts = new Map<string, number>()
  for (const { dieId } of dies) counts.set(dieId, (counts.get(dieId) ?? 0) + 1)
  return [...counts].flatMap(([dieId, count]) => {
    const owned = ownedOf(dieOf(dieId))
    return count > owned ? [{ dieId, count, owned }] : []
  })
}

/** A run's dies dealt out to as many runs as it takes, the first of each die first. */
const dealt = (run: PlacedRun, dieOf: DieOf): LaidDie[][] => {
  const laidBefore = new Map<string, number>()
  const runs: LaidDie[][] = []
  for (const laid of run.dies) {
    const before = laidBefore.get(laid.dieId) ?? 0
    laidBefore.set(laid.dieId, before + 1)
    const at = Math.floor(before / ownedOf(dieOf(laid.dieId)))
    ;(runs[at] ??= []).push(laid)
  }
  return runs
}

/**
 * Parts runs that lay a die more often than it is owned: what is left of them is pressed in runs right after, each die where it lies. `nameOf`
 * names a run by its number.
 */
export const eachDieOnce = (placement: Placement, dieOf: DieOf, nameOf: (count: number) => string): Placement => {
  let now = { ...placement, runs: [] as readonly PlacedRun[] }
  let runInHand = 0
  placement.runs.forEach((run, at) => {
    if (at === placement.runInHand) runInHand = now.runs.length
    const [first, ...others] = laidTooOften(run, dieOf).length > 0 ? dealt(run, dieOf) : [[...run.dies]]
    now = { ...now, runs: [...now.runs, { ...run, dies: first ?? [] }] }
    for (const dies of others) {
      const id = freshId({ ...placement, runs: [...placement.runs, ...now.runs] }, 'run')
      now = { ...now, runs: [...now.runs, { ...run, id, name: nameOf(now.runs.length + 1), dies }] }
    }
  })
  return { ...now, runInHand }
}

/** A place that a die takes in a later run of the same row: its side is pencilled before the first of them is pressed. */
export interface SideMark {
  readonly laid: LaidDie
  /** The run that the die comes again in, by its place. */
  readonly inRun: number
}

const sameRow = (one: PlacedRun, other: PlacedRun): boolean =>
  one.region === other.region && JSON.stringify(one.line) === JSON.stringify(other.line) && one.face === other.face

/** The places whose sides are pencilled before a run: where one of its dies comes again in a later one of the same row. */
export const marksBefore = (runs: readonly PlacedRun[], at: number): SideMark[] => {
  const own = runs[at]
  if (!own) return []
  return runs.flatMap((run, inRun) =>
    inRun > at && sameRow(own, run)
      ? run.dies.flatMap((laid) => (own.dies.some(({ dieId }) => dieId === laid.dieId) ? [{ laid, inRun }] : []))
      : [],
  )
}

/** Whether a die of a run lies where its side was pencilled before an earlier run of the same row. */
export const isMarked = (runs: readonly PlacedRun[], at: number, { dieId }: LaidDie): boolean => {
  const own = runs[at]
  return (
    own !== undefined &&
    runs.slice(0, at).some((run) => sameRow(own, run) && run.dies.some((die) => die.dieId === dieId))
  )
}
