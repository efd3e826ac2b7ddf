import { useSortable } from '@dnd-kit/sortable'
import { inputOfJob, type JobRow } from '@bold-heron/schema'
import { GripVertical } from 'lucide-react'
import { useTranslation } from 'react-i18next'
import { useSaveRow } from '../../data/rows.js'
import { type OnItsWay, SortedByHand } from '../../ui/SortedByHand.js'
import { useSayTrouble } from '../../ui/use-say-trouble.js'
import { JobCard, type Seen } from './JobCard.js'
import { reordered } from './order.js'

/** Saves a job at another place in the order. */
const useMove = (jobs: readonly JobRow[]) => {
  const sayTrouble = useSayTrouble()
  const save = useSaveRow('jobs')
  return async (from: number, to: number): Promise<void> => {
    try {
      for (const { job, rank } of reordered(jobs, from, to))
        await save.mutateAsync({ id: job.id, version: job.version, input: { ...inputOfJob(job), rank } })
    } catch (error) {
      sayTrouble(error)
    }
  }
}

const CarriedJob = ({ job, seen, inHand }: { readonly job: JobRow; readonly seen: Seen; readonly inHand: boolean }) => {
  const { t } = useTranslation()
  const { attributes, listeners, setNodeRef, transform, transition, isDragging } = useSortable({ id: job.id })
  return (
    <JobCard
      job={job}
      seen={seen}
      inHand={inHand}
      carried={{
        ref: setNodeRef,
        style: { transform: transform ? `translateY(${transform.y}px)` : undefined, transition },
        isDragging,
        grip: (
          <button
            type="button"
            className="grid size-9 shrink-0 cursor-grab touch-none place-items-center rounded text-ink-soft hover:bg-sunk"
            {...attributes}
            {...listeners}
            aria-label={t('jobs.move', { name: job.name })}
          >
            <GripVertical aria-hidden size={18} />
          </button>
        ),
      }}
    />
  )
}

/** Jobs whose order is being changed: by their grips, or Space and arrows on them. */
const OrderedJobs = ({
  jobs,
  seen,
  inHand,
}: {
  readonly jobs: readonly JobRow[]
  readonly seen: Seen
  readonly inHand: string | undefined
}) => {
  const { t } = useTranslation()
  const move = useMove(jobs)
  const tell = (line: OnItsWay) => t('jobs.announceOver', { ...line })
  return (
    <SortedByHand
      keys={jobs.map((job) => job.id)}
      nameAt={(place) => jobs[place]?.name ?? ''}
      tellOver={tell}
      tellDropped={tell}
      onMove={(from, to) => void move(from, to)}
    >
      <ul className="rounded-lg border border-line bg-leaf pl-2">
        {jobs.map((job) => (
          <CarriedJob key={job.id} job={job} seen={seen} inHand={job.id === inHand} />
        ))}
      </ul>
    </SortedByHand>
  )
}
export default OrderedJobs
