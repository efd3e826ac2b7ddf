import type { Assessment, PlanRequest } from '@bold-heron/core'
import { useTranslation } from 'react-i18next'
import { useSuggestions } from '../../data/plan.js'
import { useLengths } from '../../text/lengths.js'
import { sayGain, sayProposal } from '../../text/say-suggestion.js'

/** What would make this stack cut better, each with what it is predicted to change. */
export const SuggestionList = ({
  jobId,
  request,
  assessment,
}: {
  readonly jobId: string
  readonly request: PlanRequest
  readonly assessment: Assessment
}) => {
  const lengths = useLengths()
  const { t } = useTranslation()
  const { data, isFetching } = useSuggestions(jobId, request, assessment)
  if (!data)
    return (
      <p role="status" className="text-ink-soft">
        {isFetching ? t('plan.better.looking') : t('plan.better.notYet')}
      </p>
    )
  if (data.length === 0) return <p className="text-ink-soft">{t('plan.better.none')}</p>
  return (
    <ul>
      {data.map((suggestion, at) => (
        <li key={at} className="border-t border-line px-1 py-1 leading-tight first:border-t-0">
          {sayProposal(t, lengths, suggestion)}
          <span className="block text-sm text-ink-soft">{sayGain(t, suggestion)}</span>
        </li>
      ))}
    </ul>
  )
}
