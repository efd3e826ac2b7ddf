import { totalPasses } from '@bold-heron/core'
import type { DieRow, RunRow } from '@bold-heron/schema'
import type { ColumnDef } from '@tanstack/react-table'
import type { TFunction } from 'i18next'
import { useTranslation } from 'react-i18next'
import { Link } from 'react-router'
import { useRowsById } from '../../data/rows.js'
import { DieThumb } from '../../drawing/DieThumb.js'
import { Photographed } from '../../drawing/photos/Photographed.js'
import { sayTime } from '../../text/dates.js'
import { type Lengths, useLengths } from '../../text/lengths.js'
import { DataTable } from '../../ui/DataTable.js'
import { SeenBadge } from '../../ui/SeenBadge.js'

const columnsOf = (t: TFunction<'app'>, lengths: Lengths, dies: ReadonlyMap<string, DieRow>): ColumnDef<RunRow>[] => [
  {
    id: 'at',
    header: t('log.columns.at'),
    accessorFn: (run) => run.at,
    cell: ({ row: { original } }) => (
      <Link to={`/log/${original.id}`} className="font-bold sm:whitespace-nowrap">
        {sayTime(original.at)}
      </Link>
    ),
  },
  {
    id: 'job',
    header: t('log.columns.job'),
    accessorFn: (run) => run.jobName,
    cell: ({ row: { original } }) => {
      const die = dies.get(original.dieIds[0] ?? '')
      return (
        <span className="flex items-center gap-2">
          <span className="hidden sm:block">
            <Photographed kind="runs" id={original.id}>
              {die && <DieThumb die={die} />}
            </Photographed>
          </span>
          {original.jobName}
        </span>
      )
    },
  },
  {
    id: 'cut',
    header: t('log.columns.cut'),
    accessorFn: (run) =>
      `${run.dieNames.join(', ')} · ${t('jobs.sheetsOf', { count: run.sheetCount, sheet: run.sheetName })}`,
    meta: { wideOnly: true },
  },
  {
    id: 'press',
    header: t('log.columns.press'),
    accessorFn: (run) => run.pressName,
    meta: { wideOnly: true },
  },
  {
    id: 'squeeze',
    header: t('log.columns.squeeze'),
    accessorFn: (run) => run.squeezeMm,
    cell: ({ row: { original } }) => lengths.thickness(original.squeezeMm),
    meta: { figures: true, wideOnly: true },
  },
  {
    id: 'passes',
    header: t('log.columns.passes'),
    accessorFn: (run) => totalPasses(run.rounds),
    meta: { figures: true },
  },
  {
    id: 'seen',
    header: t('log.columns.seen'),
    accessorFn: (run) => run.rounds.at(-1)?.seen ?? '',
    cell: ({ row: { original } }) => {
      const last = original.rounds.at(-1)
      return last ? <SeenBadge seen={last.seen} /> : null
    },
  },
  {
    id: 'feel',
    header: t('log.columns.feel'),
    accessorFn: (run) => {
      const last = run.rounds.at(-1)
      return last ? t(`words.feel.${last.feel}`) : ''
    },
    meta: { wideOnly: true },
  },
  { id: 'pieces', header: t('log.columns.pieces'), accessorFn: (run) => run.pieces, meta: { figures: true } },
]

/** Runs of the log, a line each. */
export const RunTable = ({ runs }: { readonly runs: RunRow[] }) => {
  const { t } = useTranslation()
  const lengths = useLengths()
  const dies = useRowsById('dies')
  return <DataTable caption={t('log.title')} rows={runs} columns={columnsOf(t, lengths, dies)} />
}
