import type { Assessment, Plan, PlanRequest, Stack } from '@bold-heron/core'
import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { TabbedPanel } from '../../ui/TabbedPanel.js'
import { AlternativeList } from './AlternativeList.js'
import { RecipeList } from './RecipeList.js'
import { SuggestionList } from './SuggestionList.js'

/** What else would do, and what would do better. */
export const OthersPanel = ({
  jobId,
  plan,
  request,
  assessment,
  onPick,
}: {
  readonly jobId: string
  readonly plan: Plan
  readonly request: PlanRequest
  readonly assessment: Assessment
  readonly onPick: (stack: Stack) => void
}) => {
  const { t } = useTranslation()
  const [open, setOpen] = useState<'others' | 'better' | 'recipes'>('others')
  return (
    <TabbedPanel
      label={t('plan.others.tabs')}
      className="py-3"
      open={open}
      onOpen={setOpen}
      leaves={[
        {
          name: 'others',
          title: t('plan.others.title'),
          content: <AlternativeList plan={plan} stack={assessment.stack} onPick={onPick} />,
        },
        {
          name: 'better',
          title: t('plan.better.title'),
          content: <SuggestionList jobId={jobId} request={request} assessment={assessment} />,
        },
        {
          name: 'recipes',
          title: t('recipes.fits.title'),
          content: <RecipeList jobId={jobId} request={request} onPick={onPick} />,
        },
      ]}
    />
  )
}
