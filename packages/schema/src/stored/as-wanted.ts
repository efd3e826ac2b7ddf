import { techniqueOf, type Want } from '@bold-heron/core'
import type { JobInput } from '../entered/job.js'
import type { PressRun } from '../entered/press-run.js'
import { plainRun, runInHandOf, withRunInHand } from './runs-of-job.js'

/** What the run that comes after is pressed with and of, where that is not what the first one is. */
type After = Partial<Pick<PressRun, 'sheetId'>> & { readonly dieId?: string | undefined }

/** A job as it is wanted: with its technique, and with the press run that comes after. */
export const asWanted = (
  input: JobInput,
  { technique, then }: Pick<Want, 'technique' | 'then'>,
  after: After = {},
): JobInput => {
  const first = withRunInHand(input, { technique })
  if (!then) return first
  const run = runInHandOf(first)
  return {
    ...first,
    runs: [
      { ...run, finishes: false },
      {
        ...plainRun,
        id: 'run 2',
        technique: then,
        dieIds: after.dieId === undefined ? run.dieIds : [after.dieId],
        sheetId: after.sheetId ?? run.sheetId,
        sheetCount: 1,
        bladeSide: techniqueOf(then).bladeSide ?? run.bladeSide,
      },
    ],
  }
}
