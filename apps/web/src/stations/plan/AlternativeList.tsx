import { countOf, othersThan, type Plan, platesIn, type Stack, whyBehind } from '@bold-heron/core'
import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { useLengths } from '../../text/lengths.js'
import { sayChance } from '../../text/say-cut.js'
import { sayFinding } from '../../text/say-finding.js'
import { sayDifference } from '../../text/say-difference.js'
import { Badge } from '../../ui/Badge.js'
import { SeverityMark } from '../../ui/SeverityMark.js'

const SHOWN_FIRST = 3

/** The other stacks of a plan, each in one line: what is different from the one that is looked at. */
export const AlternativeList = ({
  plan,
  stack,
  onPick,
}: {
  readonly plan: Plan
  readonly stack: Stack
  readonly onPick: (stack: Stack) => void
}) => {
  const lengths = useLengths()
  const { t } = useTranslation()
  const { count, exact } = plan.fitting
  const [all, setAll] = useState(false)
  const others = othersThan(plan, stack)
  const shown = all ? others : others.slice(0, SHOWN_FIRST)
  return (
    <>
      {others.length === 0 && <p className="text-ink-soft">{t('plan.others.none')}</p>}
      <ul>
        {shown.map(({ assessment, difference }, at) => {
          const { prediction } = assessment
          const last = prediction?.passes[prediction.recommended - 1]
          const behind = plan.best && whyBehind(plan.best, assessment)
          return (
            <li key={at} className="border-t border-line first:border-t-0">
              <button
                type="button"
                className="flex w-full flex-wrap items-baseline gap-x-2 rounded px-1 py-1 text-left leading-tight hover:bg-sunk"
                onClick={() => onPick(assessment.stack)}
              >
                <span className="min-w-48 flex-1">{sayDifference(t, difference)}</span>
                {countOf(assessment.findings, 'stop') > 0 ? (
                  <SeverityMark severity="stop" />
                ) : (
                  countOf(assessment.findings, 'caution') > 0 && <SeverityMark severity="caution" />
                )}
                {assessment.isKnown && <Badge tone="clean">{t('plan.others.known')}</Badge>}
                {assessment.workedBefore && <Badge tone="clean">{t('plan.others.worked')}</Badge>}
                <span className="text-sm text-ink-soft">
                  {prediction && last
                    ? t('plan.others.predicted', { count: prediction.recommended, chance: sayChance(t, last.chance) })
                    : t('plan.others.squeeze', { squeeze: lengths.thickness(assessment.ledger.squeezeMm) })}
                </span>
                {behind && <span className="w-full text-sm text-ink-soft">{t(`plan.others.behind.${behind}`)}</span>}
              </button>
            </li>
          )
        })}
      </ul>
      {plan.knownStopped.map(({ stack, stops }, at) => (
        <p key={at} className="border-t border-line px-1 py-1 text-sm">
          <SeverityMark severity="stop" />{' '}
          {t('plan.others.knownStopped', {
            plates: platesIn(stack)
              .map(({ name }) => name)
              .join(' · '),
          })}{' '}
          {stops.map((finding) => sayFinding(t, lengths, finding).say).join(' ')}
        </p>
      ))}
      <p className="flex justify-between text-sm text-ink-soft">
        {exact ? t('plan.others.count', { count }) : t('plan.others.atLeast', { count })}
        {shown.length < others.length && (
          <button type="button" className="min-h-8 px-1 font-bold text-ink underline" onClick={() => setAll(true)}>
            {t('plan.others.more', { count: others.length - shown.length })}
          </button>
        )}
      </p>
    </>
  )
}
