import type { Assessment, Round } from '@bold-heron/core'
import { type JobRow, layersOfRun, roundedMm, type RunInput } from '@bold-heron/schema'

/** A pressing of a job with a stack, as it goes into the log: with names and thicknesses as they were. */
export const runOf = (
  job: JobRow,
  { ledger }: Pick<Assessment, 'ledger'>,
  outcome: { readonly rounds: readonly Round[]; readonly pieces: number; readonly note: string; readonly at: Date },
): RunInput => ({
  jobId: job.id,
  pressId: job.pressId,
  dieIds: job.dieIds,
  sheetId: job.sheetId,
  sheetCount: job.sheetCount,
  bladeSide: job.bladeSide,
  at: outcome.at.toISOString(),
  layers: layersOfRun(ledger),
  squeezeMm: roundedMm(ledger.squeezeMm),
  rounds: outcome.rounds.map((round) => ({ ...round })),
  followsRunId: null,
  setAside: false,
  pieces: outcome.pieces,
  note: outcome.note,
  // What is logged is where it lay, not what it looked like.
  placement: job.placement && { ...job.placement, motif: null },
})
