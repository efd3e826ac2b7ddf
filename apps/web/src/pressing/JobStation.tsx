import type { JobRow } from '@bold-heron/schema'
import { type ReactNode, useEffect } from 'react'
import { useParams } from 'react-router'
import { takeJobInHand } from '../data/job-in-hand.js'
import { useRow } from '../data/rows.js'
import { Loaded } from '../ui/states.js'

/** A station at work on the job in its address, which is the job in hand from here on. */
export const JobStation = ({
  title,
  loading,
  children,
}: {
  readonly title: string
  readonly loading: string
  readonly children: (job: JobRow) => ReactNode
}) => {
  const { jobId } = useParams()
  const job = useRow('jobs', jobId)
  const id = job.data?.id
  useEffect(() => {
    if (id) takeJobInHand(id)
  }, [id])
  return (
    <>
      <h1 className="sr-only">{title}</h1>
      <Loaded query={job} what={loading}>
        {children}
      </Loaded>
    </>
  )
}
