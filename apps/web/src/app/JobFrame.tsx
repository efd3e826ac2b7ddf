import { useEffect } from 'react'
import { Navigate, Outlet, useParams } from 'react-router'
import { jobPath } from '../data/job-address.js'
import { takeJobInHand } from '../data/job-in-hand.js'
import { nextStepOf, useUnderWay } from '../data/job-steps.js'
import { useRow } from '../data/rows.js'
import { Docket } from './Docket.js'

/** What stands around everything about one job: its docket, with its steps. */
export const JobFrame = () => {
  const { jobId } = useParams()
  useEffect(() => {
    if (jobId) takeJobInHand(jobId)
  }, [jobId])
  return (
    <>
      {jobId && <Docket key={jobId} jobId={jobId} />}
      <Outlet />
    </>
  )
}

/** A job without a step in its address: on to what comes next. */
export const JobGoesOn = () => {
  const { jobId } = useParams()
  const { data: job, isError } = useRow('jobs', jobId)
  const underWay = useUnderWay(job)
  // What is not there is told by the step.
  if (jobId && isError) return <Navigate to={jobPath(jobId, 'plan')} replace />
  if (!job || underWay === undefined) return null
  return <Navigate to={jobPath(job.id, nextStepOf(job, underWay))} replace />
}
