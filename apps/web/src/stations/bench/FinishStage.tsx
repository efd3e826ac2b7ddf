import type { JobRow } from '@bold-heron/schema'
import { useTranslation } from 'react-i18next'
import { Link } from 'react-router'
import { Button, ButtonLink } from '../../ui/Button.js'
import { BenchTitle } from './StepCard.js'
import { Timer } from './Timer.js'

/** Minutes that card glue usually wants before it is handled. Common practice, no source. */
const GLUE_MINUTES = 5

/** After a clean cut: release, finishing, the pads, and another like it. */
export const FinishStage = ({
  job,
  cut,
  onMore,
  onDone,
}: {
  readonly job: JobRow
  /** Good pieces by now, those not yet in the log too. */
  readonly cut: number
  readonly onMore: () => void
  readonly onDone: () => void
}) => {
  const { t } = useTranslation()
  return (
    <div className="space-y-4">
      <BenchTitle>{t('bench.finish.title')}</BenchTitle>
      <p className="text-2xl">{t('bench.finish.progress', { cut, wanted: job.wanted })}</p>
      <dl className="space-y-3">
        <div>
          <dt className="font-bold">{t('bench.finish.release')}</dt>
          <dd>{t('bench.finish.releaseText')}</dd>
        </div>
        <div>
          <dt className="font-bold">{t('bench.finish.finishing')}</dt>
          <dd>
            {t('bench.finish.finishingText')}
            {job.placement && (
              <>
                {' '}
                <Link to={`/place/${job.id}`} className="underline">
                  {t('bench.finish.knife')}
                </Link>
              </>
            )}
          </dd>
        </div>
      </dl>
      <Timer minutes={GLUE_MINUTES} />
      <p className="text-ink-soft">{t('bench.finish.pads')}</p>
      <div className="flex flex-wrap justify-end gap-3">
        <ButtonLink to="/log" className="min-h-16 px-6 text-xl" onClick={onDone}>
          {t('bench.finish.done')}
        </ButtonLink>
        <Button look="next" autoFocus className="min-h-16 px-8 text-2xl" onClick={onMore}>
          {t('bench.finish.more')}
        </Button>
      </div>
    </div>
  )
}
