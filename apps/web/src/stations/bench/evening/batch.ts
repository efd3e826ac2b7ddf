import { type EveningAnswer, type JobRow, runInHandOf } from '@bold-heron/schema'
import type { Taking } from '../../../data/claims.js'
import type { EveningBatch } from '../session.js'

/** The runs that an evening's plan begins a press's queue with, as the Bench takes them up. */
export const batchOf = (eveningId: string, plan: EveningAnswer, batchId: string): EveningBatch | undefined => {
  for (const { pressId, personId, runs } of plan.queues) {
    const run = runs.find((each) => each.batchId === batchId)
    if (!run) continue
    return {
      eveningId,
      batchId,
      pressId,
      person: plan.names[personId] ?? '',
      jobIds: run.jobIds,
      names: run.jobIds.map((id) => plan.names[id] ?? ''),
      copies: run.copies,
      piecesEach: run.piecesEach,
      pieces: run.pieces,
      runs: run.option.runs,
      sheetCount: run.option.sheetCount,
      stack: run.option.stack,
      inPress: run.inPress,
    }
  }
  return undefined
}

/** The same runs as they are taken, with the plates that lie in the press meanwhile. */
export const takingOf = ({ eveningId, batchId, pressId, stack }: EveningBatch): Taking => ({
  eveningId,
  batchId,
  pressId,
  plateIds: stack.flatMap((layer) => (layer.is === 'plate' ? [layer.plateId] : [])),
})

/** A job as an evening presses it: with the dies of all that goes through together, in the stack and on the press of its plan. */
export const jobOfBatch = (job: JobRow, others: readonly JobRow[], batch: EveningBatch): JobRow => {
  const dieIds = batch.jobIds.flatMap((id, at) => {
    const its = id === job.id ? job : others.find((each) => each.id === id)
    return its ? Array.from({ length: batch.copies[at] ?? 1 }, () => runInHandOf(its).dieIds).flat() : []
  })
  return {
    ...job,
    runs: job.runs.map((run, at) =>
      at === job.runInHand
        ? {
            ...run,
            pressId: batch.pressId,
            dieIds,
            sheetCount: batch.sheetCount,
            layers: batch.stack,
            cutFrom: null,
          }
        : run,
    ),
  }
}
