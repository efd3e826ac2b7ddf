import { type BuildInput, type BuildRow, wantedOfJobs } from '@bold-heron/schema'
import { literal, Op, type Transaction, type WhereOptions } from 'sequelize'
import { BuildModel } from './models/build-model.js'
import { JobModel } from './models/job-model.js'
import { SheetModel } from './models/sheet-model.js'
import { piecesOfJobs } from './pieces.js'
import { nameHolds, type Reference, rowShape } from './row-shape.js'
import type { TableSpec } from './table.js'

export interface BuildFilter {
  readonly q?: string | undefined
}

const jobIdsOf = ({ layers }: Pick<BuildInput, 'layers'>): string[] => [
  ...new Set(layers.flatMap(({ jobId }) => jobId ?? [])),
]

const toBuildRows = async (stored: readonly BuildModel[], transaction: Transaction): Promise<BuildRow[]> => {
  const ids = stored.flatMap(jobIdsOf)
  const jobs = await JobModel.findAll({ where: { id: ids, deletedAt: null }, raw: true, transaction })
  const pieces = await piecesOfJobs(ids, transaction)
  const byId = new Map(jobs.map((job) => [job.id, job]))
  return stored.map((build) => ({
    ...rowShape(build),
    name: build.name,
    wanted: build.wanted,
    base: build.base,
    frontWidthMm: build.frontWidthMm,
    frontHeightMm: build.frontHeightMm,
    mostHighMm: build.mostHighMm,
    layers: build.layers,
    note: build.note,
    jobs: jobIdsOf(build).flatMap((id) => {
      const job = byId.get(id)
      return job ? [{ id, name: job.name, wanted: job.wanted, cut: pieces(id).cut }] : []
    }),
  }))
}

/** The counts of all builds that a job cuts layers for give it how many pieces it wants. */
const wantOfJobs = async (build: BuildInput, transaction: Transaction): Promise<void> => {
  const its = new Set(jobIdsOf(build))
  const sharing = [...its].map((jobId) => ({ layers: { [Op.contains]: [{ jobId }] } }))
  const where = { deletedAt: null, [Op.or]: sharing } as WhereOptions
  const builds = its.size === 0 ? [] : await BuildModel.findAll({ where, transaction })
  const sums = new Map<string, number>()
  for (const each of builds)
    for (const [id, pieces] of wantedOfJobs(each)) if (its.has(id)) sums.set(id, (sums.get(id) ?? 0) + pieces)
  for (const [id, wanted] of sums) {
    const changed = { wanted, version: literal('version + 1'), updatedAt: new Date() }
    await JobModel.update(changed, {
      where: literal(`id = ${JobModel.sequelize?.escape(id) ?? ''} AND wanted <> ${wanted}`),
      transaction,
    })
  }
}

export const buildsTable: TableSpec<BuildModel, BuildInput, BuildRow, BuildFilter> = {
  model: BuildModel,
  order: () => [
    ['updatedAt', 'DESC'],
    ['id', 'ASC'],
  ],
  columns: (input) => ({ ...input }),
  rows: toBuildRows,
  saveChildren: (_, input, transaction) => wantOfJobs(input, transaction),
  references: ({ layers }) =>
    layers.flatMap(({ jobId, sheetId }, at): Reference[] => [
      { path: `layers.${at}.sheetId`, id: sheetId, model: SheetModel, what: 'sheet' },
      ...(jobId ? [{ path: `layers.${at}.jobId`, id: jobId, model: JobModel, what: 'job' }] : []),
    ]),
  where: ({ q }) => nameHolds(q),
}
