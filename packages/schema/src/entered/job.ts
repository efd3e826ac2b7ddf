import { jobStates } from '@bold-heron/core'
import { z } from 'zod'
import type { Of } from '../plain.js'
import { idField, nameField, noteField, rowFields, someField } from './fields.js'
import { cardLayout, MOST_PRESS_RUNS } from './placement.js'
import { type PressRun, pressRun, pressRunRow } from './press-run.js'
import { namedOnce } from './named-once.js'

const jobFields = {
  name: nameField,
  state: z.enum(jobStates).default('waiting'),
  /** Where it is pressed, unless a run says otherwise. */
  pressId: idField,
  /** Its place among the jobs, where somebody put them in an order; those without one come after, the latest first. */
  rank: z.number().min(-1e9).max(1e9).nullable().default(null),
  /** Pieces wanted in all. */
  wanted: someField,
  note: noteField,
  /** The card that the runs are laid out on; null for cuts that are simply a die on a sheet. */
  card: cardLayout.nullable().default(null),
  /** The run that is planned and pressed now, by its place in `runs`. */
  runInHand: z.int().min(0).default(0),
}

/** What the runs of a job have to be to one another. */
export const runsFit = (
  { runs, runInHand, card }: { readonly runs: readonly PressRun[]; readonly runInHand: number; readonly card: unknown },
  context: z.RefinementCtx,
): void => {
  const fault = (path: (string | number)[], message: string) => context.addIssue({ code: 'custom', path, message })
  if (runInHand >= runs.length) fault(['runInHand'], 'no-such-run')
  namedOnce(context, 'runs', runs, { key: 'id', says: 'names-two-runs' })
  runs.forEach(({ placed }, at) => {
    if ((placed === null) !== (card === null))
      fault(['runs', at, 'placed'], card ? 'placed-missing' : 'placed-without-card')
  })
  if (runs.filter(({ finishes }) => finishes).length !== 1)
    fault(['runs', runs.length - 1, 'finishes'], 'one-run-finishes')
}

/** What a user enters for a job: its press runs in the order in which a piece goes through them. */
export const jobInput = z
  .object({ ...jobFields, runs: z.array(pressRun).min(1).max(MOST_PRESS_RUNS) })
  .superRefine(runsFit)
export type JobInput = Of<typeof jobInput>

export const jobRow = z.object({
  ...jobFields,
  runs: z.array(pressRunRow),
  ...rowFields,
  /** Pieces that are finished and good so far, and that were spoilt, by the log. */
  cut: z.int(),
  spoilt: z.int(),
  pressName: z.string(),
})
export type JobRow = Of<typeof jobRow>
