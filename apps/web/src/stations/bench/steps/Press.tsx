import { hasBlades } from '@bold-heron/core'
import { useTranslation } from 'react-i18next'
import { useLengths } from '../../../text/lengths.js'
import { sayCut } from '../../../text/say-cut.js'
import { BenchTitle } from './BenchTitle.js'
import { Care } from './Care.js'
import type { ShownStep } from './step.js'

/** One pass through the rollers: how it should feel, and when to stop. */
export const Press: ShownStep<'press'> = ({ assessment, passes, passesDone, request }) => {
  const { t } = useTranslation()
  const lengths = useLengths()
  const number = Math.min(passesDone + 1, passes)
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
      {hasBlades(request.cut.dies) && passesDone > 0 && <p>{t('bench.press.cracking')}</p>}
    </>
  )
}
