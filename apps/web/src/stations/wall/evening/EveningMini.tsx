import type { EveningRow } from '@bold-heron/schema'
import { useTranslation } from 'react-i18next'

/** px of the longest bar, and jobs shown in little. */
const WIDE = 180
const MOST_SHOWN = 5

/** An evening in little: a bar a job, as long as many pieces are wanted of it, filled as far as they are made. */
export const EveningMini = ({ progress }: Pick<EveningRow, 'progress'>) => {
  const { t } = useTranslation()
  const most = Math.max(1, ...progress.map(({ wanted }) => wanted))
  return (
    <ul className="mt-2 space-y-1 text-sm">
      {progress.slice(0, MOST_SHOWN).map(({ jobId, name, wanted, cut }) => (
        <li key={jobId} className="flex items-center gap-2">
          <span
            aria-hidden
            className="h-2.5 shrink-0 overflow-hidden rounded-full border border-ink/40 bg-field"
            style={{ width: Math.max(8, (WIDE * wanted) / most) }}
          >
            <span className="block h-full bg-clean" style={{ width: `${Math.min(1, cut / wanted) * 100}%` }} />
          </span>
          <span className="min-w-0 truncate">
            {name} <span className="text-ink-soft">{t('jobs.progress', { cut, wanted })}</span>
          </span>
        </li>
      ))}
    </ul>
  )
}
