import type { JobRow } from '@bold-heron/schema'

/** A job, and the place in the order that it is to have. */
export interface Ranked {
  readonly job: JobRow
  readonly rank: number
}

/**
 * What is to be saved so that the job at `from` comes to stand at `to`: everything down to there gets its place in the order, and so do those
 * below that had one; the others stay without, as they come after these anyway.
 */
export const reordered = (jobs: readonly JobRow[], from: number, to: number): Ranked[] => {
  const moved = jobs[from]
  if (!moved || from === to) return []
  const others = jobs.filter((job) => job !== moved)
  const ordered = [...others.slice(0, to), moved, ...others.slice(to)]
  return ordered.flatMap((job, at): Ranked[] => {
    const rank = at + 1
    const needsOne = at <= Math.max(from, to) || job.rank !== null
    return needsOne && job.rank !== rank ? [{ job, rank }] : []
  })
}
