import { useSortable } from '@dnd-kit/sortable'
import type { BuildSection } from '@bold-heron/core'
import type { BuildLayerInput, SheetRow } from '@bold-heron/schema'
import { ChevronDown, ChevronUp, GripVertical, X } from 'lucide-react'
import { type KeyboardEvent, useId } from 'react'
import { useTranslation } from 'react-i18next'
import { useRow } from '../../data/rows.js'
import { SheetSwatch } from '../../drawing/SheetSwatch.js'
import { useLengths } from '../../text/lengths.js'
import { Button } from '../../ui/Button.js'
import { classes } from '../../ui/classes.js'
import { LayerFields } from './LayerFields.js'

/** A layer as a line: what it is, how many, how thick, what it is made of and by which job; what more there is to say of it unfolds. */
export const LayerLine = ({
  layer,
  at,
  called,
  placed,
  sheet,
  isOpen,
  noSheet,
  onOpen,
  onChange,
  onMove,
  onTake,
}: {
  readonly layer: BuildLayerInput
  readonly at: number
  readonly called: string
  readonly placed: BuildSection['layers'][number] | undefined
  readonly sheet: SheetRow | undefined
  readonly isOpen: boolean
  readonly noSheet: boolean
  readonly onOpen: () => void
  readonly onChange: (change: Partial<BuildLayerInput>) => void
  readonly onMove: (by: 1 | -1) => void
  /** Takes it away; absent where it is the only one. */
  readonly onTake: (() => void) | undefined
}) => {
  const { t } = useTranslation()
  const lengths = useLengths()
  const job = useRow('jobs', layer.jobId ?? undefined).data
  const { attributes, listeners, setNodeRef, transform, transition, isDragging } = useSortable({ id: layer.id })
  const below = useId()
  const onKeyDown = (event: KeyboardEvent) => {
    if (!event.altKey || (event.key !== 'ArrowUp' && event.key !== 'ArrowDown')) return
    event.preventDefault()
    onMove(event.key === 'ArrowUp' ? -1 : 1)
  }
  const madeOf = [
    ...(placed ? [lengths.thickness(placed.toMm - placed.fromMm)] : []),
    sheet?.name ?? t('cards.build.noSheet'),
    job?.name ?? t('cards.build.noJob'),
    ...(at > 0 ? [t(`words.layerJoin.${layer.join}`)] : []),
  ]
  return (
    <li
      ref={setNodeRef}
      style={{ transform: transform ? `translateY(${transform.y}px)` : undefined, transition }}
      className={classes('border-b border-line bg-leaf last:border-0', isDragging && 'relative z-10 shadow-lg')}
    >
      <div className="flex items-center gap-2" onKeyDown={onKeyDown}>
        <button
          type="button"
          className="grid size-11 shrink-0 cursor-grab touch-none place-items-center rounded hover:bg-sunk"
          {...attributes}
          {...listeners}
          aria-label={t('cards.build.move', { name: called })}
        >
          <GripVertical aria-hidden size={18} />
        </button>
        {sheet && <SheetSwatch sheet={sheet} />}
        <button
          type="button"
          className="flex min-h-11 min-w-0 flex-1 items-center gap-3 py-1 pr-2 text-left hover:bg-sunk"
          aria-expanded={isOpen}
          aria-controls={below}
          onClick={onOpen}
        >
          <span className="min-w-0 flex-1">
            <span className="block font-bold">
              {layer.each * layer.sheets > 1 && `${layer.each * layer.sheets} × `}
              {called}
            </span>
            <span className="block text-sm text-ink-soft">{madeOf.join(' · ')}</span>
          </span>
          {isOpen ? <ChevronUp aria-hidden size={18} /> : <ChevronDown aria-hidden size={18} />}
        </button>
      </div>
      <div id={below} className={classes('p-3 pt-0', !isOpen && 'hidden')}>
        {isOpen && (
          <>
            <LayerFields layer={layer} at={at} noSheet={noSheet} onChange={onChange} />
            {onTake && (
              <Button look="quiet" className="mt-2" icon={<X aria-hidden size={18} />} onClick={onTake}>
                {t('cards.build.take', { name: called })}
              </Button>
            )}
          </>
        )}
      </div>
    </li>
  )
}
