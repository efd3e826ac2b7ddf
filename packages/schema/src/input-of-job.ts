import type { JobInput, JobRow } from './job.js'

/** A stored job without what the server adds, to be changed and saved again. */
export const inputOfJob = (job: JobRow): JobInput => ({
  name: job.name,
  state: job.state,
  technique: job.technique,
  pressId: job.pressId,
  dieIds: job.dieIds,
  sheetId: job.sheetId,
  sheetCount: job.sheetCount,
  bladeSide: job.bladeSide,
  wanted: job.wanted,
  layers: job.layers,
  note: job.note,
  placement: job.placement,
})
