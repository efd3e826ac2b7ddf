import { isGood, type Seen, stateAfterRun, type TechniqueId } from '@bold-heron/core'
import type { RunInput, RunRow } from '@bold-heron/schema'
import { literal, Op, type Transaction, type WhereOptions } from 'sequelize'
import { cutReferences, jobTable } from './jobs.js'
import { DieModel } from './models/die-model.js'
import { JobModel } from './models/job-model.js'
import { PressModel } from './models/press-model.js'
import { RunDieModel, RunLayerModel, RunModel, RunRoundModel } from './models/run-model.js'
import { SheetModel } from './models/sheet-model.js'
import { groupBy, namesOf, rowShape } from './row-shape.js'
import type { TableSpec } from './table.js'

export interface RunFilter {
  readonly jobId?: string | undefined
  readonly pressId?: string | undefined
  readonly dieId?: string | undefined
  readonly sheetId?: string | undefined
  readonly technique?: TechniqueId | undefined
  /** How it came out in the end. */
  readonly seen?: Seen | undefined
  readonly since?: string | undefined
  readonly until?: string | undefined
}

const toRunRows = async (stored: readonly RunModel[], transaction?: Transaction): Promise<RunRow[]> => {
  const within = {
    where: { runId: stored.map((run) => run.id) },
    order: [['position', 'ASC']] as [string, string][],
    ...(transaction ? { transaction } : {}),
  }
  const [dies, layers, rounds] = [
    await RunDieModel.findAll(within),
    await RunLayerModel.findAll(within),
    await RunRoundModel.findAll(within),
  ]
  const [dieNames, jobNames, pressNames, sheetNames] = [
    await namesOf(
      DieModel,
      dies.map((die) => die.dieId),
      transaction,
    ),
    await namesOf(
      JobModel,
      stored.map((run) => run.jobId),
      transaction,
    ),
    await namesOf(
      PressModel,
      stored.map((run) => run.pressId),
      transaction,
    ),
    await namesOf(
      SheetModel,
      stored.map((run) => run.sheetId),
      transaction,
    ),
  ]
  const diesByRun = groupBy(dies, (die) => die.runId)
  const layersByRun = groupBy(layers, (layer) => layer.runId)
  const roundsByRun = groupBy(rounds, (round) => round.runId)
  return stored.map((run) => {
    const dieIds = (diesByRun.get(run.id) ?? []).map((die) => die.dieId)
    return {
      ...rowShape(run),
      jobId: run.jobId,
      pressId: run.pressId,
      dieIds,
      sheetId: run.sheetId,
      sheetCount: run.sheetCount,
      bladeSide: run.bladeSide,
      at: run.at.toISOString(),
      layers: (layersByRun.get(run.id) ?? []).map(({ layerIs, plateId, name, thicknessMm, face, turned }) => ({
        is: layerIs,
        plateId,
        name,
        thicknessMm,
        lie: face === null || turned === null ? null : { face, turned },
      })),
      squeezeMm: run.squeezeMm,
      rounds: (roundsByRun.get(run.id) ?? []).map(({ passes, seen, hangingShare, hangingPlace, feel }) => ({
        passes,
        seen,
        hangingShare,
        hangingPlace,
        feel,
      })),
      followsRunId: run.followsRunId,
      setAside: run.setAside,
      pieces: run.pieces,
      note: run.note,
      placement: run.placement,
      jobName: jobNames.get(run.jobId) ?? '',
      pressName: pressNames.get(run.pressId) ?? '',
      dieNames: dieIds.map((id) => dieNames.get(id) ?? ''),
      sheetName: sheetNames.get(run.sheetId) ?? '',
    }
  })
}

