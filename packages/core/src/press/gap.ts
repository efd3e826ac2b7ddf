import type { MeasuredMm } from '../units/measured.js'
import { gapOfClass } from './press-class.js'
import type { KnownGoodStack, Press } from './press.js'

/** The gap in mm that one known-good stack speaks for, and its weight in the average (all weights add up to 1). */
interface GapWitness {
  readonly known: KnownGoodStack
  /** Height of the known stack, and the squeeze that its die and sheets want on its bed. */
  readonly heightMm: number
  readonly wantedMm: number
  readonly gapMm: number
  readonly weight: number
}

/** What is known of a press's gap for a die class. */
export interface GapEstimate {
  readonly gapMm: number
  /** One standard deviation in mm of what is not due to the plates' thickness: class spread, or how vague "it cuts" is. */
  readonly ownSpreadMm: number
  readonly basis: 'known-good' | 'press-class'
  /** Weights add up to 1, or to less where something else speaks too. */
  readonly witnesses: readonly GapWitness[]
}

const knownHeightMm = (known: KnownGoodStack): number =>
  known.plates.reduce((sum, plate) => sum + plate.thickness.valueMm, 0) +
  known.dieHeight.valueMm +
  known.sheetCount * known.sheetCaliper.valueMm

/**
 * Infers the gap in mm. Each known-good stack gives gap = its height − the squeeze its die and sheets want (`wantedBy`, with
 * its spread); several are averaged by how vague they are. Without any, the class table's gap with its wide spread.
 */
export const estimateGap = (press: Press, wantedBy: (known: KnownGoodStack) => MeasuredMm): GapEstimate => {
  if (press.knownGood.length === 0) {
    const { valueMm, spreadMm } = gapOfClass(press.pressClass)
    return { gapMm: valueMm, ownSpreadMm: spreadMm, basis: 'press-class', witnesses: [] }
  }
  const wanted = press.knownGood.map(wantedBy)
  const precisions = wanted.map(({ spreadMm }) => spreadMm ** -2)
  const total = precisions.reduce((sum, precision) => sum + precision, 0)
  const witnesses = press.knownGood.map((known, index): GapWitness => {
    const heightMm = knownHeightMm(known)
    const wantedMm = (wanted[index] as MeasuredMm).valueMm
    return { known, heightMm, wantedMm, gapMm: heightMm - wantedMm, weight: (precisions[index] as number) / total }
  })
  const gapMm = witnesses.reduce((sum, witness) => sum + witness.weight * witness.gapMm, 0)
  return { gapMm, ownSpreadMm: Math.sqrt(1 / total), basis: 'known-good', witnesses }
}
