import { placementOf, runInHandOf } from '@bold-heron/schema'
import { useTranslation } from 'react-i18next'
import { useEveryRow } from '../../../data/rows.js'
import { RunSteps } from '../../../pressing/placed/RunSteps.js'
import { BenchTitle } from './BenchTitle.js'
import type { ShownStep } from './step.js'

/** Mark the card and lay it out, as it was planned in Place. */
export const LayOut: ShownStep<'lay-out'> = ({ job, lengths }) => {
  const { t } = useTranslation()
  const dies = useEveryRow('dies', { retired: 'all' }).data ?? []
  const placement = placementOf(job)
  const placed = placement?.runs[placement.runInHand]
  const { bladeSide, dieNames, dieIds } = runInHandOf(job)
  return (
    <>
      <BenchTitle>{t('bench.layOut.title')}</BenchTitle>
      {placement && placed && (
        <RunSteps
          run={placed}
          card={placement.card}
          blade={bladeSide}
          nameOf={(id) => dieNames[dieIds.indexOf(id)] ?? ''}
          sizeOf={(id) => dies.find((die) => die.id === id)}
          lengths={lengths}
        />
      )}
      <p className="text-ink-soft">{t('bench.layOut.text')}</p>
    </>
  )
}
