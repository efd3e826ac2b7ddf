import { runInHandOf } from '@bold-heron/schema'
import { useTranslation } from 'react-i18next'
import { useRowsById } from '../../../data/rows.js'
import { BenchTitle } from './BenchTitle.js'
import type { ShownStep } from './step.js'

/** The guide is laid so that its opening shows what the die is going to cut, and taped. */
export const GuideLay: ShownStep<'guide-lay'> = ({ job }) => {
  const { t } = useTranslation()
  const dies = useRowsById('dies')
  const hangs = runInHandOf(job).dieIds.flatMap((id) => dies.get(id)?.guide?.hangs || [])
  return (
    <>
      <BenchTitle>{t('bench.guide.layTitle')}</BenchTitle>
      <p>{t('bench.guide.lay')}</p>
      {hangs.length > 0 && <p>{t('bench.guide.hangs', { where: hangs.join(', ') })}</p>}
    </>
  )
}

/** The die lies in the guide's opening and is held: the guide comes off. */
export const GuideLift: ShownStep<'guide-lift'> = () => {
  const { t } = useTranslation()
  return (
    <>
      <BenchTitle>{t('bench.guide.liftTitle')}</BenchTitle>
      <p>{t('bench.guide.lift')}</p>
    </>
  )
}
