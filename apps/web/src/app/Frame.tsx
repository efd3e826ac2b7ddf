import { NotebookPen } from 'lucide-react'
import { lazy, Suspense, useEffect, useState } from 'react'
import { useTranslation } from 'react-i18next'
import { NavLink, Outlet, ScrollRestoration, useLocation, useNavigation } from 'react-router'
import { useChangeHouseRules, useLengthStyle } from '../data/house-rules.js'
import { noteWhereOneIs } from '../data/job-in-hand.js'
import { isHere, useMay } from '../data/who.js'
import { IconButton } from '../ui/Button.js'
import { Choice } from '../ui/Choice.js'
import { withWordsOf } from '../text/i18n.js'
import { classes } from '../ui/classes.js'
import { Loading } from '../ui/states.js'
import { RestMenu } from './RestMenu.js'
import { Shortcuts } from './Shortcuts.js'
import { doors } from './stations.js'

const Connection = lazy(() => import('./Connection.js'))
const JotDialog = lazy(() => withWordsOf(['log'], import('../stations/log/jot/JotDialog.js')))

const UnitSwitch = () => {
  const { t } = useTranslation()
  const { unit } = useLengthStyle()
  const change = useChangeHouseRules()
  return (
    <Choice
      label={t('common.units')}
      value={unit}
      onChange={(units) => change.mutate({ units })}
      options={[
        { value: 'mm', text: t('common.unitMm'), spoken: t('common.unitMmSpoken') },
        { value: 'in', text: t('common.unitIn'), spoken: t('common.unitInSpoken') },
      ]}
    />
  )
}

const Doors = () => {
  const { t } = useTranslation()
  return (
    <nav
      aria-label={t('common.stations')}
      className="flex min-w-0 flex-1 md:gap-1 footed:fixed footed:inset-x-0 footed:bottom-0 footed:z-30 footed:grid footed:grid-cols-5 footed:border-t footed:border-line footed:bg-leaf footed:pb-[env(safe-area-inset-bottom)] print:hidden"
    >
      {doors.map(({ id, nav: { icon: Icon } }) => (
        <NavLink
          key={id}
          to={`/${id}`}
          aria-label={t(`${id}.nav`)}
          className={({ isActive }) =>
            classes(
              'flex min-h-13 min-w-0 items-center justify-center gap-2 border-b-4 px-3 pt-1 no-underline md:px-4 footed:min-h-14 footed:flex-col footed:gap-1 footed:border-t-4 footed:border-b-0 footed:px-0.5 footed:pt-0 footed:text-xs footed:leading-none',
              isActive
                ? 'border-accent font-bold footed:bg-sunk'
                : 'border-transparent hover:border-line hover:bg-sunk',
            )
          }
        >
          <Icon aria-hidden size={20} />
          <span className="hidden max-w-full truncate md:inline footed:inline">{t(`${id}.nav`)}</span>
        </NavLink>
      ))}
    </nav>
  )
}

/** What stands around every station: the way to the others. */
export const Frame = () => {
  const { t } = useTranslation()
  const { pathname, search } = useLocation()
  useEffect(() => noteWhereOneIs(pathname + search), [pathname, search])
  const busy = useNavigation().state === 'loading'
  const [jotting, setJotting] = useState(false)
  // Units are a rule of the house.
  const isOwner = useMay('owner')
  const [showsKeys, setShowsKeys] = useState(false)
  return (
    <div className="flex min-h-dvh flex-col">
      <a
        href="#main"
        className="sr-only focus:not-sr-only focus:absolute focus:z-50 focus:m-2 focus:rounded focus:bg-leaf focus:p-3"
      >
        {t('common.skipToMain')}
      </a>
      <header className="border-b border-line bg-leaf print:hidden">
        <div className="mx-auto flex max-w-[90rem] flex-wrap broad:max-w-[118rem] items-center gap-x-5 px-4">
          <NavLink to="/jobs" className="flex items-center gap-2 py-1 no-underline" aria-label={t('common.appName')}>
            <img src="/heron.svg" alt="" width={34} height={34} />
            <span className="hidden font-display text-xl font-semibold lg:inline">{t('common.appName')}</span>
          </NavLink>
          <Doors />
          <div className="ml-auto flex items-center gap-2 py-1">
            <IconButton label={t('log.jot.open')} className="size-11" onClick={() => setJotting(true)}>
              <NotebookPen aria-hidden size={20} />
            </IconButton>
            {isOwner && <UnitSwitch />}
            <RestMenu onKeys={() => setShowsKeys(true)} />
            <Shortcuts open={showsKeys} onOpen={setShowsKeys} />
          </div>
        </div>
      </header>
      {!isHere() && (
        <Suspense fallback={null}>
          <Connection />
        </Suspense>
      )}
      {jotting && (
        <Suspense fallback={null}>
          <JotDialog onClose={() => setJotting(false)} />
        </Suspense>
      )}
      <main
        id="main"
        tabIndex={-1}
        className="mx-auto w-full max-w-[90rem] flex-1 broad:max-w-[118rem] px-3 py-3 outline-none sm:px-4 footed:pb-20"
        aria-busy={busy}
      >
        <Suspense fallback={<Loading what="…" />}>
          <Outlet />
        </Suspense>
      </main>
      <ScrollRestoration />
    </div>
  )
}
