import { hasBlades } from '@bold-heron/core'
import type { DieLearning, DieRow } from '@bold-heron/schema'
import { useTranslation } from 'react-i18next'
import { useDieLearning } from '../../../data/learning.js'
import { Panel } from '../../../ui/Panel.js'
import { Loaded } from '../../../ui/states.js'

/** Spread of the logarithm above which the log does not tell the die from its sheets. From memory. */
const TELLS_BELOW = 0.1
/** Per cent that nobody minds. */
const HARDLY = 4

/** What the log says of a die: harder or easier to cut with than is usual, or that it does not tell. */
export const SaidOfDie = ({ told: { mean, spread, runs } }: { readonly told: DieLearning }) => {
  const { t } = useTranslation()
  if (runs === 0) return <p className="text-ink-soft">{t('shelf.difficulty.none')}</p>
  const percent = Math.round(100 * (Math.exp(mean) - 1))
  const says = Math.abs(percent) < HARDLY ? 'usual' : percent > 0 ? 'harder' : 'easier'
  return (
    <div className="space-y-2">
      <p>{t(`shelf.difficulty.${says}`, { percent: Math.abs(percent), spread: Math.round(100 * spread) })}</p>
      {spread > TELLS_BELOW && <p className="text-ink-soft">{t('shelf.difficulty.unsure')}</p>}
      <p className="text-ink-soft">{t('shelf.difficulty.runs', { count: runs })}</p>
    </div>
  )
}

/** How hard a die is to cut with, as the log has it. */
export const DifficultyPanel = ({ row }: { readonly row: DieRow }) => {
  const { t } = useTranslation()
  const query = useDieLearning(row.id)
  return hasBlades([row]) ? (
    <Panel title={t('shelf.difficulty.title')}>
      <Loaded query={query} what={t('shelf.difficulty.loading')}>
        {(told) => <SaidOfDie told={told} />}
      </Loaded>
    </Panel>
  ) : null
}
