import type { LengthStyle } from '@bold-heron/core'
import type { TFunction } from 'i18next'
import type { faults } from './en/faults.js'
import type { Lengths } from './lengths.js'

type FieldFaultCode = keyof typeof faults

/** Why a field cannot be taken: a code, and the limit where one was broken (mm for lengths). */
export interface FieldFault {
  readonly code: FieldFaultCode
  readonly limit?: string | number | undefined
  /** What the field measures, so that the limit is told in its unit. */
  readonly measures?: 'size' | 'thickness' | undefined
}

const exampleOf: Record<LengthStyle['unit'], Record<'size' | 'thickness', string>> = {
  mm: { size: '82.5 mm', thickness: '3.05 mm' },
  in: { size: '3 1/4 in', thickness: '0.12 in' },
}

/** The fault as a sentence in the user's language and unit. */
export const sayFault = (t: TFunction<'app'>, lengths: Lengths, { code, limit, measures }: FieldFault): string => {
  const told =
    measures && typeof limit === 'number'
      ? measures === 'size'
        ? lengths.size(limit)
        : lengths.thickness(limit)
      : limit
  return t(`faults.${code}`, {
    limit: told,
    limitMm: typeof limit === 'number' ? lengths.size(limit) : limit,
    example: exampleOf[lengths.style.unit][measures ?? 'size'],
  } as never)
}
