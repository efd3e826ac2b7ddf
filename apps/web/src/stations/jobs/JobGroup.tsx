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
import { SortableContext, sortableKeyboardCoordinates, verticalListSortingStrategy } from '@dnd-kit/sortable'
import type { JobState } from '@bold-heron/core'
import { inputOfJob, type JobRow } from '@bold-heron/schema'
import { useId, useState } from 'react'
import { useTranslation } from 'react-i18next'
import { useJobInHand } from '../../data/job-in-hand.js'
import { useSaveRow } from '../../data/rows.js'
import { useSay } from '../../ui/toasts.js'
import { sayTrouble } from '../../text/say-trouble.js'
import { Button } from '../../ui/Button.js'
import { classes } from '../../ui/classes.js'
import { JobCard, type Seen } from './JobCard.js'
import { reordered } from './order.js'
import { withSharedBeside } from './same-stack.js'

/** Jobs of a state shown before anyone asks for more: a log of years ends here. */
const FIRST_SHOWN = 20

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

/** The jobs in one state, those that share a stack side by side. */
export const JobGroup = ({
  state,
  jobs,
  seen,
}: {
  readonly state: JobState
  readonly jobs: readonly JobRow[]
  readonly seen: Seen
}) => {
  const { t } = useTranslation()
  const inHand = useJobInHand()
  const [shown, setShown] = useState(FIRST_SHOWN)
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
  const accessibility = { announcements, screenReaderInstructions: { draggable: t('plan.stack.dragHelp') } }
  const listed = jobs.slice(0, shown)
  const movable = state !== 'done' && state !== 'set-aside'
  return (
    <section className="mb-5" aria-label={t(`jobs.groups.${state}`)}>
      <h2 className="mb-1 text-xl">
        {t(`jobs.groups.${state}`)} <span className="font-sans text-base text-ink-soft">{jobs.length}</span>
      </h2>
      <DndContext
        id={id}
        sensors={sensors}
        collisionDetection={closestCenter}
        onDragEnd={(event) => void move(event)}
        accessibility={accessibility}
      >
        <SortableContext items={listed.map((job) => job.id)} strategy={verticalListSortingStrategy}>
          <div className="rounded-lg border border-line bg-leaf pl-2">
            {withSharedBeside(listed).map((group) => (
              <ul
                key={group[0]?.id}
                aria-label={group.length > 1 ? t('jobs.sameStack', { count: group.length }) : undefined}
                className={classes(
                  'border-b border-line last:border-b-0',
                  group.length > 1 && 'my-1 border-l-4 border-l-clean pl-2',
                )}
              >
                {group.length > 1 && (
                  <li className="pt-1 text-sm font-bold text-clean">{t('jobs.sameStack', { count: group.length })}</li>
                )}
                {group.map((job) => (
                  <JobCard key={job.id} job={job} seen={seen} inHand={job.id === inHand} movable={movable} />
                ))}
              </ul>
            ))}
          </div>
        </SortableContext>
      </DndContext>
      {jobs.length > shown && (
        <Button look="quiet" className="mt-1" onClick={() => setShown(shown + FIRST_SHOWN)}>
          {t('jobs.moreJobs', { count: jobs.length - shown })}
        </Button>
      )}
    </section>
  )
}
