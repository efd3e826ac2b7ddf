import { useTranslation } from 'react-i18next'
import { Timer } from '../Timer.js'
import { BenchTitle } from './BenchTitle.js'
import { Care } from './Care.js'
import type { SaidStepId } from './said-step-id.js'

/** A step that is told in a title and a few words, with a caution where the work can hurt or spoil, and a timer where it takes time. */
export const Said = ({
  id,
  care,
  minutes,
}: {
  readonly id: SaidStepId
  readonly care?: true
  readonly minutes?: number
}) => {
  const { t } = useTranslation()
  return (
    <>
      <BenchTitle>{t(`bench.said.${id}.title`)}</BenchTitle>
      <p>{t(`bench.said.${id}.text`)}</p>
      {care && <Care>{t(`bench.said.${id}.care` as 'bench.said.warm-up.care')}</Care>}
      {minutes !== undefined && <Timer of="heat" minutes={minutes} />}
    </>
  )
}
