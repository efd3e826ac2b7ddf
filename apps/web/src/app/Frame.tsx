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
      className="fixed inset-x-0 bottom-0 z-30 grid grid-cols-5 border-t border-line bg-leaf pb-[env(safe-area-inset-bottom)] md:static md:flex md:min-w-0 md:flex-1 md:gap-1 md:border-t-0 md:pb-0 print:hidden"
    >
      {doors.map(({ id, nav: { icon: Icon } }) => (
        <NavLink
          key={id}
          to={`/${id}`}
          className={({ isActive }) =>
            classes(
              'flex min-h-14 min-w-0 flex-col items-center justify-center gap-1 border-t-4 px-0.5 text-xs leading-none no-underline md:min-h-13 md:flex-row md:gap-2 md:border-t-0 md:border-b-4 md:px-4 md:pt-1 md:text-base md:leading-normal',
              isActive
                ? 'border-accent bg-sunk font-bold md:bg-transparent'
                : 'border-transparent hover:border-line hover:bg-sunk',
            )
          }
        >
          <Icon aria-hidden size={20} />
          <span className="max-w-full truncate">{t(`${id}.nav`)}</span>
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
        className="mx-auto w-full max-w-[90rem] flex-1 broad:max-w-[118rem] px-3 py-3 pb-20 outline-none sm:px-4 md:pb-3"
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
