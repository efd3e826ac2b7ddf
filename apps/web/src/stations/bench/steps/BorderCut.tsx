import { useLengths } from '../../../text/lengths.js'
import { runInHandOf } from '@bold-heron/schema'
import { useTranslation } from 'react-i18next'
import { Choice } from '../../../ui/Choice.js'
import { joinsOf } from '../ribbon-of.js'
import { BenchTitle } from './BenchTitle.js'
import type { ShownStep } from './step.js'

/** mm by which a join may be told to be out; finer nobody sees. */
const OUT_MM = ['0', '0.25', '0.5', '1', '1.5'] as const

/** The next cut of a border: where it starts, whether it locks, and how far the join came out. */
export const BorderCut: ShownStep<'border-cut'> = ({ step, job, request, joins }) => {
  const lengths = useLengths()
  const { t } = useTranslation()
  const { border } = runInHandOf(job)
  const join = border && joinsOf(border, request.cut.dies)[step.join]
  if (!join) return null
  const told = joins.out[step.join] ?? null
  const isJoin = join.goneOnMm > 0
  return (
    <>
      <BenchTitle>
        {t('bench.border.cutTitle', { number: join.cut + 1, of: join.of, at: lengths.place(join.atMm) })}
      </BenchTitle>
      {!isJoin && <p>{t('bench.border.turn')}</p>}
      {isJoin && <p>{t('bench.border.locks')}</p>}
      <p>{t(`bench.border.feed.${border.feed}`)}</p>
      {isJoin && (
        <Choice
          tall
          label={t('bench.border.out')}
          value={told === null ? '' : String(told)}
          options={OUT_MM.map((mm) => ({
            value: mm,
            text: mm === '0' ? t('bench.border.meets') : t('bench.border.outBy', { by: lengths.place(Number(mm)) }),
          }))}
          onChange={(mm) => joins.tell(step.join, Number(mm))}
        />
      )}
    </>
  )
}
