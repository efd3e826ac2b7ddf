import { type ChartAnswer, type ChartInput, chartParts, type ChartRow, type ComputedChart } from '@bold-heron/schema'
import { useEffect, useState } from 'react'
import { useTranslation } from 'react-i18next'
import { useParams } from 'react-router'
import { type ChartSoFar, useComputedChart, useStaleParts } from '../../../data/charts.js'
import { useRow, useSaveRow } from '../../../data/rows.js'
import { sayDay } from '../../../text/dates.js'
import { Button } from '../../../ui/Button.js'
import { Choice } from '../../../ui/Choice.js'
import { Mark, Notice } from '../../../ui/Notice.js'
import { Progress } from '../../../ui/Progress.js'
import { RecordSettings } from '../../../ui/record/RecordDialogs.js'
import { RecordHead } from '../../../ui/record/RecordHead.js'
import { RemoveButton } from '../../../ui/record/RemoveButton.js'
import { Empty, Failure, Loaded } from '../../../ui/states.js'
import { Slider } from '../../../ui/Slider.js'
import { BaseLegend } from './BaseLegend.js'
import { CellPanel } from './CellPanel.js'
import { ChartDownloads } from './ChartDownloads.js'
import { ChartForm } from './ChartForm.js'
import { ChartGrid, type CellPlace } from './ChartGrid.js'
import { RangePicture } from './RangePicture.js'
import { WishList } from './WishList.js'

const inputOf = ({ name, pressId, technique, rows, columns, perBase, note }: ChartRow): ChartInput => ({
  name,
  pressId,
  technique,
  rows,
  columns,
  perBase,
  note,
})

/** Says that the print on the wall is no longer true, and of what. */
const Stale = ({ row }: { readonly row: ChartRow }) => {
  const { t } = useTranslation()
  const parts = useStaleParts(row)
  if (!row.printed || !parts) return null
  const day = sayDay(row.printed.at)
  if (parts.length === 0) return <p className="text-sm text-ink-soft">{t('wall.printedFresh', { day })}</p>
  return (
    <Notice is="trouble">
      <Mark />
      {t('wall.printedStale', {
        day,
        parts: chartParts.flatMap((part) => (parts.includes(part) ? t(`wall.part.${part}`) : [])).join(', '),
      })}
    </Notice>
  )
}

/** How far a chart is that is being worked out, with what is known of its cells already. */
const Working = ({ soFar, stop }: { readonly soFar: ChartSoFar; readonly stop: () => void }) => {
  const { t } = useTranslation()
  const known = [...soFar.cells.values()]
  return (
    <div className="mb-3">
      <Progress share={soFar.share} what={t('wall.working', { count: known.length })} />
      <p className="mt-1 text-sm text-ink-soft">
        {t('wall.workingSays', { count: known.filter(({ own }) => own?.counts).length })}
      </p>
      <Button look="quiet" onClick={stop}>
        {t('common.cancel')}
      </Button>
    </div>
  )
}

const views = ['grid', 'ranges'] as const
type View = (typeof views)[number]

/** ms without a move after which a slider is taken to stand where it was meant to. */
const SETTLED_MS = 400

/** λ, by a slider that is saved when it has settled. */
const PerBase = ({ row }: { readonly row: ChartRow }) => {
  const { t } = useTranslation()
  const saving = useSaveRow('charts')
  const [perBase, setPerBase] = useState(row.perBase)
  const { mutate } = saving
  useEffect(() => {
    if (perBase === row.perBase) return
    const timer = setTimeout(
      () => mutate({ id: row.id, version: row.version, input: { ...inputOf(row), perBase } }),
      SETTLED_MS,
    )
    return () => clearTimeout(timer)
  }, [perBase, row, mutate])
  return (
    <div className="w-64">
      <Slider
        label={t('wall.perBase')}
        shown={t('wall.perBaseShown', { count: perBase })}
        value={perBase}
        least={0.5}
        most={10}
        step={0.5}
        onChange={setPerBase}
      />
    </div>
  )
}

