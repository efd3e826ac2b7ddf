import { Fragment } from 'react'
import { useHotkeys } from 'react-hotkeys-hook'
import { useTranslation } from 'react-i18next'
import { useNavigate } from 'react-router'
import { useChangeHouseRules, useLengthStyle } from '../data/house-rules.js'
import { useJobInHand } from '../data/job-in-hand.js'
import { Modal } from '../ui/Modal.js'
import { reachedStations, stationPath } from './stations.js'

const Key = ({ children }: { readonly children: string }) => (
  <kbd className="rounded border border-ink/40 bg-sunk px-2 py-0.5 font-sans font-bold">{children}</kbd>
)

/** The keys that work everywhere, and the list of all keys. */
export const Shortcuts = ({ open, onOpen }: { readonly open: boolean; readonly onOpen: (open: boolean) => void }) => {
  const { t } = useTranslation()
  const navigate = useNavigate()
  const jobId = useJobInHand()
  const { unit } = useLengthStyle()
  const change = useChangeHouseRules()

  useHotkeys('shift+?', () => onOpen(true), { useKey: true })
  useHotkeys(
    reachedStations.map(({ nav }) => `g>${nav.key}`),
    (_event, { keys }) => {
      const station = reachedStations.find(({ nav }) => nav.key === keys?.at(-1))
      if (station) void navigate(stationPath(station, jobId))
    },
  )
  useHotkeys('u', () => change.mutate({ units: unit === 'mm' ? 'in' : 'mm' }))
  useHotkeys('n', () => void navigate('/jobs/new'))
  useHotkeys(
    '/',
    (event) => {
      const field = document.querySelector<HTMLInputElement>('input[type="search"]')
      if (!field) return
      event.preventDefault()
      field.focus()
    },
    { useKey: true },
  )

  const lines: readonly { readonly keys: readonly string[]; readonly text: string }[] = [
    { keys: ['?'], text: t('frame.keys.help') },
    ...reachedStations.map(({ id, nav }) => ({ keys: ['g', nav.key], text: t(`${id}.go`) })),
    { keys: ['n'], text: t('frame.keys.newJob') },
    { keys: ['u'], text: t('frame.keys.units') },
    { keys: ['/'], text: t('frame.keys.search') },
    ...reachedStations.flatMap(({ id, keys = [] }) =>
      keys.map((key) => ({ keys: key.keys, text: t(`${id}.keys.${key.does}` as never) })),
    ),
  ]
  return (
    <Modal
      open={open}
      onClose={() => onOpen(false)}
      title={t('frame.shortcutsTitle')}
      description={t('frame.shortcutsText')}
    >
      <dl className="grid grid-cols-[auto_1fr] items-center gap-x-5 gap-y-2">
        {lines.map(({ keys, text }) => (
          <Fragment key={text}>
            <dt className="flex items-center gap-1.5">
              {keys.map((key, at) => (
                <Fragment key={key}>
                  {at > 0 && <span className="text-sm text-ink-soft">{t('frame.then')}</span>}
                  <Key>{key}</Key>
                </Fragment>
              ))}
            </dt>
            <dd>{text}</dd>
          </Fragment>
        ))}
      </dl>
    </Modal>
  )
}
