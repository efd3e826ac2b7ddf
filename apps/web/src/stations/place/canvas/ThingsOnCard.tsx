import { keyOfThing, type LaidThing } from '@bold-heron/core'
import type { ReactNode } from 'react'
import { useTranslation } from 'react-i18next'
import { Draggable } from './Draggable.js'
import type { Scene } from './scene.js'
import { BlockOutline, DieOutline, MotifFrame, PencilLine } from './things.js'
import type { useDragging } from './use-dragging.js'

/** What lies on the card and can be dragged, chosen and moved by keys, the lowest first. */
export const ThingsOnCard = ({
  scene,
  dragging: { dragged, drag, drop },
  onSelect,
}: {
  readonly scene: Scene
  readonly dragging: ReturnType<typeof useDragging>
  readonly onSelect: (thing: LaidThing) => void
}) => {
  const { t } = useTranslation()
  const { placement, run, isSelected, dieOf } = scene
  const thing = (each: LaidThing, label: string, children: ReactNode) => (
    <Draggable
      key={keyOfThing(each)}
      label={label}
      selected={isSelected(each)}
      moved={dragged?.key === keyOfThing(each) ? dragged : undefined}
      onSelect={() => onSelect(each)}
      onDrag={drag(each)}
      onDrop={drop(each)}
    >
      {children}
    </Draggable>
  )
  const { motif } = placement
  return (
    <>
      {motif && thing({ is: 'motif' }, t('place.things.motif', { name: motif.name }), <MotifFrame motif={motif} />)}
      {run?.blocks.map((block) =>
        thing(
          { is: 'block', id: block.id },
          t('place.things.block', { name: block.id }),
          <BlockOutline block={block} isSelected={isSelected} />,
        ),
      )}
      {run?.line &&
        thing({ is: 'line' }, t('place.things.line'), <PencilLine line={run.line} isSelected={isSelected} />)}
      {run?.dies.map((laid) => {
        const die = dieOf(laid.dieId)
        return (
          die &&
          thing(
            { is: 'die', id: laid.id },
            t('place.things.die', { name: die.name }),
            <DieOutline laid={laid} scene={scene} />,
          )
        )
      })}
    </>
  )
}
