import { type BladeSide, cardToPressDrawing, keyOfThing, type LaidThing, type Placement } from '@bold-heron/core'
import { useRef } from 'react'
import { useTranslation } from 'react-i18next'
import { Rulers } from '../../../drawing/placement/Rulers.js'
import type { Zoom } from '../../../drawing/placement/use-zoom.js'
import { useLengths } from '../../../text/lengths.js'
import { CutLines } from './CutLines.js'
import { Ground, GroundDefs } from './Ground.js'
import { Marks } from './Marks.js'
import type { CardView, Scene } from './scene.js'
import { ThingsOnCard } from './ThingsOnCard.js'
import { useDragging } from './use-dragging.js'

const AS_IT_IS = [1, 0, 0, 1, 0, 0] as const

/** The card with everything that lies on it, at true proportion. */
export const PlacementCanvas = ({
  svgRef,
  zoom,
  placement,
  view,
  dieOf,
  plates,
  blade,
  cardView,
  selected,
  snap,
  marking,
  map,
  onSelect,
  onChange,
  onMark,
}: Pick<Scene, 'placement' | 'view' | 'dieOf' | 'plates' | 'map'> & {
  readonly svgRef: React.RefObject<SVGSVGElement | null>
  readonly zoom: Zoom
  readonly blade: BladeSide
  readonly cardView: CardView
  readonly selected: LaidThing | undefined
  readonly snap: boolean
  readonly marking: boolean
  readonly onSelect: (thing: LaidThing | undefined) => void
  readonly onChange: (edit: (placement: Placement) => Placement) => void
  readonly onMark: (xMm: number, yMm: number) => void
}) => {
  const lengths = useLengths()
  const { t } = useTranslation()
  const { framing } = zoom
  const contentRef = useRef<SVGGElement>(null)
  const run = placement.runs[placement.runInHand]
  const mirror = cardView === 'press' && run ? cardToPressDrawing(placement.card, run, blade) : AS_IT_IS
  const dragging = useDragging({ placement, dieOf, scale: framing.k, mirror, snap, onChange })
  const { dragged } = dragging
  const isSelected = (thing: LaidThing): boolean => selected !== undefined && keyOfThing(selected) === keyOfThing(thing)
  const scene: Scene = { placement, run, view, plates, dieOf, map, scale: framing.k, dragged, isSelected }

  const mark = (event: React.MouseEvent) => {
    if (!marking || !contentRef.current) return
    const inverse = contentRef.current.getScreenCTM()?.inverse()
    if (!inverse) return
    const at = new DOMPoint(event.clientX, event.clientY).matrixTransform(inverse)
    onMark(at.x, at.y)
  }

  return (
    <svg
      ref={svgRef}
      className="block size-full cursor-grab touch-none bg-paper select-none"
      role="group"
      aria-label={t('place.tools.drawing')}
      onClick={mark}
    >
      <GroundDefs view={view} scale={framing.k} />
      <g transform={`translate(${framing.x} ${framing.y}) scale(${framing.k})`}>
        <g ref={contentRef} transform={`matrix(${mirror.join(' ')})`}>
          <Ground placement={placement} view={view} dragged={dragged} />
          <CutLines {...scene} />
          <ThingsOnCard scene={scene} dragging={dragging} onSelect={onSelect} />
          <Marks placement={placement} scale={framing.k} dragged={dragged} />
        </g>
      </g>
      <Rulers framing={framing} width={zoom.width} height={zoom.height} unit={lengths.style.unit} />
      {dragged && dragged.snaps.length > 0 && (
        <text x={30} y={zoom.height - 12} fill="var(--color-accent)" fontWeight={700}>
          {dragged.snaps.map(({ to }) => t(`place.snapped.${to}`)).join(' · ')}
        </text>
      )}
    </svg>
  )
}
