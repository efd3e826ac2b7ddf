import { type Die, type LaidThing, liesMirrored, markSpot, type Placement } from '@bold-heron/core'
import { type JobRow, type PlaceRequest, runInHandOf } from '@bold-heron/schema'
import { useMemo, useRef, useState } from 'react'
import { useTranslation } from 'react-i18next'
import { usePlacedPlan, usePlacementView } from '../../data/placing.js'
import { pathsOf } from '../../paths/cut-map-paths.js'
import { useZoom } from '../../drawing/placement/use-zoom.js'
import { useLengths } from '../../text/lengths.js'
import { PlacementCanvas } from './canvas/PlacementCanvas.js'
import type { CardView } from './canvas/scene.js'
import { PlacePanels, type TabName } from './PlacePanels.js'
import { StepSheet } from './StepSheet.js'
import { Toolbar } from './Toolbar.js'
import { useHistory } from './use-history.js'
import { useKeeping } from './use-keeping.js'
import { usePlaceKeys } from './use-place-keys.js'

/** The card being laid out: the drawing, and the panels beside it. */
export const PlaceBoard = ({
  job,
  things,
  first,
  onTaken,
}: {
  readonly job: JobRow
  readonly things: PlaceRequest
  readonly first: Placement
  readonly onTaken: () => void
}) => {
  const { t } = useTranslation()
  const lengths = useLengths()
  const history = useHistory(first)
  const placement = history.now
  const keeping = useKeeping(job, placement, onTaken)
  const [selected, setSelected] = useState<LaidThing>()
  const [cardView, setCardView] = useState<CardView>('front')
  const [snap, setSnap] = useState(true)
  const [marking, setMarking] = useState(false)
  const [tab, setTab] = useState<TabName>('lay')
  const blade = runInHandOf(job).bladeSide
  const svgRef = useRef<SVGSVGElement>(null)
  const zoom = useZoom(svgRef, placement.card.widthMm, placement.card.heightMm)
  const dies = useMemo(() => new Map(things.dies.map((die) => [die.id, die])), [things.dies])
  const dieOf = (id: string): Die | undefined => dies.get(id)
  const { cut, shelf } = things.request
  const fitting = { throatMm: cut.press.throatMm, blade, plates: shelf }
  const view = usePlacementView(things, placement, fitting).data
  const planned = usePlacedPlan(things, placement, tab === 'press')
  const cutMap = tab === 'press' && !planned.isPlaceholderData ? planned.data?.map : undefined
  const map = useMemo(() => cutMap && pathsOf(cutMap, (x, y) => [x, y]).byState, [cutMap])
  const run = placement.runs[placement.runInHand]
  const mirrored = run !== undefined && liesMirrored(run, blade)
  const acrossX = run?.leads === 'top' || run?.leads === 'bottom'
  const isTurned = cardView === 'press' && mirrored
  usePlaceKeys({
    selected,
    lengths,
    arrowsPoint: isTurned ? (acrossX ? [-1, 1] : [1, -1]) : [1, 1],
    change: history.change,
    undo: history.undo,
    redo: history.redo,
    turnOver: () => setCardView((before) => (before === 'front' ? 'press' : 'front')),
  })

  const panel = { placement, things, lengths, selected, onSelect: setSelected, onChange: history.change }
  return (
    <>
      <div className="grid gap-3 print:hidden lg:grid-cols-[minmax(0,1fr)_25rem]">
        <section className="flex min-w-0 flex-col overflow-hidden rounded-lg border border-line bg-leaf">
          <Toolbar
            cardView={cardView}
            history={history}
            snap={snap}
            zoom={zoom}
            keeping={keeping}
            onCardView={setCardView}
            onSnap={setSnap}
          />
          <div className="h-[26rem] lg:h-[calc(100vh-15rem)] lg:min-h-[26rem]">
            <PlacementCanvas
              svgRef={svgRef}
              zoom={zoom}
              placement={placement}
              view={view}
              dieOf={dieOf}
              plates={shelf}
              blade={blade}
              cardView={cardView}
              selected={selected}
              snap={snap}
              marking={marking}
              map={map}
              onSelect={setSelected}
              onChange={history.change}
              onMark={(xMm, yMm) => history.change(markSpot(xMm, yMm))}
            />
          </div>
          <p role="status" className="border-t border-line px-3 py-1 text-sm">
            {cardView === 'front' ? t('place.view.frontSaid') : t('place.view.pressSaid')}{' '}
            {cardView === 'press' && <strong>{t(mirrored ? 'place.view.mirrored' : 'place.view.notMirrored')}</strong>}
          </p>
        </section>
        <PlacePanels
          panel={panel}
          tab={tab}
          onTab={setTab}
          job={job}
          view={view}
          planned={planned}
          isKept={keeping.isKept}
          marking={marking}
          onMarking={setMarking}
        />
      </div>
      {view && <StepSheet {...panel} view={view} job={job} />}
    </>
  )
}
