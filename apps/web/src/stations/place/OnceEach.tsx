import { eachDieOnce } from '@bold-heron/core'
import { useTranslation } from 'react-i18next'
import { Button } from '../../ui/Button.js'
import { dieFinder } from './dies-of.js'
import type { PanelProps } from './panel-props.js'

/** Parts runs that lay a die more often than there are of it, where there are any. */
export const OnceEach = ({ placement, things, onChange }: Pick<PanelProps, 'placement' | 'things' | 'onChange'>) => {
  const { t } = useTranslation()
  const parted = eachDieOnce(placement, dieFinder({ things }), (count) => t('place.run.newName', { count }))
  if (parted.runs.length === placement.runs.length) return null
  return (
    <Button onClick={() => onChange(() => parted)}>{t('place.reads.onceEach', { count: parted.runs.length })}</Button>
  )
}
