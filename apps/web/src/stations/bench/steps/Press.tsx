import { hasBlades } from '@bold-heron/core'
import { useTranslation } from 'react-i18next'
import { useLengths } from '../../../text/lengths.js'
import { sayCut } from '../../../text/say-cut.js'
import { BenchTitle } from './BenchTitle.js'
import { Care } from './Care.js'
import type { ShownStep } from './step.js'

/** Share of the hand's limit from which a press is held down by somebody else: firm. From memory. */
const HARD_EFFORT = 0.5

/** One pass through the rollers: how it should feel, and when to stop. */
export const Press: ShownStep<'press'> = ({ assessment, stack, passes, passesDone, request }) => {
  const { t } = useTranslation()
  const lengths = useLengths()
  const number = Math.min(passesDone + 1, passes)
  const hasSteel = stack.some((layer) => layer.is === 'plate' && layer.plate.kind === 'hard-plate')
  const predicted = assessment?.prediction?.passes[number - 1]
  return (
    <>
      <BenchTitle>
        {t('bench.press.title', { number, of: passes })}{' '}
        <span className="text-ink-soft">· {t(number % 2 === 1 ? 'bench.press.there' : 'bench.press.backAgain')}</span>
      </BenchTitle>
      {predicted && (
        <p>
          {t('bench.press.feel', { feel: t(`words.predictedFeel.${predicted.feel}`) })}{' '}
          {t('bench.press.leaves', { cut: sayCut(t, lengths, predicted) })}
        </p>
      )}
      <Care>{t('bench.press.stop')}</Care>
      {predicted && predicted.effort >= HARD_EFFORT && <Care>{t('bench.press.hard')}</Care>}
      {hasSteel && <Care>{t('bench.press.steel')}</Care>}
      {hasBlades(request.cut.dies) && passesDone > 0 && <p>{t('bench.press.cracking')}</p>}
    </>
  )
}
