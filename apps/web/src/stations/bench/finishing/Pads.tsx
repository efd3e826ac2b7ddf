import { useTranslation } from 'react-i18next'
import type { ShownFinishing } from './finishing.js'

export const Pads: ShownFinishing = () => {
  const { t } = useTranslation()
  return <p className="text-ink-soft">{t('bench.finish.pads')}</p>
}
