import { useSortable } from '@dnd-kit/sortable'
import type { LaidLayer, Layer, Ledger, Plate, PlanRequest, Stack } from '@bold-heron/core'
import { ArrowLeftRight, GripVertical, X } from 'lucide-react'
import type { KeyboardEvent } from 'react'
import { useTranslation } from 'react-i18next'
import { HatchSwatch } from '../../drawing/section/hatches.js'
import { useLengths } from '../../text/lengths.js'
import { IconButton } from '../../ui/Button.js'
import { classes } from '../../ui/classes.js'
import { SortedByHand } from '../../ui/SortedByHand.js'
import { laidByHand, movedLayer, piecesLeft } from './chosen-stack.js'
import { layerName } from './layer-name.js'
import { PieceMenu } from './PieceMenu.js'

/** Height of one line of the list in pixels; the drawing's leaders count on it. */
export const LAYER_ROW_PX = 38

/** A name for each piece that moves with it: a second piece of the same entry is told apart by its number. */
const keysOf = (stack: Stack): string[] => {
  const seen = new Map<string, number>()
  return stack.map((layer) => {
    const id = layer.is === 'plate' ? layer.plate.id : layer.is
    const count = seen.get(id) ?? 0
    seen.set(id, count + 1)
    return `${id}:${count}`
  })
}

interface RowProps {
  readonly rowKey: string
  readonly layer: Layer
  readonly index: number
  readonly ledger: Ledger
  readonly shelf: readonly Plate[]
  readonly left: ReadonlyMap<string, number>
  readonly onMove: (to: number) => void
  readonly onSwap: (plate: Plate) => void
  readonly onTakeOut: () => void
  readonly onMark: (index: number | undefined) => void
}

const LayerRow = ({ rowKey, layer, index, ledger, shelf, left, onMove, onSwap, onTakeOut, onMark }: RowProps) => {
  const { t } = useTranslation()
  const lengths = useLengths()
  const { attributes, listeners, setNodeRef, transform, transition, isDragging } = useSortable({ id: rowKey })
  const name = layerName(t, layer)
  const thickness = ledger.lines[index]?.thickness
  const onKeyDown = (event: KeyboardEvent) => {
    if (event.altKey && (event.key === 'ArrowUp' || event.key === 'ArrowDown')) {
      event.preventDefault()
      event.stopPropagation()
      onMove(index + (event.key === 'ArrowUp' ? 1 : -1))
    }
    if ((event.key === 'Delete' || event.key === 'Backspace') && layer.is === 'plate') {
      event.preventDefault()
      onTakeOut()
    }
  }
  return (
    <li
      ref={setNodeRef}
      style={{
        height: LAYER_ROW_PX,
        transform: transform ? `translateY(${transform.y}px)` : undefined,
        transition,
      }}
      className={classes(
        'flex items-center gap-1.5 border-b border-line bg-leaf',
        isDragging && 'relative z-10 shadow-lg',
      )}
      onKeyDown={onKeyDown}
      onPointerEnter={() => onMark(index)}
      onPointerLeave={() => onMark(undefined)}
      onFocus={() => onMark(index)}
      onBlur={() => onMark(undefined)}
    >
      <button
        type="button"
        className="grid size-8 shrink-0 cursor-grab touch-none place-items-center rounded hover:bg-sunk"
        {...attributes}
        {...listeners}
        aria-label={t('plan.stack.move', { name })}
      >
        <GripVertical aria-hidden size={18} />
      </button>
      <HatchSwatch layer={layer} />
      <span className="line-clamp-2 min-w-0 flex-1 leading-[1.15] max-sm:text-sm" title={name}>
        {name}
      </span>
      <span className="w-20 shrink-0 text-right font-bold whitespace-nowrap max-sm:w-18">
        {lengths.thickness(thickness?.valueMm ?? 0)}
      </span>
      <span className="hidden w-13 text-right text-sm text-ink-soft sm:block">
        {lengths.bare(ledger.lines[index]?.runningMm ?? 0)}
      </span>
      <span className="flex w-16 shrink-0 justify-end">
        {layer.is === 'plate' && (
          <>
            <PieceMenu
              trigger={
                <IconButton label={t('plan.stack.swap', { name })} className="size-8">
                  <ArrowLeftRight aria-hidden size={16} />
                </IconButton>
              }
              title={t('plan.stack.swapFor')}
              shelf={shelf.filter((plate) => plate.id !== layer.plate.id)}
              left={left}
              near={[layer.plate.kind]}
              onPick={onSwap}
            />
            <IconButton label={t('plan.stack.takeOut', { name })} className="size-8" onClick={onTakeOut}>
              <X aria-hidden size={16} />
            </IconButton>
          </>
        )}
      </span>
    </li>
  )
}

/** The layers top to bottom, to be moved by dragging or with the keyboard, swapped, or taken out. */
export const LayerList = ({
  stack,
  ledger,
  request,
  onChange,
  onMark,
}: {
  readonly stack: Stack
  readonly ledger: Ledger
  readonly request: PlanRequest
  readonly onChange: (stack: Stack) => void
  readonly onMark: (index: number | undefined) => void
}) => {
  const { t } = useTranslation()
  const { shelf } = request
  const keys = keysOf(stack)
  const left = piecesLeft(stack, shelf)
  const lay = (layers: readonly LaidLayer[]) => onChange(laidByHand(layers, request))
  const topDown = [...keys.keys()].reverse()
  const indexAt = (place: number) => stack.length - 1 - place
  const nameAt = (place: number) => {
    const layer = stack[indexAt(place)]
    return layer ? layerName(t, layer) : ''
  }
  return (
    <SortedByHand
      keys={topDown.map((at) => keys[at] as string)}
      nameAt={nameAt}
      tellOver={(line) => t('plan.stack.announceOver', { ...line })}
      tellDropped={(line) => t('plan.stack.announceDrop', { ...line })}
      onMove={(from, to) => lay(movedLayer(stack, indexAt(from), indexAt(to)))}
    >
      <ol aria-label={t('plan.stack.layers')} className="border-t border-line">
        {topDown.map((index) => (
          <LayerRow
            key={keys[index]}
            rowKey={keys[index] as string}
            layer={stack[index] as Layer}
            index={index}
            ledger={ledger}
            shelf={shelf}
            left={left}
            onMove={(to) => lay(movedLayer(stack, index, to))}
            onSwap={(plate) => lay(stack.map((layer, at) => (at === index ? { is: 'plate', plate } : layer)))}
            onTakeOut={() => lay(stack.filter((_, at) => at !== index))}
            onMark={onMark}
          />
        ))}
      </ol>
    </SortedByHand>
  )
}
