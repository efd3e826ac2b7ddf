import { type StartKind, startKinds, type TechniqueId } from '@bold-heron/core'

/** What may be wanted of a job: its technique, and how its card is begun in Place, where it is laid out at all. */
export interface Want {
  readonly id: 'whole' | StartKind
  readonly technique: TechniqueId
  readonly start?: StartKind
}

/** In the order they are offered. */
export const wants: readonly Want[] = [
  { id: 'whole', technique: 'cut' },
  ...startKinds.map((start): Want => ({ id: start, technique: 'cut', start })),
]

/** Where a job that is just made goes on. */
export const wayOn = ({ start }: Want, jobId: string): string =>
  start ? `/place/${jobId}?start=${start}` : `/plan/${jobId}`
