import { factsOfJoin } from '@bold-heron/core'
import { type JobRow, runInHandOf } from '@bold-heron/schema'
import { useTranslation } from 'react-i18next'
import { useRowsById } from '../../../data/rows.js'
import { Timer } from '../Timer.js'

/** Layers that are glued up into the shape of a run to come: how many, how, and how long that dries. */
export const GlueUp = ({ job }: { readonly job: JobRow }) => {
  const { t } = useTranslation()
  const dies = useRowsById('dies')
  const { dieIds } = runInHandOf(job)
  const shape = job.runs
    .flatMap((run) => run.dieIds.flatMap((id) => dies.get(id)?.madeOf ?? []))
    .find((madeOf) => dieIds.includes(madeOf.dieId))
  if (!shape) return null
  const { layers, join } = shape
  const minutes = factsOfJoin(join).dryingMinutes
  return (
    <div>
      <h3 className="font-bold">{t('bench.glueUp.title', { count: layers })}</h3>
      <p>{t(`bench.glueUp.${join}`)}</p>
      {minutes > 0 && <Timer of="glue" minutes={minutes} />}
    </div>
  )
}
