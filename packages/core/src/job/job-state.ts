/** Where a job stands. */
export const jobStates = ['waiting', 'planned', 'cutting', 'done', 'set-aside'] as const
export type JobState = (typeof jobStates)[number]

/** Whether there is still something to do of a job. */
export const isToDo = (state: JobState): boolean => state !== 'done' && state !== 'set-aside'

/** What the log says of a job: good pieces finished, and how many runs there are. */
export interface Logged {
  readonly cut: number
  readonly runs: number
}

/**
 * Where a job stands after the log has changed from `before` to `now`: done once enough good pieces are finished, under way while
 * there are runs, else as far as it was planned. Set aside it stays; and so does done that was said by hand, until it is pressed again.
 */
export const stateAfterLog = (
  { state, wanted, isPlanned }: { readonly state: JobState; readonly wanted: number; readonly isPlanned: boolean },
  before: Logged,
  now: Logged,
): JobState => {
  if (state === 'set-aside') return state
  if (now.cut >= wanted) return 'done'
  if (state === 'done' && before.cut < wanted && now.runs <= before.runs) return state
  if (now.runs > 0) return 'cutting'
  return isPlanned ? 'planned' : 'waiting'
}
