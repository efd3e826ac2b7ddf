import {
  type Announcements,
  closestCenter,
  DndContext,
  type DragEndEvent,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
} from '@dnd-kit/core'
import {
  SortableContext,
  sortableKeyboardCoordinates,
  useSortable,
  verticalListSortingStrategy,
} from '@dnd-kit/sortable'
import { inputOfJob, type JobRow } from '@bold-heron/schema'
import { GripVertical } from 'lucide-react'
import { useId } from 'react'
import { useTranslation } from 'react-i18next'
import { useSaveRow } from '../../data/rows.js'
import { sayTrouble } from '../../text/say-trouble.js'
import { useSay } from '../../ui/toasts.js'
import { JobCard, type Seen } from './JobCard.js'
import { reordered } from './order.js'

/** Saves a job at another place in the order. */
const useMove = (jobs: readonly JobRow[]) => {
  const { t } = useTranslation()
  const say = useSay()
  const save = useSaveRow('jobs')
  return async ({ active, over }: DragEndEvent): Promise<void> => {
    const placeOf = (id: string | number | undefined) => jobs.findIndex((job) => job.id === id)
    const to = placeOf(over?.id)
    if (to === -1) return
    try {
      for (const { job, rank } of reordered(jobs, placeOf(active.id), to))
        await save.mutateAsync({ id: job.id, version: job.version, input: { ...inputOfJob(job), rank } })
    } catch (error) {
      say(sayTrouble(t, error), { tone: 'danger' })
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
export const OrderedJobs = ({
  jobs,
  seen,
  inHand,
}: {
  readonly jobs: readonly JobRow[]
  readonly seen: Seen
  readonly inHand: string | undefined
}) => {
  const { t } = useTranslation()
  const id = useId()
  const move = useMove(jobs)
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  )
  const nameOf = (key: string | number): string => jobs.find((job) => job.id === key)?.name ?? ''
  const placeOf = (key: string | number) => ({ place: 1 + jobs.findIndex((job) => job.id === key), of: jobs.length })
  const announcements: Announcements = {
    onDragStart: ({ active }) => t('plan.stack.announceLift', { name: nameOf(active.id) }),
    onDragOver: ({ active, over }) =>
      over ? t('jobs.announceOver', { name: nameOf(active.id), ...placeOf(over.id) }) : undefined,
    onDragEnd: ({ active, over }) =>
      over ? t('jobs.announceOver', { name: nameOf(active.id), ...placeOf(over.id) }) : undefined,
    onDragCancel: ({ active }) => t('plan.stack.announceCancel', { name: nameOf(active.id) }),
  }
  return (
    <DndContext
      id={id}
      sensors={sensors}
      collisionDetection={closestCenter}
      onDragEnd={(event) => void move(event)}
      accessibility={{ announcements, screenReaderInstructions: { draggable: t('plan.stack.dragHelp') } }}
    >
      <SortableContext items={jobs.map((job) => job.id)} strategy={verticalListSortingStrategy}>
        <ul className="rounded-lg border border-line bg-leaf pl-2">
          {jobs.map((job) => (
            <CarriedJob key={job.id} job={job} seen={seen} inHand={job.id === inHand} />
          ))}
        </ul>
      </SortableContext>
    </DndContext>
  )
}
export default OrderedJobs
