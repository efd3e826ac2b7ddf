import type { Placement } from '@bold-heron/core'
import { type JobRow, placementOf, type PlaceRequest } from '@bold-heron/schema'
import { useEffect, useState } from 'react'
import { useTranslation } from 'react-i18next'
import { useParams } from 'react-router'
import { takeJobInHand } from '../../data/job-in-hand.js'
import { usePlaceRequest } from '../../data/placing.js'
import { useRow } from '../../data/rows.js'
import { Loaded } from '../../ui/states.js'
import { PlaceBoard } from './PlaceBoard.js'
import { StartChoice } from './StartChoice.js'

const PlaceOfJob = ({ job, things }: { readonly job: JobRow; readonly things: PlaceRequest }) => {
  const [begun, setBegun] = useState<Placement | null>(() => placementOf(job))
  return begun ? (
    <PlaceBoard job={job} things={things} first={begun} onTaken={() => setBegun(null)} />
  ) : (
    <StartChoice job={job} things={things} onBegin={setBegun} />
  )
}

export const Component = () => {
  const { t } = useTranslation()
  const { jobId } = useParams()
  const job = useRow('jobs', jobId)
  const things = usePlaceRequest(jobId)
  const id = job.data?.id
  useEffect(() => {
    if (id) takeJobInHand(id)
  }, [id])
  return (
    <>
      <h1 className="sr-only">{t('place.title')}</h1>
      <Loaded query={job} what={t('place.loading')}>
        {(row) => (
          <Loaded query={things} what={t('place.loading')}>
            {(all) => <PlaceOfJob key={row.id} job={row} things={all} />}
          </Loaded>
        )}
      </Loaded>
    </>
  )
}
