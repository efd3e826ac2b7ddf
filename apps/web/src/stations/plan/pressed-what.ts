import { type JobRow, pressIdOf, runInHandOf } from '@bold-heron/schema'

/** What a stack changed by hand was changed for: another die, sheet or press wants another. */
export const pressedWhatOf = (job: JobRow): string => {
  const run = runInHandOf(job)
  return `${run.id} ${pressIdOf(job, run)} ${run.dieIds.join(' ')} ${run.sheetId} ${run.sheetCount} ${run.bladeSide}`
}
