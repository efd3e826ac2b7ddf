import { GAIN_WORTH_A_WORD, type Suggestion } from '@bold-heron/core'
import type { TFunction } from 'i18next'
import type { Lengths } from './lengths.js'

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
    case 'shim-more':
    case 'shim-out':
    case 'other-mat':
      return t(`plan.better.${proposal.code}`, { plate: proposal.plate })
    default:
      return t(`plan.better.${proposal.code}`)
  }
}

/** What it is predicted to change: passes, the handle, the chance, the bed; in this order, as far as they change. */
export const sayGain = (t: TFunction<'app'>, { gain, proposal }: Suggestion): string => {
  // Waxed paper and a lower shape change nothing of the pressing itself.
  if (!gain) return t(proposal.code === 'fewer-layers' ? 'plan.better.fewerLayersWhy' : 'plan.better.waxedPaperWhy')
  const chance = Math.round(gain.chance * 100)
  const parts = [
    ...(gain.passes < 0 ? [t('plan.gain.fewer', { count: -gain.passes })] : []),
    ...(gain.passes > 0 ? [t('plan.gain.more', { count: gain.passes })] : []),
    ...(gain.effort <= -GAIN_WORTH_A_WORD.effort ? [t('plan.gain.easier')] : []),
    ...(gain.effort >= GAIN_WORTH_A_WORD.effort ? [t('plan.gain.stiffer')] : []),
    ...(Math.abs(gain.chance) >= GAIN_WORTH_A_WORD.chance
      ? [t(chance > 0 ? 'plan.gain.surer' : 'plan.gain.lessSure', { share: Math.abs(chance) })]
      : []),
    ...(gain.harm <= -GAIN_WORTH_A_WORD.depthMm ? [t('plan.gain.spares')] : []),
  ]
  return parts.length > 0 ? parts.join(', ') : t('plan.gain.little')
}
