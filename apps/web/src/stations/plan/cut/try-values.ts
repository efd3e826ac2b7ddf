import type { Assessment, CutContext } from '@bold-heron/core'
import type { TryOutQuestion } from '../../../workers/press.worker.js'

/** What is tried: the sheet, and how much more or less squeeze than the stack has; lengths in mm. */
export interface TryValues {
  readonly caliperMm: number
  readonly sheetCount: number
  /** Added to or taken from the stack, as a shim would. */
  readonly shimMm: number
  readonly rotationDeg: number
}

export const MOST_TRIED_SHEETS = 8

/** What the sliders stand at before anything is tried: the cut as it is planned. */
export const asPlanned = ({ sheet, sheetCount }: CutContext): TryValues => ({
  caliperMm: sheet.caliper.valueMm,
  sheetCount,
  shimMm: 0,
  rotationDeg: 0,
})

/** At least so many passes can be looked at, so that a looser setting shows what more passes do. */
const LEAST_PASSES = 3

/** How many passes can be looked at. */
export const passesShown = ({ prediction }: Assessment, { rules }: CutContext): number =>
  Math.min(rules.mostPasses, Math.max(LEAST_PASSES, prediction?.passes.length ?? 0))

/** The question to the press: thicker or more sheets raise the squeeze, as the other layers stay as they are. */
export const questionOf = (
  { ledger }: Assessment,
  { sheet, sheetCount }: CutContext,
  tried: TryValues,
  passes: number,
): TryOutQuestion => {
  const { caliperMm, shimMm, rotationDeg } = tried
  const thickerMm = tried.sheetCount * caliperMm - sheetCount * sheet.caliper.valueMm
  return {
    caliperMm,
    sheetCount: tried.sheetCount,
    squeezeMm: ledger.squeezeMm + thickerMm + shimMm,
    rotationDeg,
    passes,
  }
}
