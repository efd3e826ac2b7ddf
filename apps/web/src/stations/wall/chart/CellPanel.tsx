import { techniqueOf } from '@bold-heron/core'
import type { ChartAnswer, ChartCellAnswer, ChartRow, JobRow } from '@bold-heron/schema'
import { jobOfRun, runInHandOf } from '@bold-heron/schema'
import { ArrowRight, Plus } from 'lucide-react'
import { useTranslation } from 'react-i18next'
import { useNavigate } from 'react-router'
import { jobPath } from '../../../data/job-address.js'
import { useAddRow, useEveryRow } from '../../../data/rows.js'
import { useHouseRules } from '../../../data/house-rules.js'
import { useLengths } from '../../../text/lengths.js'
import { sayChance } from '../../../text/say-cut.js'
import { Button, ButtonLink } from '../../../ui/Button.js'
import { Failure } from '../../../ui/states.js'
import type { CellPlace } from './ChartGrid.js'
import { platesOfChart, sayColumn, sayFeel, sayRow } from './said.js'
import { Mark } from '../../../ui/Notice.js'

/** Jobs that press the same thing on the same sheet and press. */
const jobsLike = (jobs: readonly JobRow[], chart: ChartRow, dieId: string, sheetId: string): JobRow[] =>
  jobs.filter((job) => {
    const run = runInHandOf(job)
    return (
      (run.pressId ?? job.pressId) === chart.pressId &&
      run.technique === chart.technique &&
      run.sheetId === sheetId &&
      run.dieIds.length === 1 &&
      run.dieIds[0] === dieId
    )
  })

/** The stack of a cell, layer by layer from the top. */
const Layers = ({ chart, cell }: { readonly chart: ChartAnswer; readonly cell: ChartCellAnswer }) => {
  const { t } = useTranslation()
  const lengths = useLengths()
  const plates = platesOfChart(chart)
  return (
    <ol className="my-2 border-y border-line text-sm">
      {[...(cell.stack ?? [])].reverse().map((layer, at) => (
        <li key={at} className="flex justify-between gap-2 border-b border-line px-1 last:border-b-0">
          {layer.is === 'plate' ? (
            <>
              <span className={layer.role === 'shim' ? 'font-bold' : ''}>{plates.get(layer.plateId)?.name}</span>
              <span className="tabular-nums">{lengths.thickness(plates.get(layer.plateId)?.thicknessMm ?? 0)}</span>
            </>
          ) : (
            <i>{t(`wall.layer.${layer.is}`)}</i>
          )}
        </li>
      ))}
    </ol>
  )
}

/** What would fill a cell that stands empty. */
const FilledBy = ({ chart, place }: { readonly chart: ChartAnswer; readonly place: CellPlace }) => {
  const { t } = useTranslation()
  const lengths = useLengths()
  const wish = chart.wishes.find(({ cells }) =>
    cells.some(([row, column]) => row === place.row && column === place.column),
  )
  if (!wish) return null
  return <p>{t(`wall.filledBy.${wish.kind}`, { thickness: lengths.thickness(wish.thicknessMm) })}</p>
}

/** What a cell says, and the way on to its plan or to a job of it. */
export const CellPanel = ({
  row: chartRow,
  chart,
  place,
}: {
  readonly row: ChartRow
  readonly chart: ChartAnswer
  readonly place: CellPlace
}) => {
  const { t } = useTranslation()
  const lengths = useLengths()
  const navigate = useNavigate()
  const rules = useHouseRules().data
  const jobs = useEveryRow('jobs').data ?? []
  const adding = useAddRow('jobs')
  const die = chart.rows[place.row]
  const column = chart.columns[place.column]
  const cell = chart.cells[place.row]?.[place.column]
  if (!die || !column || !cell) return null
  const isOnShelf = chartRow.rows.by === 'dies' && chartRow.columns.by === 'sheets'
  const name = t('wall.cell.jobName', { die: die.name, sheet: column.name })
  const make = async () => {
    const job = jobOfRun(
      { name: name.slice(0, 120), pressId: chartRow.pressId },
      {
        technique: chartRow.technique,
        dieIds: [die.id],
        sheetId: column.id,
        sheetCount: 1,
        bladeSide: techniqueOf(chartRow.technique).bladeSide ?? rules?.bladeSide ?? 'down',
        layers: cell.stack ?? [],
      },
    )
    const made = await adding.mutateAsync(job).catch(() => undefined)
    if (made) await navigate(jobPath(made.id, 'plan'))
  }
  const { figures } = cell
  const shown = isOnShelf ? jobsLike(jobs, chartRow, die.id, column.id).slice(0, 3) : []
  return (
    <section aria-live="polite" className="rounded border-2 border-accent-deep p-3">
      <h3 className="text-lg leading-tight">
        {sayRow(t, die)} · {sayColumn(t, column, lengths).join(' ')}
      </h3>
      {cell.is === 'empty' ? (
        <>
          <p className="my-2">{t(`wall.why.${cell.why ?? 'not-sure'}`)}</p>
          <FilledBy chart={chart} place={place} />
        </>
      ) : (
        <>
          <Layers chart={chart} cell={cell} />
          {figures && (
            <p>
              {t('wall.cell.passes', { count: figures.passes })}, {sayFeel(t, cell).replace(/ \d+ %$/, '')};{' '}
              {t('wall.cell.chance', { chance: sayChance(t, figures.chance) })}
            </p>
          )}
          {cell.is === 'own' && <p className="mt-1">{t('wall.cell.ownSays')}</p>}
          {figures && figures.cautions.length > 0 && (
            <p className="mt-1 text-danger">
              <Mark />
              {t('wall.cell.cautions', { count: figures.cautions.length })}
            </p>
          )}
          {cell.better.length > 0 && cell.own && (
            <p className="mt-1">
              * {t('wall.cell.better', { in: cell.better.map((each) => t(`wall.better.${each}`)).join(', ') })}{' '}
              {t('wall.cell.betterIs', { count: cell.own.passes, chance: sayChance(t, cell.own.chance) })}
            </p>
          )}
        </>
      )}
      {adding.error && <Failure error={adding.error} />}
      <div className="mt-3 flex flex-wrap gap-2">
        {shown.map((job) => (
          <ButtonLink key={job.id} to={jobPath(job.id, 'plan')} icon={<ArrowRight aria-hidden size={18} />}>
            {t('wall.cell.openPlan', { job: job.name })}
          </ButtonLink>
        ))}
        {isOnShelf && (
          <Button
            look="next"
            icon={<Plus aria-hidden size={18} />}
            disabled={adding.isPending}
            onClick={() => void make()}
          >
            {t('wall.cell.makeJob')}
          </Button>
        )}
      </div>
      {!isOnShelf && <p className="mt-2 text-sm text-ink-soft">{t('wall.cell.notOnShelf')}</p>}
    </section>
  )
}
