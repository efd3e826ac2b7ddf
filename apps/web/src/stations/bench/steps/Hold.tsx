import { factsOfDieClass, holdsBy } from '@bold-heron/core'
import { useTranslation } from 'react-i18next'
import { SymptomLink } from '../../../drawing/terms/SymptomLink.js'
import { BenchTitle } from './BenchTitle.js'
import { Care } from './Care.js'
import type { ShownStep } from './step.js'

/** Keep the die where it lies. */
export const Hold: ShownStep<'hold'> = ({ stack, request: { cut } }) => {
  const { t } = useTranslation()
  return (
    <>
      <BenchTitle>{t('bench.hold.title')}</BenchTitle>
      <p>{t(holdsBy(stack, cut) === 'magnet' ? 'bench.hold.byMagnet' : 'bench.hold.tape')}</p>
      <SymptomLink of="die-slipped" />
      {cut.dies.some((die) => factsOfDieClass(die.dieClass).lacy) && <p>{t('bench.hold.lace')}</p>}
      {stack.some((layer) => layer.is === 'plate' && layer.plate.magnetic) && <Care>{t('bench.hold.magnet')}</Care>}
    </>
  )
}
