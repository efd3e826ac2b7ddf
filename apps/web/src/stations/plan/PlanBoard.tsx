import { type Assessment, isCut, type Plan, type PlanRequest, type Stack } from '@bold-heron/core'
import { type JobRow, runInHandOf } from '@bold-heron/schema'
import { lazy, Suspense, useState } from 'react'
import { useTranslation } from 'react-i18next'
import type { PlanProgress } from '../../data/plan.js'
import { StackLeaf } from '../../pressing/stack/StackLeaf.js'
import type { StackEditing } from '../../pressing/stack/use-stack-editing.js'
import { Loading } from '../../ui/states.js'
import { LeavesOrBeside } from '../../ui/TabbedPanel.js'
import { useIsBroad } from '../../ui/use-is-broad.js'
import { BandPanel } from './BandPanel.js'
import { BesidePanel } from './BesidePanel.js'
import { FindingsPanel } from './FindingsPanel.js'
import { OthersPanel } from './OthersPanel.js'
import { LastLook } from './LastLook.js'
import { PassesPanel } from './PassesPanel.js'
import { PlanHead } from './PlanHead.js'
import { PlanSheet } from './PlanSheet.js'
import { pressedWhatOf } from './pressed-what.js'
import { SimulationStatus } from './SimulationStatus.js'
import { StackStatus } from './StackStatus.js'

/** What tries a cut out fetches the press model; the stack is there before it. */
const CutLeaf = lazy(() => import('./cut/CutLeaf.js').then(({ CutLeaf }) => ({ default: CutLeaf })))
const FormLeaf = lazy(() => import('./cut/FormLeaf.js').then(({ FormLeaf }) => ({ default: FormLeaf })))
const CutDialog = lazy(() => import('./CutDialog.js').then(({ CutDialog }) => ({ default: CutDialog })))

/** The plan of a run: its stack, its passes, and why. */
export const PlanBoard = ({
  job,
  plan,
  request,
  assessment,
  kept,
  editing,
  progress,
}: {
  readonly job: JobRow
  readonly plan: Plan
  readonly request: PlanRequest
  readonly assessment: Assessment
  readonly kept: Stack | undefined
  readonly editing: StackEditing
  readonly progress: PlanProgress
}) => {
  const { t } = useTranslation()
  const [cutting, setCutting] = useState(false)
  const isBroad = useIsBroad()
  const [leaf, setLeaf] = useState<'stack' | 'cut'>('stack')
  const best = plan.best?.stack
  const Tried = isCut(request) ? CutLeaf : FormLeaf
  return (
    <>
      <PlanHead job={job} onLog={() => setCutting(true)} />
      <LastLook job={job} onPick={editing.change} />
      <div className="flex flex-col gap-3 wide:grid wide:grid-cols-[minmax(0,1fr)_25rem] wide:items-start print:hidden">
        <div className="contents min-w-0 flex-col gap-3 wide:flex">
          <LeavesOrBeside
            isBeside={isBroad}
            label={t('plan.leaves')}
            open={leaf}
            onOpen={setLeaf}
            aside={
              <div className="flex flex-wrap items-center gap-2">
                <SimulationStatus plan={plan} progress={progress} />
                <StackStatus job={job} stack={assessment.stack} best={best} kept={kept} editing={editing} />
              </div>
            }
            leaves={[
              {
                name: 'stack',
                title: t('plan.stack.title'),
                content: (
                  <StackLeaf
                    assessment={assessment}
                    request={request}
                    canUndo={editing.canUndo}
                    onChange={editing.change}
                    onUndo={editing.undo}
                  />
                ),
              },
              {
                name: 'cut',
                title: t([`plan.map.titles.${request.technique}`, `words.technique.${request.technique}`] as never),
                content: (
                  <Suspense fallback={<Loading what={t('plan.leaves')} />}>
                    <Tried key={pressedWhatOf(job)} assessment={assessment} request={request} />
                  </Suspense>
                ),
              },
            ]}
          />
          <OthersPanel jobId={job.id} plan={plan} request={request} assessment={assessment} onPick={editing.change} />
        </div>
        <div className="contents min-w-0 flex-col gap-3 wide:flex">
          {/* On a phone the answer comes first. */}
          <div className="order-first sm:order-none">
            <PassesPanel
              plan={plan}
              assessment={assessment}
              request={request}
              isBorder={runInHandOf(job).border !== null}
              onPick={editing.change}
            />
          </div>
          <BandPanel assessment={assessment} request={request} jobId={job.id} />
          <FindingsPanel assessment={assessment} />
          <BesidePanel job={job} request={request} />
        </div>
      </div>
      <PlanSheet job={job} assessment={assessment} request={request} />
      {cutting && (
        <Suspense fallback={null}>
          <CutDialog job={job} assessment={assessment} onClose={() => setCutting(false)} />
        </Suspense>
      )}
    </>
  )
}
