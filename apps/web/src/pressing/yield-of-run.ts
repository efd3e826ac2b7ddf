import { type CutContext, type Yield, yieldOf } from '@bold-heron/core'
import { type JobRow, runInHandOf } from '@bold-heron/schema'

/** What is pressed: as much of it as says how many pieces come out. */
interface Of {
  readonly dies: CutContext['dies']
  readonly sheet: Pick<CutContext['sheet'], 'parts'>
}

/** What the run in hand gives where all of it comes out: of what is laid out on a card, or along a strip, a piece a sheet. */
export const yieldOfRun = (job: JobRow, { dies, sheet }: Of): Yield => {
  const run = runInHandOf(job)
  return job.card !== null || run.border !== null
    ? { pieces: run.sheetCount, mirrored: 0 }
    : yieldOf(dies, sheet, run.sheetCount)
}
