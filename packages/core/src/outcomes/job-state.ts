/** Where a job stands. */
export const jobStates = ['waiting', 'planned', 'cutting', 'done', 'set-aside'] as const
export type JobState = (typeof jobStates)[number]

/** Where a job stands after a pressing was logged: done once enough good pieces are cut, else under way. */
export const stateAfterRun = (wanted: number, cut: number): JobState => (cut >= wanted ? 'done' : 'cutting')
