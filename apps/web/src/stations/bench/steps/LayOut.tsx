import type { Placement } from '@bold-heron/core'
import { placementOf, runInHandOf } from '@bold-heron/schema'
import { useTranslation } from 'react-i18next'
import { HandCheck } from '../../../pressing/placed/HandCheck.js'
import { RunSteps } from '../../../pressing/placed/RunSteps.js'
import { useLaidOut } from '../use-laid-out.js'
import { BenchTitle } from './BenchTitle.js'
import type { AtBench, ShownStep } from './step.js'

const Steps = ({ job, placement }: Pick<AtBench, 'job'> & { readonly placement: Placement }) => {
  const { byHand, sizeOf } = useLaidOut(job, placement)
  const placed = placement.runs[placement.runInHand]
  const { bladeSide, dieNames, dieIds } = runInHandOf(job)
  return (
    <>
      {placed && (
        <RunSteps
          run={placed}
          card={placement.card}
          blade={bladeSide}
          nameOf={(id) => dieNames[dieIds.indexOf(id)] ?? ''}
          sizeOf={sizeOf}
        />
      )}
      {byHand && <HandCheck byHand={byHand} />}
    </>
  )
}

/** Mark the card and lay it out, as it was planned in Place. */
export const LayOut: ShownStep<'lay-out'> = ({ job }) => {
  const { t } = useTranslation()
  const placement = placementOf(job)
  return (
    <>
      <BenchTitle>{t('bench.layOut.title')}</BenchTitle>
      {placement && <Steps job={job} placement={placement} />}
      <p className="text-ink-soft">{t('bench.layOut.text')}</p>
    </>
  )
}
