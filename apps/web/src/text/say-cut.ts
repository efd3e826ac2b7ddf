import type { OwnFigures } from '@bold-heron/core'
import type { TFunction } from 'i18next'
import type { Lengths } from './lengths.js'

/** A share as a whole per cent: neither all nor nothing, unless that is what it is. */
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

/** The same in as few signs as may be. */
export const signChance = (t: TFunction<'app'>, chance: number): string => {
  if (chance > 1 - ONE_IN_HUNDRED) return t('common.nearlyAllSign')
  return chance < ONE_IN_HUNDRED ? t('common.nearlyNoneSign') : String(Math.round(chance * 100))
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

type Of<Kind extends OwnFigures['of']> = Extract<OwnFigures, { readonly of: Kind }>

/** What a pass of a cut leaves: clean, or how much still hangs and where. */
const sayCutPass = (t: TFunction<'app'>, { seen, hanging }: Of<'cut'>): string => {
  if (seen === 'clean' || seen === 'cut-into-pad' || seen === 'untouched') return t(`plan.passes.cut.${seen}`)
  if (!hanging || hanging.share >= EVERYWHERE) return t('plan.passes.hangsEverywhere')
  return t('plan.passes.hangs', { share: sayShare(t, hanging.share), place: t(`words.hangingPlace.${hanging.place}`) })
}

/** What a pass leaves, in a few words; what counts as what, the goal said that it is pressed for. */
export const sayCut = (t: TFunction<'app'>, lengths: Lengths, pass: OwnFigures): string => {
  switch (pass.of) {
    case 'cut':
      return sayCutPass(t, pass)
    case 'crease':
    case 'relief':
      return t(`plan.passes.${pass.of}.${pass.seen}` as never, { depth: lengths.thickness(pass.keptMm) })
    case 'foil':
      return t(`plan.passes.foil.${pass.seen}`)
    case 'formed':
      return t(`plan.passes.formed.${pass.seen}`, { share: percent(pass.formedShare) })
  }
}
