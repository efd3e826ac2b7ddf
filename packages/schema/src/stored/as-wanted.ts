import { techniqueOf, type Want } from '@bold-heron/core'
import type { JobInput } from '../entered/job.js'
import { plainRun, runInHandOf, withRunInHand } from './runs-of-job.js'

/** A job as it is wanted: with its technique, and with the press run that comes after, on the die that it is done with. */
export const asWanted = (input: JobInput, { technique, then }: Want, folderId: string | undefined): JobInput => {
  const first = withRunInHand(input, { technique })
  if (!then) return first
  const run = runInHandOf(first)
  const dieIds = then === 'folder' && folderId !== undefined ? [folderId] : run.dieIds
  return {
    ...first,
    runs: [
      { ...run, finishes: false },
      {
        ...plainRun,
        id: 'run 2',
        technique: then,
        dieIds,
        sheetId: run.sheetId,
        sheetCount: 1,
        bladeSide: techniqueOf(then).bladeSide ?? run.bladeSide,
      },
    ],
  }
}
