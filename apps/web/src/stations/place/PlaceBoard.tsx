import { type Die, liesMirrored, MM_PER_INCH, type Placement } from '@bold-heron/core'
import { inputOfJob, type JobRow, placementOf, runInHandOf, withPlacement, type PlaceRequest } from '@bold-heron/schema'
import { Magnet, Maximize, Minus, Plus, Redo2, Trash2, Undo2 } from 'lucide-react'
import { useEffect, useMemo, useRef, useState } from 'react'
import { useHotkeys } from 'react-hotkeys-hook'
import { useTranslation } from 'react-i18next'
import { usePlacedPlan, usePlacementView } from '../../data/placing.js'
import { useSaveRow } from '../../data/rows.js'
import { pathsOf } from '../../drawing/cut-map/paths.js'
import { useZoom, ZOOM_STEP } from '../../drawing/placement/use-zoom.js'
import { useLengths } from '../../text/lengths.js'
import { sayTrouble } from '../../text/say-trouble.js'
import { Button, IconButton } from '../../ui/Button.js'
import { Choice } from '../../ui/Choice.js'
import { Confirm } from '../../ui/Confirm.js'
import { TabbedPanel } from '../../ui/TabbedPanel.js'
import { useSay } from '../../ui/toasts.js'
import { CardPanel } from './CardPanel.js'
import { moveThing, takeThing, type Thing, turnThing } from './edits.js'
import { LayPanel } from './LayPanel.js'
import { type CardView, PlacementCanvas } from './PlacementCanvas.js'
import { PressPanel } from './PressPanel.js'
import { PrintPanel } from './PrintPanel.js'
import { ReadsPanel } from './ReadsPanel.js'
import { StepSheet } from './StepSheet.js'
import { useHistory } from './use-history.js'

/** mm. Steps of the arrow keys: fine, and with Shift. */
const steps = { mm: [0.1, 1], in: [MM_PER_INCH / 32, MM_PER_INCH / 16] } as const
const TURN_DEG = 1
/** mm. A click so near to a mark takes it back. */
const MARK_MM = 5

