import { holdsBy, type Placement } from '@bold-heron/core'
import { placementOf, runInHandOf } from '@bold-heron/schema'
import { useTranslation } from 'react-i18next'
import { HandCheck } from '../../../pressing/placed/HandCheck.js'
import { RunSteps } from '../../../pressing/placed/RunSteps.js'
import { useLaidOut } from '../use-laid-out.js'
import { BenchTitle } from './BenchTitle.js'
import type { AtBench, ShownStep } from './step.js'

const Steps = ({
  job,
  placement,
  stack,
  request: { cut },
}: Pick<AtBench, 'job' | 'stack' | 'request'> & { readonly placement: Placement }) => {
  const { byHand, dieOf } = useLaidOut(job, placement)
  const { bladeSide } = runInHandOf(job)
  return (
    <>
      <RunSteps
        placement={placement}
        at={placement.runInHand}
        blade={bladeSide}
        held={holdsBy(stack, cut)}
        dieOf={dieOf}
      />
      {byHand && <HandCheck byHand={byHand} />}
    </>
  )
}

/** Mark the card and lay it out, as it was planned in Place. */
export const LayOut: ShownStep<'lay-out'> = ({ job, stack, request }) => {
  const { t } = useTranslation()
  const placement = placementOf(job)
  return (
    <>
      <BenchTitle>{t('bench.layOut.title')}</BenchTitle>
      {placement && <Steps job={job} placement={placement} stack={stack} request={request} />}
      <p className="text-ink-soft">{t('bench.layOut.text')}</p>
    </>
  )
}
