import { MM_PER_INCH, type PlacementFinding } from '@bold-heron/core'
import type { TFunction } from 'i18next'
import type { Lengths } from '../../text/lengths.js'

const MM2_IN_CM2 = 100
const MM2_IN_IN2 = MM_PER_INCH ** 2

/** An area in the user's unit. */
export const sayArea = (mm2: number, { style }: Lengths): string =>
  style.unit === 'mm' ? `${(mm2 / MM2_IN_CM2).toFixed(1)} cm²` : `${(mm2 / MM2_IN_IN2).toFixed(2)} in²`

/** A finding on a placement as a sentence and the reason behind it, in the user's unit. */
export const sayPlacementFinding = (t: TFunction<'app'>, lengths: Lengths, { code, values }: PlacementFinding) => {
  const words = Object.fromEntries(
    Object.entries(values).map(([name, value]) => {
      if (typeof value !== 'number') return [name, value]
      if (name === 'areaMm2') return ['area', sayArea(value, lengths)]
      return [name, name.endsWith('Mm') ? lengths.place(value) : value]
    }),
  )
  return { say: t(`place.finding.${code}.say`, words as never), why: t(`place.finding.${code}.why`, words as never) }
}
