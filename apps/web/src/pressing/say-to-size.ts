import type { PressRun } from '@bold-heron/schema'
import type { TFunction } from 'i18next'
import type { Lengths } from '../text/lengths.js'

/** That sheets are cut to size first, and how large. */
export const sayToSize = (
  t: TFunction<'app'>,
  lengths: Lengths,
  { lengthMm, widthMm }: NonNullable<PressRun['cutToSize']>,
): string => t('common.toSize.first', { size: lengths.area(lengthMm, widthMm) })
