import { useTranslation } from 'react-i18next'
import { SymptomLink } from '../../../drawing/terms/SymptomLink.js'
import type { ShownFinishing } from './finishing.js'

export const Release: ShownFinishing = () => {
  const { t } = useTranslation()
  return (
    <div>
      <h3 className="font-bold">{t('bench.finish.release')}</h3>
      <p>{t('bench.finish.releaseText')}</p>
      <SymptomLink of="stuck" />
    </div>
  )
}
