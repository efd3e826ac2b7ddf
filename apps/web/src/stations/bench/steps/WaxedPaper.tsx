import { factsOfPart } from '@bold-heron/core'
import { runInHandOf, yieldOfRun } from '@bold-heron/schema'
import { useTranslation } from 'react-i18next'
import { useLengths } from '../../../text/lengths.js'
import { BenchTitle } from './BenchTitle.js'
import type { ShownStep } from './step.js'

/** Waxed paper over the card or the die: a fresh piece where the last one has served, else one shifted a little. */
export const WaxedPaper: ShownStep<'waxed-paper'> = ({ job, request: { cut } }) => {
  const { t } = useTranslation()
  const lengths = useLengths()
  const run = runInHandOf(job)
  const { waxedPaper } = run
  if (!waxedPaper) return null
  const { pieces } = yieldOfRun(job, run, cut.dies, cut.sheet)
  const served = Math.floor(run.pressed / Math.max(1, pieces)) % waxedPaper.runsEach
  return (
    <>
      <BenchTitle>{t('bench.waxed.title')}</BenchTitle>
      <p>
        {served === 0
          ? t('bench.waxed.fresh', { count: waxedPaper.runsEach })
          : t('bench.waxed.shifted', { count: served, of: waxedPaper.runsEach })}
      </p>
      <p>{t('bench.waxed.how')}</p>
      <p className="text-ink-soft">
        {t('bench.waxed.counted', {
          thickness: lengths.thickness(waxedPaper.caliperMm ?? factsOfPart('waxed-paper', cut.sheet).caliperMm),
        })}
      </p>
    </>
  )
}
