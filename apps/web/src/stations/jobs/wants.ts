import { type BladeSide, type StartKind, startKinds, type TechniqueId, techniqueIds } from '@bold-heron/core'
import type { PicturedWant } from '../../drawing/WantPicture.js'
import { type JobInput, plainRun, runInHandOf, withRunInHand } from '@bold-heron/schema'

/** What may be wanted of a job: its technique, how its card is begun in Place where it is laid out, and what is done after it. */
export interface Want {
  readonly id: PicturedWant
  readonly technique: TechniqueId
  readonly start?: StartKind | 'border'
  /** Which way the blades must look; as the house has it where absent. */
  readonly bladeSide?: BladeSide
  /** A second press run of each piece. */
  readonly then?: TechniqueId
}

/** In the order they are offered: cuts, whole or laid out on a card; what does not cut; and one after the other. */
export const wants: readonly Want[] = [
  { id: 'whole', technique: 'cut' },
  ...startKinds.map((start): Want => ({ id: start, technique: 'cut', start })),
  { id: 'border', technique: 'cut', start: 'border' },
  ...techniqueIds.flatMap((technique): Want[] =>
    technique === 'cut' ? [] : [{ id: technique, technique, bladeSide: 'up' }],
  ),
  { id: 'cut-crease', technique: 'cut', then: 'crease' },
  { id: 'cut-form', technique: 'cut', then: 'folder' },
]

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
      { ...plainRun, id: 'run 2', technique: then, dieIds, sheetId: run.sheetId, sheetCount: 1, bladeSide: 'up' },
    ],
  }
}

/** Where a job that is just made goes on. */
export const wayOn = ({ start }: Want, jobId: string): string =>
  start ? `/place/${jobId}?start=${start}` : `/plan/${jobId}`
