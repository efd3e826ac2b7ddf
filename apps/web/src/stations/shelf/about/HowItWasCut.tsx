import { type StackCut, type WayCut, waysCut } from '@bold-heron/core'
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
/** Stacks of one way that are shown: what came out most often, and others. */
const MOST_STACKS = 3

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

/** A stack, in how many passes it did it, and how often it came out. */
const StackOfWay = ({ stack: { shown, passes, runs, good } }: { readonly stack: StackCut<RunRow> }) => {
  const { t } = useTranslation()
  const last = shown.rounds.at(-1)
  return (
    <div className="mt-1 flex flex-wrap items-baseline gap-x-3">
      <p className="min-w-0 flex-1">
        <Link to={`/log/${shown.id}`}>{sayPlates(shown)}</Link>
        <span className="block text-sm text-ink-soft">
          {t('shelf.about.cameOut', { good, count: runs })} · {sayDay(shown.at)}
        </span>
      </p>
      {passes === undefined ? (
        last && <SeenBadge seen={last.seen} />
      ) : (
        <strong>{t('shelf.about.passes', { count: passes })}</strong>
      )}
    </div>
  )
}

const Way = ({ way: { newest, stacks }, of }: { readonly way: WayCut<RunRow>; readonly of: Of }) => {
  const { t } = useTranslation()
  return (
    <li className="border-b border-line py-2 last:border-b-0">
      <p className="font-bold">
        {t(`shelf.about.way.${of}`, {
          sheet: t('jobs.sheetsOf', { count: newest.sheetCount, sheet: newest.sheetName }),
          dies: newest.dieNames.join(', '),
          press: newest.pressName,
        })}
      </p>
      {stacks.slice(0, MOST_STACKS).map((stack) => (
        <StackOfWay key={stack.shown.id} stack={stack} />
      ))}
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
