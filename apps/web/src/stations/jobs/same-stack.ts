import { keyOfReference } from '@bold-heron/core'
import { type JobRow, pressIdOf, runInHandOf } from '@bold-heron/schema'

/** What two jobs have in common whose plates need not be changed between them: the press, and the very same kept stack. */
const stackKeyOf = (job: JobRow): string | undefined => {
  const run = runInHandOf(job)
  if (run.layers.length === 0) return undefined
  return `${pressIdOf(job, run)} ${keyOfReference(run.layers)}`
}

/** Jobs in their order, those that share a stack with one that comes before drawn up beside it. */
export const withSharedBeside = (jobs: readonly JobRow[]): JobRow[][] => {
  const groups: JobRow[][] = []
  const byKey = new Map<string, JobRow[]>()
  for (const job of jobs) {
    const key = stackKeyOf(job)
    const there = key === undefined ? undefined : byKey.get(key)
    if (there) {
      there.push(job)
      continue
    }
    const group = [job]
    groups.push(group)
    if (key !== undefined) byKey.set(key, group)
  }
  return groups
}
