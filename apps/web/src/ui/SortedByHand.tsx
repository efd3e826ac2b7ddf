import {
  closestCenter,
  DndContext,
  KeyboardSensor,
  PointerSensor,
  type UniqueIdentifier,
  useSensor,
  useSensors,
} from '@dnd-kit/core'
import { SortableContext, sortableKeyboardCoordinates, verticalListSortingStrategy } from '@dnd-kit/sortable'
import { type ReactNode, useId } from 'react'
import { useTranslation } from 'react-i18next'

/** What is told of a line on its way: its name, and its place, from 1 at the top. */
export interface OnItsWay {
  readonly name: string
  readonly place: number
  readonly of: number
}

/** A list whose lines (each a `useSortable` of its key) are moved up and down by their grips, or by Space and arrows on them. */
export const SortedByHand = ({
  keys,
  nameAt,
  tellOver,
  tellDropped,
  onMove,
  children,
}: {
  /** From the top. */
  readonly keys: readonly string[]
  /** Places here and below are counted from 0 at the top. */
  readonly nameAt: (place: number) => string
  readonly tellOver: (line: OnItsWay) => string
  readonly tellDropped: (line: OnItsWay) => string
  readonly onMove: (from: number, to: number) => void
  readonly children: ReactNode
}) => {
  const { t } = useTranslation()
  const id = useId()
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  )
  const placeOf = (key: UniqueIdentifier) => keys.indexOf(String(key))
  const nameOf = (key: UniqueIdentifier) => nameAt(placeOf(key))
  const onItsWay = (active: UniqueIdentifier, over: UniqueIdentifier): OnItsWay => ({
    name: nameOf(active),
    place: placeOf(over) + 1,
    of: keys.length,
  })
  return (
    <DndContext
      id={id}
      sensors={sensors}
      collisionDetection={closestCenter}
      onDragEnd={({ active, over }) => {
        if (over && active.id !== over.id) onMove(placeOf(active.id), placeOf(over.id))
      }}
      accessibility={{
        announcements: {
          onDragStart: ({ active }) => t('plan.stack.announceLift', { name: nameOf(active.id) }),
          onDragOver: ({ active, over }) => (over ? tellOver(onItsWay(active.id, over.id)) : undefined),
          onDragEnd: ({ active, over }) => (over ? tellDropped(onItsWay(active.id, over.id)) : undefined),
          onDragCancel: ({ active }) => t('plan.stack.announceCancel', { name: nameOf(active.id) }),
        },
        screenReaderInstructions: { draggable: t('plan.stack.dragHelp') },
      }}
    >
      <SortableContext items={[...keys]} strategy={verticalListSortingStrategy}>
        {children}
      </SortableContext>
    </DndContext>
  )
}
