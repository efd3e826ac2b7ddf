import { gluedCount, type JobState, techniqueOfRun } from '@bold-heron/core'
import type { ChosenLayer, JobInput, JobRow } from '@bold-heron/schema'
import { literal, Op, QueryTypes, type Transaction } from 'sequelize'
import { DieModel } from './models/die-model.js'
import { JobDieModel, JobLayerModel, JobModel } from './models/job-model.js'
import { PlateModel } from './models/plate-model.js'
import { PressModel } from './models/press-model.js'
import { SheetModel } from './models/sheet-model.js'
import { groupBy, nameHolds, namesOf, type Reference, rowShape } from './row-shape.js'
import type { TableSpec } from './table.js'

export interface JobFilter {
  readonly q?: string | undefined
  readonly state?: JobState | undefined
}

/** Good pieces logged so far, by job. */
const piecesCut = async (jobIds: readonly string[], transaction?: Transaction): Promise<Map<string, number>> => {
  if (jobIds.length === 0) return new Map()
  const rows = await (JobModel.sequelize as NonNullable<typeof JobModel.sequelize>).query<{
    jobId: string
    cut: number
  }>(
    `SELECT job_id AS "jobId", sum(pieces)::integer AS cut FROM runs
     WHERE deleted_at IS NULL AND job_id IN (:jobIds) GROUP BY job_id`,
    { type: QueryTypes.SELECT, replacements: { jobIds: [...jobIds] }, ...(transaction ? { transaction } : {}) },
  )
  return new Map(rows.map(({ jobId, cut }) => [jobId, cut]))
}

const chosen = (layer: JobLayerModel): ChosenLayer =>
  layer.layerIs === 'plate' ? { is: 'plate', plateId: (layer.plateId ?? layer.glued) as string } : { is: layer.layerIs }

const toJobRows = async (stored: readonly JobModel[], transaction?: Transaction): Promise<JobRow[]> => {
  const within = {
    where: { jobId: stored.map((job) => job.id) },
    order: [['position', 'ASC']] as [string, string][],
    ...(transaction ? { transaction } : {}),
  }
  const [dies, layers] = [await JobDieModel.findAll(within), await JobLayerModel.findAll(within)]
  const [dieNames, pressNames, sheetNames, cut] = [
    await namesOf(
      DieModel,
      dies.map((die) => die.dieId),
      transaction,
    ),
    await namesOf(
      PressModel,
      stored.map((job) => job.pressId),
      transaction,
    ),
    await namesOf(
      SheetModel,
      stored.map((job) => job.sheetId),
      transaction,
    ),
    await piecesCut(
      stored.map((job) => job.id),
      transaction,
    ),
  ]
  const diesByJob = groupBy(dies, (die) => die.jobId)
  const layersByJob = groupBy(layers, (layer) => layer.jobId)
  return stored.map((job) => {
    const dieIds = (diesByJob.get(job.id) ?? []).map((die) => die.dieId)
    return {
      ...rowShape(job),
      name: job.name,
      state: job.state,
      technique: job.technique,
      pressId: job.pressId,
      dieIds,
      sheetId: job.sheetId,
      sheetCount: job.sheetCount,
      bladeSide: job.bladeSide,
      wanted: job.wanted,
      layers: (layersByJob.get(job.id) ?? []).map(chosen),
      note: job.note,
      placement: job.placement,
      cut: cut.get(job.id) ?? 0,
      pressName: pressNames.get(job.pressId) ?? '',
      dieNames: dieIds.map((id) => dieNames.get(id) ?? ''),
      sheetName: sheetNames.get(job.sheetId) ?? '',
    }
  })
}

export const saveJobChildren = async (jobId: string, input: JobInput, transaction: Transaction): Promise<void> => {
  await JobDieModel.destroy({ where: { jobId }, transaction })
  await JobLayerModel.destroy({ where: { jobId }, transaction })
  await JobDieModel.bulkCreate(
    input.dieIds.map((dieId, position) => ({ jobId, position, dieId })),
    { transaction },
  )
  await JobLayerModel.bulkCreate(
    input.layers.map((layer, position) => ({
      jobId,
      position,
      layerIs: layer.is,
      plateId: layer.is === 'plate' && !gluedCount(layer.plateId) ? layer.plateId : null,
      glued: layer.is === 'plate' && gluedCount(layer.plateId) ? layer.plateId : null,
    })),
    { transaction },
  )
}

/** References of anything that is made on a press, with dies, from a sheet. */
export const cutReferences = (input: { pressId: string; dieIds: readonly string[]; sheetId: string }): Reference[] => [
  { path: 'pressId', id: input.pressId, model: PressModel, what: 'a press' },
  { path: 'sheetId', id: input.sheetId, model: SheetModel, what: 'a sheet' },
  ...input.dieIds.map((id, at) => ({ path: `dieIds.${at}`, id, model: DieModel, what: 'a die' })),
]

/** Dies, pads, blocks and sheets that a placement names. */
const referencesOfPlacement = (placement: JobInput['placement']): Reference[] =>
  (placement?.runs ?? []).flatMap((run, at) => {
    const path = `placement.runs.${at}`
    return [
      ...run.dies.map(({ dieId }, die) => ({
        path: `${path}.dies.${die}.dieId`,
        id: dieId,
        model: DieModel,
        what: 'a die',
      })),
      ...(run.padId ? [{ path: `${path}.padId`, id: run.padId, model: PlateModel, what: 'a plate' }] : []),
      ...run.blocks.map(({ material }, block): Reference =>
        material.is === 'plate'
          ? {
              path: `${path}.blocks.${block}.material.plateId`,
              id: material.plateId,
              model: PlateModel,
              what: 'a plate',
            }
          : {
              path: `${path}.blocks.${block}.material.sheetId`,
              id: material.sheetId,
              model: SheetModel,
              what: 'a sheet',
            },
      ),
    ]
  })

/** Jobs in the order they call for hands: under way, planned, waiting, then the ended ones, latest first. */
const byUrgency = literal(`array_position(ARRAY['cutting','planned','waiting','done','set-aside'], state)`)

export const jobTable: TableSpec<JobModel, JobInput, JobRow, JobFilter> = {
  model: JobModel,
  order: [
    [byUrgency, 'ASC'],
    ['updatedAt', 'DESC'],
    ['id', 'ASC'],
  ],
  columns: ({ dieIds: _, layers: __, ...columns }) => {
    const run = columns.placement?.runs[columns.placement.runInHand]
    return run ? { ...columns, technique: techniqueOfRun(run) } : columns
  },
  rows: toJobRows,
  saveChildren: saveJobChildren,
  references: (job) => [
    ...cutReferences(job),
    ...job.layers.flatMap((layer, at): Reference[] => {
      if (layer.is !== 'plate') return []
      const glued = gluedCount(layer.plateId)
      const path = `layers.${at}.plateId`
      return [
        glued
          ? { path, id: glued.sheetId, model: SheetModel, what: 'a sheet' }
          : { path, id: layer.plateId, model: PlateModel, what: 'a plate' },
      ]
    }),
    ...referencesOfPlacement(job.placement),
  ],
  where: ({ q, state }) => ({ [Op.and]: [nameHolds(q), state ? { state } : {}] }),
}
