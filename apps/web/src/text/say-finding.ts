import type { Finding, FindingCode } from '@bold-heron/core'
import type { DieClass } from '@bold-heron/core'
import type { TFunction } from 'i18next'
import type { Lengths } from './lengths.js'

/** Thicknesses are told to the hundredth, sizes to the ruler's mark. */
const THICKNESSES = new Set(['differMm', 'sheetsMm', 'bladeMm'])

/** A finding as a sentence and the reason behind it, lengths in the user's unit. */
export const sayFinding = (
  t: TFunction<'app'>,
  lengths: Lengths,
  { code, values }: Finding<FindingCode>,
): { readonly say: string; readonly why: string } => {
  const words = Object.fromEntries(
    Object.entries(values).map(([name, value]) => {
      if (name === 'dieClass') return [name, t(`words.dieClass.${value as DieClass}`)]
      if (typeof value === 'number' && (name.endsWith('Mm') || name === 'limitMm'))
        return [name, THICKNESSES.has(name) || 'differMm' in values ? lengths.thickness(value) : lengths.size(value)]
      return [name, value]
    }),
  )
  return { say: t(`findings.${code}.say`, words as never), why: t(`findings.${code}.why`, words as never) }
}
