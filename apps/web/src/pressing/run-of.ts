import type { Assessment, Layer, Round } from '@bold-heron/core'
import type { JobRow, RunInput } from '@bold-heron/schema'

/** mm. The log keeps thicknesses to the micrometre, finer than any reading. */
const rounded = (mm: number): number => Math.round(mm * 1000) / 1000

const nameOf = (layer: Layer): string =>
  layer.is === 'plate'
    ? layer.plate.name
    : layer.is === 'dies'
      ? layer.dies
          .map((die) => die.name)
          .join(', ')
          .slice(0, 120)
      : layer.sheet.name

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
  layers: ledger.lines.map(({ layer, thickness }) => ({
    is: layer.is,
    plateId: layer.is === 'plate' ? layer.plate.id : null,
    name: nameOf(layer),
    thicknessMm: rounded(thickness.valueMm),
    lie: layer.is === 'plate' ? (layer.plate.lie ?? null) : null,
  })),
  squeezeMm: rounded(ledger.squeezeMm),
  rounds: outcome.rounds.map((round) => ({ ...round })),
  followsRunId: null,
  setAside: false,
  pieces: outcome.pieces,
  note: outcome.note,
})
