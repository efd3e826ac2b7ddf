import { computedOf, type PlanRequest, type Stack } from '@bold-heron/core'
import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { useAssessment } from '../../data/plan.js'
import { StackLeaf } from '../../pressing/stack/StackLeaf.js'
import { useStackEditing } from '../../pressing/stack/use-stack-editing.js'
import { Button } from '../../ui/Button.js'
import { Choice } from '../../ui/Choice.js'
import { Panel } from '../../ui/Panel.js'
import { Loaded } from '../../ui/states.js'

const PASSES = ['1', '2', '3', '4', '5', '6'] as const

/** A stack set by hand from what lies on the table, and how often it goes through before one looks. */
export const SetStack = ({
  jobId,
  request,
  from,
  onSet,
}: {
  readonly jobId: string
  readonly request: PlanRequest
  readonly from: Stack
  readonly onSet: (stack: Stack, passes: number) => void
}) => {
  const { t } = useTranslation()
  const editing = useStackEditing()
  const [passes, setPasses] = useState<(typeof PASSES)[number]>('1')
  const stack = editing.edited ?? from
  const assessment = useAssessment(jobId, request, stack)
  const canBePressed = computedOf(request).bedOfStack(stack) !== undefined
  return (
    <Panel title={t('practice.set.title')}>
      <Loaded query={assessment} what={t('bench.loading')}>
        {(assessed) => (
          <StackLeaf
            assessment={assessed}
            request={request}
            canUndo={editing.canUndo}
            onChange={editing.change}
            onUndo={editing.undo}
          />
        )}
      </Loaded>
      <div className="mt-3 flex flex-wrap items-center gap-3">
        <span className="font-bold">{t('practice.set.passes')}</span>
        <Choice
          tall
          label={t('practice.set.passes')}
          value={passes}
          onChange={setPasses}
          options={PASSES.map((value) => ({ value, text: value }))}
        />
        <Button look="next" className="ml-auto" disabled={!canBePressed} onClick={() => onSet(stack, Number(passes))}>
          {t('practice.set.start')}
        </Button>
      </div>
      {!canBePressed && <p className="mt-2 text-danger">{t('practice.set.nothing')}</p>}
    </Panel>
  )
}
