import type { Assessment, PassReason } from '@bold-heron/core'
import { useTranslation } from 'react-i18next'
import { Panel } from '../../ui/Panel.js'
import { Why } from '../../ui/Why.js'

const fromMemory: readonly PassReason[] = ['single-sheet', 'several-sheets']
const ownRule: readonly PassReason[] = ['rule-one-and-look', 'rule-there-and-back']

/** How many passes, when to look, and how the handle should feel. */
export const PassesPanel = ({ assessment: { passes, fit } }: { readonly assessment: Assessment }) => {
  const { t } = useTranslation()
  return (
    <Panel className="py-3">
      <div className="flex items-baseline justify-between gap-3">
        <h2 className="sr-only">{t('plan.passes.title')}</h2>
        <p className="font-display text-xl font-semibold">
          <Why about={t('plan.passes.whyTitle')} shown={t('plan.passes.first', { count: passes.passes })}>
            {passes.reasons.map((reason) => (
              <p key={reason}>
                {t(`plan.passes.reasons.${reason}`)}{' '}
                {!ownRule.includes(reason) &&
                  (fromMemory.includes(reason) ? t('plan.passes.memory') : t('plan.passes.common'))}
              </p>
            ))}
          </Why>
        </p>
        {passes.atMost > passes.passes && (
          <p className="text-ink-soft">{t('plan.passes.upTo', { count: passes.atMost })}</p>
        )}
      </div>
      <p className="text-sm leading-snug">
        {t('plan.passes.feel')}: <strong>{t(`plan.passes.feelExpected.${fit}`)}</strong>.{' '}
        <span className="text-ink-soft">{t('plan.passes.look')}</span>
      </p>
    </Panel>
  )
}