type TabName = 'lay' | 'card' | 'reads' | 'press' | 'print'

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
  const say = useSay()
  const lengths = useLengths()
  const history = useHistory(first)
  const placement = history.now
  const [kept, setKept] = useState<Placement | null>(() => placementOf(job))
  const isKept = useMemo(() => JSON.stringify(kept) === JSON.stringify(placement), [kept, placement])
  const [selected, setSelected] = useState<Thing>()
  const [cardView, setCardView] = useState<CardView>('front')
  const [snap, setSnap] = useState(true)
  const [marking, setMarking] = useState(false)
  const [tab, setTab] = useState<TabName>('lay')
  const [removing, setRemoving] = useState(false)
  const saving = useSaveRow('jobs')
  const { bladeSide } = runInHandOf(job)
  const svgRef = useRef<SVGSVGElement>(null)
  const zoom = useZoom(svgRef, placement.card.widthMm, placement.card.heightMm)
  const dies = useMemo(() => new Map(things.dies.map((die) => [die.id, die])), [things.dies])
  const dieOf = (id: string): Die | undefined => dies.get(id)
  const { cut, shelf } = things.request
  const view = usePlacementView(placement, cut.sheet.caliper.valueMm, {
    throatMm: cut.press.throatMm,
    blade: bladeSide,
    plates: shelf,
  })
  const planned = usePlacedPlan(things, placement, tab === 'press')
  const cutMap = tab === 'press' && !planned.isPlaceholderData ? planned.data?.map : undefined
  const map = useMemo(() => cutMap && pathsOf(cutMap, (x, y) => [x, y]).byState, [cutMap])
  const run = placement.runs[placement.runInHand]
  const mirrored = run !== undefined && liesMirrored(run, bladeSide)

  const save = (next: Placement | null) => {
    saving.mutate(
      { id: job.id, version: job.version, input: withPlacement(inputOfJob(job), next) },
      {
        onSuccess: () => {
          setKept(next)
          say(t(next ? 'place.tools.kept' : 'place.tools.removed', { name: job.name }))
          if (!next) onTaken()
        },
        onError: (error) => say(sayTrouble(t, error), { tone: 'danger' }),
      },
    )
  }

  useEffect(() => {
    if (isKept) return
    const warn = (event: BeforeUnloadEvent) => event.preventDefault()
    window.addEventListener('beforeunload', warn)
    return () => window.removeEventListener('beforeunload', warn)
  }, [isKept])

  const [fine, coarse] = steps[lengths.style.unit]
  const nudge = (dx: number, dy: number) => {
    if (!selected) return
    // In a mirrored view the arrow points the other way on the card.
    const acrossX = run && (run.leads === 'top' || run.leads === 'bottom')
    const [sx, sy] = cardView === 'press' && mirrored ? (acrossX ? [-1, 1] : [1, -1]) : [1, 1]
    history.change(moveThing(selected, dx * sx, dy * sy), 'nudge')
  }
  const onDrawing = (handler: () => void) => (event: KeyboardEvent) => {
    // Fields keep their own keys; the drawing's things take them.
    if (!(event.target as Element | null)?.closest('[data-thing]')) return
    event.preventDefault()
    handler()
  }
  const arrows = [
    ['left', -1, 0],
    ['right', 1, 0],
    ['up', 0, -1],
    ['down', 0, 1],
  ] as const
  useHotkeys(
    arrows.flatMap(([name]) => [name, `shift+${name}`]),
    (event, { keys, shift }) => {
      const arrow = arrows.find(([name]) => keys?.includes(name) || `arrow${name}` === event.key.toLowerCase())
      const step = shift || event.shiftKey ? coarse : fine
      if (arrow) onDrawing(() => nudge(arrow[1] * step, arrow[2] * step))(event)
    },
  )
  useHotkeys(
    '[',
    (event) => selected && onDrawing(() => history.change(turnThing(selected, -TURN_DEG), 'turn'))(event),
    { useKey: true },
  )
  useHotkeys(
    ']',
    (event) => selected && onDrawing(() => history.change(turnThing(selected, TURN_DEG), 'turn'))(event),
    { useKey: true },
  )
  useHotkeys('delete', (event) => selected && onDrawing(() => history.change(takeThing(selected)))(event))
  useHotkeys('mod+z', (event) => {
    event.preventDefault()
    history.undo()
  })
  useHotkeys('mod+shift+z, mod+y', (event) => {
    event.preventDefault()
    history.redo()
  })
  useHotkeys(
    'v',
    (event) => {
      // Choices and tabs have keys of their own; what is typed into a field is the field's.
      if ((event.target as Element | null)?.closest('input, textarea, select')) return
      setCardView((before) => (before === 'front' ? 'press' : 'front'))
    },
    { enableOnFormTags: true },
  )

  const mark = (xMm: number, yMm: number) => {
    const near = placement.waste.findIndex((spot) => Math.hypot(spot.xMm - xMm, spot.yMm - yMm) < MARK_MM)
    const { widthMm, heightMm } = placement.card
    if (near < 0 && (xMm < 0 || yMm < 0 || xMm > widthMm || yMm > heightMm)) return
    history.change((now) => ({
      ...now,
      waste: near >= 0 ? now.waste.filter((_, at) => at !== near) : [...now.waste, { xMm, yMm }],
    }))
  }

  const panel = { placement, things, lengths, selected, onSelect: setSelected, onChange: history.change }
  return (
    <>
      <div className="grid gap-3 print:hidden lg:grid-cols-[minmax(0,1fr)_25rem]">
        <section className="flex min-w-0 flex-col overflow-hidden rounded-lg border border-line bg-leaf">
          <div className="flex flex-wrap items-center gap-1 border-b border-line p-1.5">
            <Choice
              label={t('place.view.label')}
              value={cardView}
              options={(['front', 'press'] as const).map((each) => ({ value: each, text: t(`place.view.${each}`) }))}
              onChange={setCardView}
            />
            <span className="ml-auto" />
            <IconButton label={t('place.tools.undo')} disabled={!history.canUndo} onClick={history.undo}>
              <Undo2 aria-hidden size={18} />
            </IconButton>
            <IconButton label={t('place.tools.redo')} disabled={!history.canRedo} onClick={history.redo}>
              <Redo2 aria-hidden size={18} />
            </IconButton>
            <IconButton
              label={t('place.tools.snap')}
              aria-pressed={snap}
              look={snap ? 'plain' : 'quiet'}
              onClick={() => setSnap(!snap)}
            >
              <Magnet aria-hidden size={18} />
            </IconButton>
            <IconButton label={t('place.tools.zoomOut')} onClick={() => zoom.by(1 / ZOOM_STEP)}>
              <Minus aria-hidden size={18} />
            </IconButton>
            <IconButton label={t('place.tools.zoomIn')} onClick={() => zoom.by(ZOOM_STEP)}>
              <Plus aria-hidden size={18} />
            </IconButton>
            <IconButton label={t('place.tools.fit')} onClick={zoom.fit}>
              <Maximize aria-hidden size={18} />
            </IconButton>
            <IconButton label={t('place.tools.remove')} onClick={() => setRemoving(true)}>
              <Trash2 aria-hidden size={18} />
            </IconButton>
            <Button
              look={isKept ? 'plain' : 'next'}
              disabled={isKept || saving.isPending}
              onClick={() => save(placement)}
            >
              {isKept ? t('place.tools.isKept') : t('place.tools.keep')}
            </Button>
          </div>
          <div className="h-[26rem] lg:h-[calc(100vh-15rem)] lg:min-h-[26rem]">
            <PlacementCanvas
              svgRef={svgRef}
              zoom={zoom}
              placement={placement}
              view={view.data}
              dieOf={dieOf}
              plates={shelf}
              blade={bladeSide}
              cardView={cardView}
              selected={selected}
              snap={snap}
              marking={marking}
              map={map}
              lengths={lengths}
              onSelect={setSelected}
              onChange={history.change}
              onMark={mark}
            />
          </div>
          <p role="status" className="border-t border-line px-3 py-1 text-sm">
            {cardView === 'front' ? t('place.view.frontSaid') : t('place.view.pressSaid')}{' '}
            {cardView === 'press' && <strong>{t(mirrored ? 'place.view.mirrored' : 'place.view.notMirrored')}</strong>}
          </p>
        </section>
        <TabbedPanel
          label={t('place.tabs.label')}
          className="min-w-0 py-3 lg:max-h-[calc(100vh-9.5rem)] lg:overflow-y-auto"
          open={tab}
          onOpen={setTab}
          leaves={[
            { name: 'lay', title: t('place.tabs.lay'), content: <LayPanel {...panel} /> },
            { name: 'card', title: t('place.tabs.card'), content: <CardPanel {...panel} /> },
            {
              name: 'reads',
              title: t('place.tabs.reads'),
              content: <ReadsPanel {...panel} view={view.data} marking={marking} onMarking={setMarking} />,
            },
            {
              name: 'press',
              title: t('place.tabs.press'),
              content: <PressPanel query={planned} jobId={job.id} isKept={isKept} lengths={lengths} />,
            },
            {
              name: 'print',
              title: t('place.tabs.print'),
              content: <PrintPanel {...panel} name={job.name} blade={bladeSide} />,
            },
          ]}
        />
      </div>
      <Confirm
        open={removing}
        title={t('place.tools.removeTitle')}
        yes={t('place.tools.remove')}
        no={t('common.cancel')}
        danger
        onYes={() => {
          setRemoving(false)
          save(null)
        }}
        onNo={() => setRemoving(false)}
      >
        {t('place.tools.removeText')}
      </Confirm>
      {view.data && <StepSheet {...panel} view={view.data} name={job.name} blade={bladeSide} />}
    </>
  )
}
