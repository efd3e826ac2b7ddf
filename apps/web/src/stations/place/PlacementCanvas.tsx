import {
  type BladeSide,
  type Die,
  liesMirrored,
  lineOfFold,
  outlineOfBlock,
  padOnLine,
  type Placement,
  type Plate,
  type RunCut,
  snapAlong,
  type Snapped,
  toPressDrawing,
} from '@bold-heron/core'
import { type ReactNode, useRef, useState } from 'react'
import { useTranslation } from 'react-i18next'
import { lineOf } from '../../drawing/cut-map/CutMapDrawing.js'
import type { MapPaths } from '../../drawing/cut-map/paths.js'
import { Rulers } from '../../drawing/placement/Rulers.js'
import { pathOf, pathOfAll } from '../../drawing/line-path.js'
import { pencilPath, shapeOfDie } from '../../drawing/placement/shapes.js'
import { placementStrokes } from '../../drawing/placement/strokes.js'
import type { Zoom } from '../../drawing/placement/use-zoom.js'
import type { Lengths } from '../../text/lengths.js'
import type { PlacementView } from '../../workers/place.worker.js'
import { Draggable } from './Draggable.js'
import { keyOf, moveThing, type Thing } from './edits.js'
import { boxesOfOthers, boxOfThing } from './geometry-of.js'

/** Pixels within which a thing catches hold of a line. */
const CATCH_PX = 7
/** mm. How far beyond the card a guiding line is drawn. */
const GUIDE_MM = 600
const MARK_PX = 9

export type CardView = 'front' | 'press'

interface Dragged {
  readonly key: string
  readonly dx: number
  readonly dy: number
  readonly snaps: readonly (Snapped & { readonly axis: 'x' | 'y' })[]
}

