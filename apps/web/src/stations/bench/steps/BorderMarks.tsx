import { useLengths } from '../../../text/lengths.js'
import { FROM_STRIP_EDGE_MM } from '@bold-heron/core'
import { runInHandOf } from '@bold-heron/schema'
import { useTranslation } from 'react-i18next'
import { ribbonOf } from '../ribbon-of.js'
import { BenchTitle } from './BenchTitle.js'
import type { ShownStep } from './step.js'

/** Mark on the unpressed strip where each cut starts. */
export const BorderMarks: ShownStep<'border-marks'> = ({ job, request }) => {
  const lengths = useLengths()
  const { t } = useTranslation()
  const { border } = runInHandOf(job)
  if (!border) return null
  const edges = ribbonOf(border, request.cut.dies)
  return (
    <>
      <BenchTitle>{t('bench.border.marksTitle', { length: lengths.place(border.stripLengthMm) })}</BenchTitle>
      {edges.map(({ cuts }, at) => (
        <p key={at}>
          {edges.length > 1 && <>{t(at === 0 ? 'bench.border.firstEdge' : 'bench.border.secondEdge')} </>}
          {cuts.map(({ atMm }) => lengths.place(atMm)).join(' · ')}
        </p>
      ))}
      <p>{t(`bench.border.across.${border.edges}`, { from: lengths.place(FROM_STRIP_EDGE_MM) })}</p>
      <p className="text-ink-soft">{t('bench.border.marksText')}</p>
    </>
  )
}
