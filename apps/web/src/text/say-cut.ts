import { DEEP_MM, type PassFigures } from '@bold-heron/core'
import type { TFunction } from 'i18next'

/** A share as a whole per cent; never 100 or 0 unless it is. */
export const percent = (share: number): number => {
  const rounded = Math.round(share * 100)
  if (rounded === 100 && share < 0.9995) return 99
  return rounded === 0 && share > 0.0005 ? 1 : rounded
}

const ONE_IN_HUNDRED = 0.01

/** A chance in cases of 100, in figures; that something is certain, or cannot be, is never known. */
export const sayChance = (t: TFunction<'app'>, chance: number): string => {
  if (chance > 1 - ONE_IN_HUNDRED) return t('common.nearlyAll')
  return chance < ONE_IN_HUNDRED ? t('common.nearlyNone') : String(Math.round(chance * 100))
}

/** Shares of the line, least first, as people say them. */
const shareWords = [
  ['fibres', 0.02],
  ['little', 0.15],
  ['quarter', 0.35],
  ['half', 0.65],
] as const

export const sayShare = (t: TFunction<'app'>, share: number): string =>
  t(`plan.share.${shareWords.find(([, below]) => share < below)?.[0] ?? 'most'}`)

/** From this share of the line on it needs no place. */
const EVERYWHERE = 0.95

/** What a pass leaves: clean, or how much still hangs and where. */
export const sayCut = (t: TFunction<'app'>, { hanging, meanDepth, overcutMm }: PassFigures): string => {
  if (!hanging) return overcutMm > DEEP_MM ? t('plan.passes.cleanDeep') : t('plan.passes.clean')
  if (meanDepth < 0.05) return t('plan.passes.untouched')
  if (hanging.share >= EVERYWHERE) return t('plan.passes.hangsEverywhere')
  return t('plan.passes.hangs', { share: sayShare(t, hanging.share), place: t(`words.hangingPlace.${hanging.place}`) })
}
