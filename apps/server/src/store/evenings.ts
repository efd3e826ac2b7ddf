import type { EveningInput, EveningRow } from '@bold-heron/schema'
import type { Sequelize, Transaction } from 'sequelize'
import { claimsOn } from './batch-claims.js'
import { EveningModel } from './models/evening-model.js'
import { JobModel } from './models/job-model.js'
import { PressModel } from './models/press-model.js'
import { piecesOfJobs } from './pieces.js'
import { nameHolds, type Reference, rowShape } from './row-shape.js'
import type { TableSpec } from './table.js'

export interface EveningFilter {
  readonly q?: string | undefined
}

const toEveningRows = async (stored: readonly EveningModel[], transaction: Transaction): Promise<EveningRow[]> => {
  const ids = [...new Set(stored.flatMap(({ jobs }) => jobs.map(({ jobId }) => jobId)))]
  const jobs = await JobModel.findAll({ where: { id: ids, deletedAt: null }, raw: true, transaction })
  const pieces = await piecesOfJobs(ids, transaction)
  const byId = new Map(jobs.map((job) => [job.id, job]))
  const claims = await claimsOn(
    EveningModel.sequelize as Sequelize,
    stored.map(({ id }) => id),
    transaction,
  )
  return stored.map((evening) => ({
    ...rowShape(evening),
    name: evening.name,
    beginsAt: evening.beginsAt?.toISOString() ?? null,
    presses: evening.presses,
    people: evening.people,
    jobs: evening.jobs,
    gapMm: evening.gapMm,
    changeWorthMin: evening.changeWorthMin,
    pins: evening.pins,
    note: evening.note,
    progress: evening.jobs.flatMap(({ jobId }) => {
      const job = byId.get(jobId)
      const { cut, spoilt } = pieces(jobId)
      return job ? [{ jobId, name: job.name, wanted: job.wanted, cut, spoilt }] : []
    }),
    claims: [...(claims.get(evening.id) ?? [])],
  }))
}

export const eveningsTable: TableSpec<EveningModel, EveningInput, EveningRow, EveningFilter> = {
  model: EveningModel,
  order: () => [
    ['updatedAt', 'DESC'],
    ['id', 'ASC'],
  ],
  columns: (input) => ({ ...input }),
  rows: toEveningRows,
  references: ({ presses, jobs }) => [
    ...presses.map(({ pressId }, at): Reference => ({
      path: `presses.${at}.pressId`,
      id: pressId,
      model: PressModel,
      what: 'press',
    })),
    ...jobs.map(({ jobId }, at): Reference => ({ path: `jobs.${at}.jobId`, id: jobId, model: JobModel, what: 'job' })),
  ],
  where: ({ q }) => nameHolds(q),
}