/** A chart that is there. */
const Made = ({ row, computed }: { readonly row: ChartRow; readonly computed: ComputedChart }) => {
  const { t } = useTranslation()
  const [place, setPlace] = useState<CellPlace>()
  const [view, setView] = useState<View>('grid')
  const [wish, setWish] = useState<number>()
  const { chart } = computed
  if (chart.rows.length === 0 || chart.columns.length === 0)
    return <Empty title={t('wall.nothingTitle')}>{t('wall.nothingText')}</Empty>
  return (
    <>
      <div className="mb-3 flex flex-wrap items-end justify-between gap-3">
        <Choice<View>
          label={t('wall.view')}
          value={view}
          options={views.map((each) => ({ value: each, text: t(`wall.views.${each}`) }))}
          onChange={setView}
        />
        <PerBase row={row} />
        <ChartDownloads row={row} computed={computed} />
      </div>
      <p className="mb-2 text-sm">{t('wall.caution')}</p>
      {view === 'grid' ? (
        <div className="grid items-start gap-4 lg:grid-cols-[minmax(0,1fr)_22rem]">
          <div className="min-w-0 space-y-4">
            <ChartGrid
              chart={chart}
              chosen={place}
              marked={wish === undefined ? [] : (chart.wishes[wish]?.cells ?? [])}
              onChoose={setPlace}
            />
            <p className="text-sm text-ink-soft">{t('wall.howToRead')}</p>
            <WishList chart={chart} chosen={wish} onChoose={setWish} />
          </div>
          <div className="space-y-4">
            {place && <CellPanel row={row} chart={chart} place={place} />}
            <BaseLegend chart={chart} />
          </div>
        </div>
      ) : (
        <RangePicture chart={chart} />
      )}
      <Summary chart={chart} />
    </>
  )
}

/** What the chart comes to, in a line. */
const Summary = ({ chart }: { readonly chart: ChartAnswer }) => {
  const { t } = useTranslation()
  const cells = chart.cells.flat()
  return (
    <p className="mt-4 text-sm text-ink-soft">
      {t('wall.summary', {
        served: cells.filter(({ is }) => is === 'base').length,
        of: cells.length,
        count: chart.basedOnRuns,
      })}
    </p>
  )
}

const ChartOfRow = ({ row }: { readonly row: ChartRow }) => {
  const { t } = useTranslation()
  const { query, soFar, stop } = useComputedChart(row)
  return (
    <>
      <RecordHead title={row.name} about={`${row.pressName} · ${t(`words.technique.${row.technique}`)}`}>
        <RecordSettings kind="charts" row={row} title={t('wall.rowsAndColumns')}>
          {(onSave, error) => <ChartForm start={inputOf(row)} onSave={onSave} error={error} />}
        </RecordSettings>
        <RemoveButton
          kind="charts"
          id={row.id}
          said={t('wall.deleted', { name: row.name })}
          to="/wall/charts"
          look="quiet"
        />
      </RecordHead>
      <Stale row={row} />
      {query.isFetching && <Working soFar={soFar} stop={stop} />}
      {query.data ? (
        <Made key={row.id} row={row} computed={query.data} />
      ) : query.error ? (
        <Failure error={query.error} onRetry={() => void query.refetch()} />
      ) : (
        !query.isFetching && (
          <Button look="next" onClick={() => void query.refetch()}>
            {t('wall.workOut')}
          </Button>
        )
      )}
    </>
  )
}

/** One wall chart. */
export const Component = () => {
  const { t } = useTranslation()
  const { chartId } = useParams()
  return (
    <Loaded query={useRow('charts', chartId)} what={t('wall.loading')}>
      {(row) => <ChartOfRow key={row.id} row={row} />}
    </Loaded>
  )
}
