import { DEEP_MM, type OwnFigures } from '@bold-heron/core'
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

/** What a pass of a cut leaves: clean, or how much still hangs and where. */
const sayCutPass = (t: TFunction<'app'>, { hanging, meanDepth, overcutMm }: Of<'cut'>): string => {
  if (!hanging) return overcutMm > DEEP_MM ? t('plan.passes.cleanDeep') : t('plan.passes.clean')
  if (meanDepth < 0.05) return t('plan.passes.untouched')
  if (hanging.share >= EVERYWHERE) return t('plan.passes.hangsEverywhere')
  return t('plan.passes.hangs', { share: sayShare(t, hanging.share), place: t(`words.hangingPlace.${hanging.place}`) })
}

type Of<Kind extends OwnFigures['of']> = Extract<OwnFigures, { readonly of: Kind }>

/** mm. A depth below this is not seen. */
const SEEN_MM = 0.05
const SOME = 0.01
const CLEAN = 0.985

const depth = (mm: number): string => `${mm.toFixed(2)} mm`

const sayFormed = (t: TFunction<'app'>, { formedShare, leastFormedShare, cutFraction }: Of<'formed'>): string => {
  const formed =
    formedShare < 0.3
      ? t('plan.passes.formed.nothing')
      : leastFormedShare >= 0.84
        ? t('plan.passes.formed.formed')
        : t('plan.passes.formed.patchy', { share: percent(formedShare) })
  if (cutFraction === undefined) return formed
  return t(cutFraction >= CLEAN ? 'plan.passes.formedCut' : 'plan.passes.formedHangs', { formed })
}

/** What a pass leaves, in a few words. */
export const sayCut = (t: TFunction<'app'>, pass: OwnFigures): string => {
  switch (pass.of) {
    case 'cut':
      return sayCutPass(t, pass)
    case 'crease':
      if (pass.matCutShare > SOME) return t('plan.passes.crease.mat')
      if (pass.cutThroughShare > SOME) return t('plan.passes.crease.through')
      if (pass.keptMm < SEEN_MM) return t('plan.passes.crease.nothing')
      return t(pass.leastKeptMm >= pass.wantedMm * 0.97 ? 'plan.passes.crease.good' : 'plan.passes.crease.faint', {
        depth: depth(pass.keptMm),
      })
    case 'relief':
      if (pass.keptMm < SEEN_MM) return t('plan.passes.relief.nothing')
      return t(pass.leastKeptMm >= pass.wantedMm * 0.97 ? 'plan.passes.relief.full' : 'plan.passes.relief.shallow', {
        depth: depth(pass.keptMm),
      })
    case 'formed':
      return sayFormed(t, pass)
  }
}
