import { type Placement, startKinds } from '@bold-heron/core'
import { type JobRow, placementOf, type PlaceRequest, runInHandOf } from '@bold-heron/schema'
import { lazy, Suspense, useState } from 'react'
import { useTranslation } from 'react-i18next'
import { useSearchParams } from 'react-router'
import { usePlaceRequest } from '../../data/placing.js'
import { JobStation } from '../../pressing/JobStation.js'
import { Loaded } from '../../ui/states.js'
import { PlaceBoard } from './PlaceBoard.js'
import { StartChoice } from './StartChoice.js'
import { useStart } from './use-start.js'

const BorderBoard = lazy(() => import('./border/BorderBoard.js').then(({ BorderBoard: board }) => ({ default: board })))

const PlaceWithThings = ({ job, things }: { readonly job: JobRow; readonly things: PlaceRequest }) => {
  const start = useStart(job, things)
  const [asked] = useSearchParams()
  const [isBorder, setBorder] = useState(() => runInHandOf(job).border !== null || asked.get('start') === 'border')
  const [begun, setBegun] = useState<Placement | null>(() => {
    const kind = startKinds.find((each) => each === asked.get('start'))
    return placementOf(job) ?? (kind ? start(kind) : null)
  })
  if (isBorder)
    return (
      <Suspense fallback={null}>
        <BorderBoard key={job.version} job={job} things={things} onLeave={() => setBorder(false)} />
      </Suspense>
    )
  return begun ? (
    <PlaceBoard job={job} things={things} first={begun} onTaken={() => setBegun(null)} />
  ) : (
    <StartChoice job={job} onBegin={(kind) => setBegun(start(kind))} onBorder={() => setBorder(true)} />
  )
}

const PlaceOfJob = ({ job }: { readonly job: JobRow }) => {
  const { t } = useTranslation()
  const things = usePlaceRequest(job.id)
  return (
    <Loaded query={things} what={t('place.loading')}>
      {(all) => <PlaceWithThings job={job} things={all} />}
    </Loaded>
  )
}

export const Component = () => {
  const { t } = useTranslation()
  return (
    <JobStation title={t('place.title')} loading={t('place.loading')}>
      {(job) => <PlaceOfJob key={job.id} job={job} />}
    </JobStation>
  )
}