export const saveRunChildren = async (runId: string, input: RunInput, transaction: Transaction): Promise<void> => {
  await RunDieModel.destroy({ where: { runId }, transaction })
  await RunLayerModel.destroy({ where: { runId }, transaction })
  await RunRoundModel.destroy({ where: { runId }, transaction })
  await RunDieModel.bulkCreate(
    input.dieIds.map((dieId, position) => ({ runId, position, dieId })),
    { transaction },
  )
  await RunLayerModel.bulkCreate(
    input.layers.map(({ is, lie, ...layer }, position) => ({
      runId,
      position,
      layerIs: is,
      face: lie?.face ?? null,
      turned: lie?.turned ?? null,
      ...layer,
    })),
    { transaction },
  )
  await RunRoundModel.bulkCreate(
    input.rounds.map((round, position) => ({ runId, position, ...round })),
    { transaction },
  )
}

/** Changes columns of runs that no job follows from; says how many. */
export const changeRuns = async (
  where: WhereOptions,
  columns: { readonly setAside: boolean } | { readonly note: string },
): Promise<number> => {
  const bumped = { version: RunModel.sequelize?.literal('version + 1'), updatedAt: new Date() }
  const [count] = await RunModel.update({ ...columns, ...bumped }, { where })
  return count
}

/** The outcome of a run is that of its last round. */
const endedIn = (seen: Seen | undefined): WhereOptions => {
  if (!seen) return {}
  const quoted = RunModel.sequelize?.escape(seen) ?? ''
  return literal(
    `(SELECT seen FROM run_rounds WHERE run_id = "RunModel".id ORDER BY position DESC LIMIT 1) = ${quoted}`,
  )
}

const usesDie = (dieId: string | undefined): WhereOptions => {
  if (!dieId) return {}
  const quoted = RunModel.sequelize?.escape(dieId) ?? ''
  return { id: { [Op.in]: literal(`(SELECT run_id FROM run_dies WHERE die_id = ${quoted})`) } }
}

/** The technique of a run is its job's. */
const ofTechnique = (technique: TechniqueId | undefined): WhereOptions => {
  if (!technique) return {}
  const quoted = RunModel.sequelize?.escape(technique) ?? ''
  return { jobId: { [Op.in]: literal(`(SELECT id FROM jobs WHERE technique = ${quoted})`) } }
}

/** A logged run moves its job on: under way, or done once enough pieces are cut. Jobs set aside stay there. */
const moveJobOn = async (input: RunInput, transaction: Transaction): Promise<void> => {
  const job = await JobModel.findByPk(input.jobId, { transaction, lock: true })
  if (!job || job.state === 'set-aside') return
  const [row] = await jobTable.rows([job], transaction)
  const last = input.rounds.at(-1)
  const state = row && last && isGood(last.seen) ? stateAfterRun(job.wanted, row.cut) : 'cutting'
  if (state !== job.state) await job.update({ state, version: job.version + 1, updatedAt: new Date() }, { transaction })
}

export const runTable: TableSpec<RunModel, RunInput, RunRow, RunFilter> = {
  model: RunModel,
  order: [
    ['at', 'DESC'],
    ['id', 'ASC'],
  ],
  columns: ({ dieIds: _, layers: __, rounds: ___, ...columns }) => columns,
  rows: toRunRows,
  saveChildren: saveRunChildren,
  references: (run) => [
    { path: 'jobId', id: run.jobId, model: JobModel, what: 'a job' },
    ...(run.followsRunId ? [{ path: 'followsRunId', id: run.followsRunId, model: RunModel, what: 'a run' }] : []),
    ...cutReferences(run),
  ],
  afterSave: moveJobOn,
  where: ({ jobId, pressId, dieId, sheetId, technique, seen, since, until }) => ({
    [Op.and]: [
      jobId ? { jobId } : {},
      pressId ? { pressId } : {},
      sheetId ? { sheetId } : {},
      usesDie(dieId),
      ofTechnique(technique),
      endedIn(seen),
      since ? { at: { [Op.gte]: new Date(since) } } : {},
      until ? { at: { [Op.lt]: new Date(until) } } : {},
    ],
  }),
}
