import type { Assessment, Round } from '@bold-heron/core'
import {
  type JobRow,
  layersOfRun,
  placementOf,
  pressIdOf,
  type PressRun,
  roundedMm,
  type RunInput,
} from '@bold-heron/schema'

/** What came of pressing. */
export interface PressedOutcome {
  readonly rounds: readonly (Round & Pick<RunInput['rounds'][number], 'remedy'>)[]
  readonly pieces: number
  readonly spoilt: number
  readonly note: string
  readonly at: Date
  /** When it was begun, and when the last look was told; undefined where it is written down afterwards. */
  readonly from?: string | undefined
  readonly until?: string | undefined
  /** How the joins of a border came out. */
  readonly joins?: RunInput['joins']
  /** Who pressed it, where several do. */
  readonly byWhom?: string | undefined
  /** Pieces that came out of it for other jobs, whose dies lay beside. */
  readonly also?: RunInput['also'] | undefined
}

/** Where the things of a run lay: its own lay-out on the card, without what the card looks like. */
const placeOf = (job: JobRow, run: PressRun): RunInput['placement'] => {
  const placement = placementOf(job, run)
  const own = placement?.runs[placement.runInHand]
  return placement && own ? { card: placement.card, runs: [own], runInHand: 0, waste: [], keep: [], motif: null } : null
}

/** A pressing of a job's run with a stack, as it goes into the log: with names and thicknesses as they were. */
export const runOf = (
  job: JobRow,
  run: PressRun,
  { ledger }: Pick<Assessment, 'ledger'>,
  outcome: PressedOutcome,
): RunInput => ({
  jobId: job.id,
  pressRunId: run.id,
  technique: run.technique,
  region: run.region,
  shows: run.shows,
  finishes: run.finishes,
  pressId: pressIdOf(job, run),
  dieIds: run.dieIds,
  sheetId: run.sheetId,
  sheetCount: run.sheetCount,
  bladeSide: run.bladeSide,
  at: outcome.at.toISOString(),
  beganAt: outcome.from ?? null,
  endedAt: outcome.until ?? null,
  layers: layersOfRun(ledger),
  squeezeMm: roundedMm(ledger.squeezeMm),
  rounds: outcome.rounds.map((round) => ({ ...round })),
  followsRunId: null,
  setAside: false,
  pieces: outcome.pieces,
  spoilt: outcome.spoilt,
  byWhom: outcome.byWhom ?? '',
  note: outcome.note,
  placement: placeOf(job, run),
  joins: outcome.joins ?? null,
  cutFrom: run.cutFrom,
  waxedPaper: run.waxedPaper,
  keepsCounters: run.keepsCounters,
  cutToSize: run.cutToSize,
  also: [...(outcome.also ?? [])],
})
