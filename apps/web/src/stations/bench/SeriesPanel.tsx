import { Minus, Plus } from 'lucide-react'
import { useTranslation } from 'react-i18next'
import { useIsOnItsWay } from '../../data/bench-outbox.js'
import { useMarkRow } from '../../data/rows.js'
import { Button } from '../../ui/Button.js'

/** More of the same, a tap a run, with nothing to tell: for a stack that is sure, and was seen to come out. */
export const SeriesPanel = ({
  left,
  done,
  lastRunId,
  onOne,
  onBack,
}: {
  /** Runs that are still wanted. */
  readonly left: number
  /** Runs that were pressed so. */
  readonly done: number
  readonly lastRunId: string | undefined
  readonly onOne: () => void
  readonly onBack: () => void
}) => {
  const { t } = useTranslation()
  const mark = useMarkRow('runs')
  const isOnItsWay = useIsOnItsWay(lastRunId ?? '')
  const takeBack = () => {
    if (lastRunId) mark.mutate({ id: lastRunId, mark: 'delete' }, { onSuccess: onBack })
  }
  return (
    <section className="rounded-lg border border-line bg-sunk/60 p-4" aria-label={t('bench.series.title')}>
      <p className="font-bold">{t('bench.series.left', { count: left })}</p>
      <p className="text-base text-ink-soft">{t('bench.series.text')}</p>
      <div className="mt-2 flex flex-wrap items-center gap-3">
        <Button className="min-h-16 px-8 text-2xl" icon={<Plus aria-hidden size={24} />} onClick={onOne}>
          {t('bench.series.one')}
        </Button>
        <output className="text-2xl font-bold">{t('bench.series.done', { count: done })}</output>
        {done > 0 && (
          <Button
            look="quiet"
            className="min-h-14"
            icon={<Minus aria-hidden size={20} />}
            disabled={isOnItsWay || mark.isPending}
            onClick={takeBack}
          >
            {t('bench.series.back')}
          </Button>
        )}
      </div>
    </section>
  )
}
