import { totalPasses } from '@bold-heron/core'
import type { RunRow } from '@bold-heron/schema'
import { useTranslation } from 'react-i18next'
import { Link } from 'react-router'
import { sayClock, sayDay } from '../../text/dates.js'
import { SeenBadge } from '../../ui/SeenBadge.js'

/** Runs day by day, in the order they are given. */
const byDay = (runs: readonly RunRow[]): { readonly day: string; readonly runs: RunRow[] }[] => {
  const days: { day: string; runs: RunRow[] }[] = []
  for (const run of runs) {
    const day = sayDay(run.at)
    const last = days.at(-1)
    if (last?.day === day) last.runs.push(run)
    else days.push({ day, runs: [run] })
  }
  return days
}

/** The log as a line through the days, with what was pressed on each and what it yielded. */
export const Timeline = ({ runs }: { readonly runs: readonly RunRow[] }) => {
  const { t } = useTranslation()
  return (
    <ol className="ml-2 border-l-2 border-ink/40">
      {byDay(runs).map(({ day, runs: ofDay }) => (
        <li key={day} className="relative pb-4 pl-6">
          <span aria-hidden className="absolute top-2 -left-[9px] size-4 rounded-full border-2 border-ink bg-paper" />
          <h2 className="text-lg">
            {day}{' '}
            <span className="font-sans text-base font-normal text-ink-soft">
              {t('log.goodPieces', { count: ofDay.reduce((sum, run) => sum + run.pieces, 0) })}
            </span>
          </h2>
          <ul>
            {ofDay.map((run) => {
              const last = run.rounds.at(-1)
              return (
                <li key={run.id} className="flex flex-wrap items-center gap-x-3 border-b border-line py-1">
                  <Link to={`/log/${run.id}`} className="min-w-14 font-bold">
                    {sayClock(run.at)}
                  </Link>
                  <span className="min-w-52 flex-1">
                    {run.jobName} <span className="text-ink-soft">· {run.pressName}</span>
                    {run.note && <span className="block text-sm text-ink-soft">{run.note}</span>}
                  </span>
                  <span className="text-ink-soft">{t('log.round', { count: totalPasses(run.rounds) })}</span>
                  {last && <SeenBadge seen={last.seen} />}
                </li>
              )
            })}
          </ul>
        </li>
      ))}
    </ol>
  )
}
