import { Wind, X } from 'lucide-react'
import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { preference } from '../../data/preference.js'
import { useEveryRow } from '../../data/rows.js'
import { ButtonLink, IconButton } from '../../ui/Button.js'

const HIDDEN_KEY = 'bold-heron.demo-notice-hidden'
/** A press of the demo; while it is there, the demo is. */
const DEMO_PRESS = 'Harbour hand press'

/** Says that this is the demo, and how to begin with one's own press. */
export const DemoNotice = () => {
  const { t } = useTranslation()
  const [hidden, setHidden] = useState(() => preference.read(HIDDEN_KEY) !== undefined)
  const presses = useEveryRow('presses').data ?? []
  if (hidden || !presses.some((press) => press.name === DEMO_PRESS)) return null
  return (
    <aside className="mb-6 flex flex-wrap items-center gap-4 rounded-lg border border-dashed border-ink/40 bg-leaf px-4 py-3">
      <Wind aria-hidden className="text-accent" />
      <div className="min-w-64 flex-1">
        <h2 className="text-lg">{t('jobs.demoTitle')}</h2>
        <p className="text-ink-soft">{t('jobs.demoText')}</p>
      </div>
      <ButtonLink to="/welcome">{t('jobs.demoOwn')}</ButtonLink>
      <IconButton
        label={t('jobs.demoHide')}
        onClick={() => {
          preference.keep(HIDDEN_KEY, 'yes')
          setHidden(true)
        }}
      >
        <X aria-hidden size={18} />
      </IconButton>
    </aside>
  )
}