const fixed = { fill: 'none', vectorEffect: 'non-scaling-stroke' } as const

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
  lengths,
  onSelect,
  onChange,
  onMark,
}: {
  readonly svgRef: React.RefObject<SVGSVGElement | null>
  readonly zoom: Zoom
  readonly placement: Placement
  readonly view: PlacementView | undefined
  readonly dieOf: (id: string) => Die | undefined
  readonly plates: readonly Plate[]
  readonly blade: BladeSide
  readonly cardView: CardView
  readonly selected: Thing | undefined
  readonly snap: boolean
  readonly marking: boolean
  /** The cut map on the card, by how far the line is cut. */
  readonly map: MapPaths['byState'] | undefined
  readonly lengths: Lengths
  readonly onSelect: (thing: Thing | undefined) => void
  readonly onChange: (edit: (placement: Placement) => Placement) => void
  readonly onMark: (xMm: number, yMm: number) => void
}) => {
  const { t } = useTranslation()
  const { transform } = zoom
  const [dragged, setDragged] = useState<Dragged>()
  const contentRef = useRef<SVGGElement>(null)
  const { card, motif } = placement
  const run = placement.runs[placement.runInHand]
  const mirror = cardView === 'press' && run ? toPressDrawing(card, run, blade) : ([1, 0, 0, 1, 0, 0] as const)

  const drag = (thing: Thing) => (px: number, py: number) => {
    // A mirrored view moves the other way on the card.
    let dx = (px / transform.k) * mirror[0]
    let dy = (py / transform.k) * mirror[3]
    const snaps: Dragged['snaps'][number][] = []
    const box = boxOfThing(placement, thing, dieOf)
    if (snap && box) {
      const others = boxesOfOthers(placement, thing, dieOf)
      const shifted = { fromX: box.fromX + dx, toX: box.toX + dx, fromY: box.fromY + dy, toY: box.toY + dy }
      const alongX = snapAlong('x', shifted, card, others, CATCH_PX / transform.k)
      if (alongX) {
        dx += alongX.byMm
        snaps.push({ ...alongX, axis: 'x' })
      }
      const caught = { ...shifted, fromX: box.fromX + dx, toX: box.toX + dx }
      const alongY = snapAlong('y', caught, card, others, CATCH_PX / transform.k)
      if (alongY) {
        dy += alongY.byMm
        snaps.push({ ...alongY, axis: 'y' })
      }
    }
    setDragged({ key: keyOf(thing), dx, dy, snaps })
  }
  const drop = (thing: Thing) => () => {
    if (dragged && (dragged.dx !== 0 || dragged.dy !== 0)) onChange(moveThing(thing, dragged.dx, dragged.dy))
    setDragged(undefined)
  }
  const movedOf = (thing: Thing) => (dragged?.key === keyOf(thing) ? dragged : undefined)
  const isSelected = (thing: Thing): boolean => selected !== undefined && keyOf(selected) === keyOf(thing)
  const things = (thing: Thing, label: string, children: ReactNode) => (
    <Draggable
      key={keyOf(thing)}
      label={label}
      selected={isSelected(thing)}
      moved={movedOf(thing)}
      onSelect={() => onSelect(thing)}
      onDrag={drag(thing)}
      onDrop={drop(thing)}
    >
      {children}
    </Draggable>
  )

  const mark = (event: React.MouseEvent) => {
    if (!marking || !contentRef.current) return
    const inverse = contentRef.current.getScreenCTM()?.inverse()
    if (!inverse) return
    const at = new DOMPoint(event.clientX, event.clientY).matrixTransform(inverse)
    onMark(at.x, at.y)
  }

  const place = ({ xMm, yMm, rotationDeg }: { xMm: number; yMm: number; rotationDeg: number }) =>
    `translate(${xMm} ${yMm}) rotate(${rotationDeg})`
  const line = run?.line ?? undefined
  const pad = plates.find((plate) => plate.id === run?.padId)
  const drawnRuns = view?.runs ?? []
  const cutNow = drawnRuns.find((each) => each.runId === run?.id)

  return (
    <svg
      ref={svgRef}
      className="block size-full cursor-grab touch-none bg-paper select-none"
      role="group"
      aria-label={t('place.tools.drawing')}
      onClick={mark}
    >
      <defs>
        <pattern
          id="waste"
          width="6"
          height="6"
          patternUnits="userSpaceOnUse"
          patternTransform={`scale(${1 / transform.k}) rotate(45)`}
        >
          <path d="M0 0V6" stroke="var(--color-danger)" strokeWidth="1.4" />
        </pattern>
        {/* What is inside the card shows only where a piece has come away. */}
        <clipPath id="through">
          {view?.pieces.map((piece, at) => piece.is !== 'card' && <path key={at} d={piece.d} clipRule="evenodd" />)}
        </clipPath>
      </defs>
      <g transform={`translate(${transform.x} ${transform.y}) scale(${transform.k})`}>
        <g ref={contentRef} transform={`matrix(${mirror.join(' ')})`}>
          <path
            d={pathOf([0, 0, card.widthMm, 0, card.widthMm, card.heightMm, 0, card.heightMm])}
            fill="var(--color-leaf)"
          />
          {view?.pieces.map(
            (piece, at) =>
              (piece.is === 'waste' || piece.is === 'loose') && (
                <path key={at} d={piece.d} fill="url(#waste)" fillRule="evenodd" opacity={0.5} />
              ),
          )}
          {motif?.picture && (
            <g {...(motif.on === 'inside' ? { clipPath: 'url(#through)' } : {})}>
              <image
                href={motif.picture}
                x={-motif.widthMm / 2}
                y={-motif.heightMm / 2}
                width={motif.widthMm}
                height={motif.heightMm}
                preserveAspectRatio="none"
                opacity={0.75}
                transform={`${movedOf({ is: 'motif' }) ? `translate(${dragged?.dx} ${dragged?.dy})` : ''} ${place(motif)}`}
              />
            </g>
          )}
          <path d={`M0 0H${card.widthMm}V${card.heightMm}H0Z`} {...fixed} {...placementStrokes.card} />
          {card.fold && (
            <path d={pathOf(lineOfFold(card, card.fold))} {...fixed} {...placementStrokes.fold} opacity={0.4} />
          )}
          {view?.crease && <path d={view.crease.d} {...fixed} {...placementStrokes.fold} />}
          {pad && line && (
            <path
              d={pathOf(padOnLine(pad, line, padLines(run, dieOf)).outline)}
              {...fixed}
              {...placementStrokes.pad}
              fill="var(--color-ink)"
              fillOpacity={0.04}
            />
          )}

          {/* What other runs cut, and what this one does; a die being dragged shows its bare lines instead. */}
          {drawnRuns.map(({ runId, dies }) =>
            dies.map((die) => {
              const own = runId === run?.id
              if (own && dragged?.key === `die ${die.laidId}`) return null
              return (
                <g key={`${runId} ${die.laidId}`} opacity={own ? 1 : 0.55} className="pointer-events-none">
                  {!(own && map) && <path d={die.cut} {...fixed} {...placementStrokes.cut} />}
                  <path d={die.left + die.off} {...fixed} {...placementStrokes.left} />
                </g>
              )
            }),
          )}
          {map &&
            !dragged &&
            (['clean', 'nearly', 'hanging'] as const).map((state) => (
              <path key={state} d={map[state].d} {...fixed} {...lineOf[state]} className="pointer-events-none" />
            ))}
          {view?.knife.cuts.map(({ d }, at) => (
            <path key={at} d={d} {...fixed} {...placementStrokes.knife} className="pointer-events-none" />
          ))}

          {motif &&
            things(
              { is: 'motif' },
              t('place.things.motif', { name: motif.name }),
              <g transform={place(motif)}>
                <path
                  d={`M${-motif.widthMm / 2} ${-motif.heightMm / 2}h${motif.widthMm}v${motif.heightMm}h${-motif.widthMm}Z`}
                  {...fixed}
                  {...placementStrokes.motif}
                  fill="transparent"
                />
              </g>,
            )}
          {run?.blocks.map((block) =>
            things(
              { is: 'block', id: block.id },
              t('place.things.block', { name: block.id }),
              <path
                d={pathOfAll(outlineOfBlock(block))}
                {...fixed}
                {...placementStrokes.block}
                fill="var(--color-ink)"
                fillOpacity={isSelected({ is: 'block', id: block.id }) ? 0.14 : 0.07}
              />,
            ),
          )}
          {line &&
            things(
              { is: 'line' },
              t('place.things.line'),
              <g>
                <path d={pencilPath(line)} stroke="transparent" strokeWidth={14} {...fixed} />
                <path
                  className="halo"
                  d={pencilPath(line)}
                  {...fixed}
                  {...placementStrokes.pencil}
                  strokeWidth={isSelected({ is: 'line' }) ? 2.6 : 1.6}
                />
              </g>,
            )}
          {run?.dies.map((laid) => {
            const die = dieOf(laid.dieId)
            if (!die) return null
            const shape = shapeOfDie(die, run.face)
            const thing: Thing = { is: 'die', id: laid.id }
            const bare = dragged?.key === keyOf(thing) || !cutNow
            return things(
              thing,
              t('place.things.die', { name: die.name }),
              <g transform={place(laid)}>
                <rect
                  x={-shape.widthMm / 2}
                  y={-shape.heightMm / 2}
                  width={shape.widthMm}
                  height={shape.heightMm}
                  fill="transparent"
                />
                <path d={shape.d} {...fixed} stroke={bare ? 'var(--color-ink)' : 'transparent'} strokeWidth={1.6} />
                <rect
                  className="halo"
                  x={-shape.widthMm / 2 - 1}
                  y={-shape.heightMm / 2 - 1}
                  width={shape.widthMm + 2}
                  height={shape.heightMm + 2}
                  {...fixed}
                  stroke={isSelected(thing) ? 'var(--color-accent)' : 'transparent'}
                  strokeWidth={1.5}
                  strokeDasharray="4 3"
                />
              </g>,
            )
          })}
          {placement.waste.map(({ xMm, yMm }, at) => (
            <g
              key={at}
              transform={`translate(${xMm} ${yMm}) scale(${1 / transform.k})`}
              className="pointer-events-none"
            >
              <circle r={MARK_PX} fill="var(--color-danger-wash)" stroke="var(--color-danger)" strokeWidth={1.6} />
              <path d="M-4 -4L4 4M4 -4L-4 4" stroke="var(--color-danger)" strokeWidth={2} />
            </g>
          ))}
          {dragged?.snaps.map(({ axis, atMm, to }) => (
            <path
              key={`${axis} ${to}`}
              d={axis === 'x' ? `M${atMm} ${-GUIDE_MM}V${GUIDE_MM * 2}` : `M${-GUIDE_MM} ${atMm}H${GUIDE_MM * 2}`}
              stroke="var(--color-accent)"
              strokeWidth={1}
              {...fixed}
            />
          ))}
        </g>
      </g>
      <Rulers transform={transform} width={zoom.width} height={zoom.height} unit={lengths.style.unit} />
      {dragged && dragged.snaps.length > 0 && (
        <text x={30} y={zoom.height - 12} fill="var(--color-accent)" fontWeight={700}>
          {dragged.snaps.map(({ to }) => t(`place.snapped.${to}`)).join(' · ')}
        </text>
      )}
      {cardView === 'press' && run && (
        <text x={zoom.width - 10} y={40} textAnchor="end" fontWeight={700} fill="var(--color-ink)">
          {liesMirrored(run, blade) ? t('place.view.mirrored') : t('place.view.notMirrored')}
        </text>
      )}
    </svg>
  )
}

/** The lines that a pad is to cover: those of all dies of the run. */
const padLines = (
  run: Placement['runs'][number] | undefined,
  dieOf: (id: string) => Die | undefined,
): RunCut['dies'][number]['lines'] =>
  (run?.dies ?? []).flatMap((laid) => {
    const die = dieOf(laid.dieId)
    if (!die || !run) return []
    const { widthMm, heightMm } = shapeOfDie(die, run.face)
    const [x, y] = [laid.xMm - widthMm / 2, laid.yMm - heightMm / 2]
    return [[x, y, x + widthMm, y, x + widthMm, y + heightMm, x, y + heightMm]]
  })
