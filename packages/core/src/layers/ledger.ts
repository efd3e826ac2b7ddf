import { type Layer, thicknessOf } from './layer.js'
import { heightOf, type Stack } from './stack.js'
import type { MeasuredMm } from '../units/measured.js'

/** One line of the sum: what is added, and the height of the stack up to and including it. All mm. */
interface LedgerLine {
  readonly layer: Layer
  readonly thickness: MeasuredMm
  readonly runningMm: number
}

/** The stack as a sum that anyone can check with a pencil: layers bottom to top, total, gap, squeeze. All mm. */
export interface Ledger {
  readonly lines: readonly LedgerLine[]
  readonly total: MeasuredMm
  readonly gapMm: number
  /** total − gap: what the press has to take up. Negative where the stack passes without being touched. */
  readonly squeezeMm: number
}

/** Writes the sum of a stack against a gap in mm. */
export const ledgerOf = (stack: Stack, gapMm: number): Ledger => {
  let runningMm = 0
  const lines = stack.map((layer) => {
    const thickness = thicknessOf(layer)
    runningMm += thickness.valueMm
    return { layer, thickness, runningMm }
  })
  const total = heightOf(stack)
  return { lines, total, gapMm, squeezeMm: total.valueMm - gapMm }
}
