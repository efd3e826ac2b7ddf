import type { JobRow } from '@bold-heron/schema'
import type { ReactNode } from 'react'
import { useParams } from 'react-router'
import { useRow } from '../data/rows.js'
import { Loaded } from '../ui/states.js'

/** A step at work on the job in its address. */
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
  return (
    <>
      <h1 className="sr-only">{title}</h1>
      <Loaded query={job} what={loading}>
        {children}
      </Loaded>
    </>
  )
}
