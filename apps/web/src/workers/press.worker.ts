import {
  type Bed,
  type CutContext,
  type Laying,
  type Press,
  pressSample,
  pressTrial,
  type Trial,
  type TryOut,
  tryOut,
} from '@bold-heron/core'
import { expose } from 'comlink'

/** What of a cut is tried with other values. */
export interface TryOutQuestion {
  readonly caliperMm: number
  readonly sheetCount: number
  readonly squeezeMm: number
  readonly rotationDeg: number
  readonly passes: number
}

let laid: { readonly cut: CutContext; readonly bed: Bed; readonly laying: Laying } | undefined

const press = {
  /** Lays what is tried from now on; sent once, as outlines may be long. */
  lay: (cut: CutContext, bed: Bed, laying: Laying): void => {
    laid = { cut, bed, laying }
  },
  tryOut: ({ caliperMm, sheetCount, squeezeMm, rotationDeg, passes }: TryOutQuestion): TryOut | undefined => {
    if (!laid) return undefined
    const { cut, bed, laying } = laid
    const sheet = { ...cut.sheet, caliper: { ...cut.sheet.caliper, valueMm: caliperMm } }
    return tryOut({ ...cut, sheet, sheetCount }, bed, squeezeMm, passes, { ...laying, rotationDeg })
  },
  sample: (mechanics: Pick<Press, 'frame' | 'drive'>) => pressSample(mechanics),
  simulate: (trial: Trial) => pressTrial(trial),
}
export type PressWorker = typeof press

expose(press)
