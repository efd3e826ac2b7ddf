import { type WayCut, waysCut } from '@bold-heron/core'
import type { RunRow } from '@bold-heron/schema'
import { useTranslation } from 'react-i18next'
import { Link } from 'react-router'
import { useNewestRows } from '../../../data/rows.js'
import { sayDay } from '../../../text/dates.js'
import { Panel } from '../../../ui/Panel.js'
import { SeenBadge } from '../../../ui/SeenBadge.js'

/** Newest runs that are looked through, and ways that are shown. */
const MOST_RUNS = 500
const MOST_WAYS = 8

/** What lay in the press, from the bottom up, without what was pressed. */
const sayPlates = ({ layers }: RunRow): string => {
  const counts = new Map<string, number>()
  for (const { is, name } of layers) if (is === 'plate') counts.set(name, (counts.get(name) ?? 0) + 1)
  return [...counts].map(([name, count]) => (count > 1 ? `${count} × ${name}` : name)).join(' · ')
}

/** What runs are asked for by. */
type Of = 'die' | 'sheet' | 'plate' | 'press'

/** Whose runs the log can be narrowed to. */
const ASKED_IN_LOG: readonly Of[] = ['die', 'sheet', 'press']

const Way = ({ way, of }: { readonly way: WayCut<RunRow>; readonly of: Of }) => {
  const { t } = useTranslation()
  const { newest, lastGood, passes, runs, good } = way
  const shown = lastGood ?? newest
  const last = shown.rounds.at(-1)
  return (
    <li className="border-b border-line py-2 last:border-b-0">
      <p className="flex flex-wrap items-baseline gap-x-3">
        <Link to={`/log/${shown.id}`} className="font-bold">
          {t(`shelf.about.way.${of}`, {
            sheet: t('jobs.sheetsOf', { count: newest.sheetCount, sheet: newest.sheetName }),
            dies: newest.dieNames.join(', '),
            press: newest.pressName,
          })}
        </Link>
        <span className="ml-auto">
          {passes === undefined ? (
            last && <SeenBadge seen={last.seen} />
          ) : (
            <strong>{t('shelf.about.passes', { count: passes })}</strong>
          )}
        </span>
      </p>
      <p className="text-ink-soft">{sayPlates(shown)}</p>
      <p className="text-sm text-ink-soft">
        {t('shelf.about.cameOut', { good, count: runs })} · {sayDay(newest.at)}
      </p>
    </li>
  )
}

/** The stacks with which a die or a sheet was cut, that a plate lay in, or that a press pressed: each press, sheet and dies that it met, the last first. */
export const HowItWasCut = ({ of, id }: { readonly of: Of; readonly id: string }) => {
  const { t } = useTranslation()
  const runs = useNewestRows('runs', MOST_RUNS, { [`${of}Id`]: id }).data?.items
  const ways = runs && waysCut(runs)
  return (
    <Panel title={t(`shelf.about.cut.${of}`)}>
      {ways && ways.length === 0 && <p className="text-ink-soft">{t('shelf.about.neverCut')}</p>}
      {ways && (
        <ul>
          {ways.slice(0, MOST_WAYS).map((way) => (
            <Way key={way.newest.id} way={way} of={of} />
          ))}
        </ul>
      )}
      {ways && ways.length > MOST_WAYS && ASKED_IN_LOG.includes(of) && (
        <Link to={`/log?${of}Id=${id}`}>{t('shelf.about.more', { count: ways.length - MOST_WAYS })}</Link>
      )}
    </Panel>
  )
}
