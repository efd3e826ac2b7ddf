import type { Suggestion } from '@bold-heron/core'
import type { TFunction } from 'i18next'
import type { Lengths } from './lengths.js'

/** A change of the chance or the effort below this is not worth a word. */
const WORTH_A_WORD = 0.01

/** mm. */
const WORTH_A_WORD_MM = 0.02

/** What might be done, in one line. */
export const sayProposal = (t: TFunction<'app'>, lengths: Lengths, { proposal }: Suggestion): string => {
  switch (proposal.code) {
    case 'turn':
      return t('plan.better.turn', { degrees: proposal.degrees })
    case 'centre-shim':
      return t('plan.better.centre-shim', {
        shim: proposal.shim,
        thickness: lengths.thickness(proposal.thicknessMm),
        width: lengths.size(proposal.widthMm),
      })
    case 'hard-plate':
      return t('plan.better.hard-plate', { plate: proposal.plate })
    default:
      return t(`plan.better.${proposal.code}`)
  }
}

/** What it is predicted to change: passes, the handle, the chance, the bed; in this order, as far as they change. */
export const sayGain = (t: TFunction<'app'>, lengths: Lengths, { gain }: Suggestion): string => {
  // Only waxed paper changes nothing of the cut itself.
  if (!gain) return t('plan.better.waxedPaperWhy')
  const effort = Math.round(gain.effort * 100)
  const chance = Math.round(gain.chance * 100)
  const parts = [
    ...(gain.passes < 0 ? [t('plan.gain.fewer', { count: -gain.passes })] : []),
    ...(gain.passes > 0 ? [t('plan.gain.more', { count: gain.passes })] : []),
    ...(effort <= -1 ? [t('plan.gain.easier', { share: -effort })] : []),
    ...(effort >= 1 ? [t('plan.gain.stiffer', { share: effort })] : []),
    ...(Math.abs(gain.chance) >= WORTH_A_WORD
      ? [t(chance > 0 ? 'plan.gain.surer' : 'plan.gain.lessSure', { share: Math.abs(chance) })]
      : []),
    ...(gain.harm <= -WORTH_A_WORD_MM ? [t('plan.gain.spares', { depth: lengths.thickness(-gain.harm) })] : []),
  ]
  return parts.join(', ')
}
