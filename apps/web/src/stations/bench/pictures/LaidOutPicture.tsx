import type { Placement } from '@bold-heron/core'
import { placementOf } from '@bold-heron/schema'
import { useTranslation } from 'react-i18next'
import { LaidOut } from '../../../drawing/placement/LaidOut.js'
import { Loading } from '../../../ui/states.js'
import type { ShownStep } from '../steps/step.js'
import { useLaidOut } from '../use-laid-out.js'

/** The card with its dies, and the measures to lay them by. */
export const LaidOutPicture: ShownStep<'lay-out'> = ({ job }) => {
  const { t } = useTranslation()
  const placement = placementOf(job)
  if (!placement) return null
  return <Drawing job={job} placement={placement} loading={t('bench.loading')} />
}

const Drawing = ({
  job,
  placement,
  loading,
}: Pick<Parameters<ShownStep<'lay-out'>>[0], 'job'> & {
  readonly placement: Placement
  readonly loading: string
}) => {
  const { view, dieOf } = useLaidOut(job, placement)
  if (!view) return <Loading what={loading} />
  return (
    <LaidOut
      placement={placement}
      view={view}
      at={placement.runInHand}
      sizeOf={dieOf}
      className="block max-h-[28rem] w-full"
    />
  )
}
