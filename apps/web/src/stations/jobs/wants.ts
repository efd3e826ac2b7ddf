import { type BladeSide, type StartKind, startKinds, type TechniqueId, techniqueIds } from '@bold-heron/core'

/** What may be wanted of a job: its technique, and how its card is begun in Place, where it is laid out at all. */
export interface Want {
  readonly id: 'whole' | StartKind | Exclude<TechniqueId, 'cut'>
  readonly technique: TechniqueId
  readonly start?: StartKind
  /** Which way the blades must look; as the house has it where absent. */
  readonly bladeSide?: BladeSide
}

/** In the order they are offered: cuts, whole or laid out on a card, and what does not cut. */
export const wants: readonly Want[] = [
  { id: 'whole', technique: 'cut' },
  ...startKinds.map((start): Want => ({ id: start, technique: 'cut', start })),
  ...techniqueIds.flatMap((technique): Want[] =>
    technique === 'cut' ? [] : [{ id: technique, technique, bladeSide: 'up' }],
  ),
]

/** Where a job that is just made goes on. */
export const wayOn = ({ start }: Want, jobId: string): string =>
  start ? `/place/${jobId}?start=${start}` : `/plan/${jobId}`
