import type { Assessment } from '@bold-heron/core'
import { CircleCheck } from 'lucide-react'
import { useTranslation } from 'react-i18next'
import { useLengths } from '../../text/lengths.js'
import { sayFinding } from '../../text/say-finding.js'
import { turnedPads } from '../../pressing/say-lie.js'
import { Panel } from '../../ui/Panel.js'
import { SeverityMark } from '../../ui/SeverityMark.js'

/** What can go wrong with this stack, gravest first, and what always holds at a press. */
export const FindingsPanel = ({ assessment: { findings, stack } }: { readonly assessment: Assessment }) => {
  const lengths = useLengths()
  const { t } = useTranslation()
  const pads = turnedPads(t, stack)
  const magnetic = stack.some((layer) => layer.is === 'plate' && layer.plate.magnetic)
  return (
    <Panel
      className="py-3"
      title={t('plan.findings.title')}
      aside={
        findings.length === 0 && (
          <p className="flex items-center gap-2 text-clean">
            <CircleCheck aria-hidden size={18} /> {t('plan.findings.none')}
          </p>
        )
      }
    >
      <ul className="space-y-1">
        {findings.map((finding, at) => {
          const { say, why } = sayFinding(t, lengths, finding)
          return (
            <li key={at}>
              <details>
                <summary className="rounded-sm">
                  <SeverityMark severity={finding.severity} /> {say}
                </summary>
                <p className="pt-0.5 pl-5 text-ink-soft">{why}</p>
              </details>
            </li>
          )
        })}
      </ul>
      {pads.length > 0 && (
        <ul className="mt-1.5 border-t border-line pt-1.5 text-sm leading-snug">
          {pads.map(({ name, lie }) => (
            <li key={name}>
              {name}: {lie}
            </li>
          ))}
        </ul>
      )}
      <ul className="mt-1.5 space-y-0.5 border-t border-line pt-1.5 text-sm leading-snug">
        <li>
          <strong>{t('plan.always.fights')}</strong>
        </li>
        <li>{t('plan.always.fingers')}</li>
        {magnetic && <li>{t('plan.always.magnet')}</li>}
        <li>{t('plan.always.booklet')}</li>
      </ul>
    </Panel>
  )
}
