import { groupBy, type RegionId, type Seen, stateAfterLog, type TechniqueId } from '@bold-heron/core'
import type { PointedOutInput, RunInput, RunRow } from '@bold-heron/schema'
import { literal, Op, type Sequelize, type Transaction, type WhereOptions } from 'sequelize'
import type { ChildTable } from './children.js'
import { cutReferences, referencesOfCutFrom } from './jobs.js'
import { DieModel } from './models/die-model.js'
import { JobLayerModel, JobModel } from './models/job-model.js'
import { PressModel } from './models/press-model.js'
import { RunAlsoModel, RunDieModel, RunLayerModel, RunModel, RunRoundModel } from './models/run-model.js'
import { SheetModel } from './models/sheet-model.js'
import { piecesOfJobs } from './pieces.js'
import { namesOf, rowShape } from './row-shape.js'
import { idOfSetPlate, setPlateColumns } from './set-plate.js'
import type { TableSpec } from './table.js'
import { AGAINST_WRITES, inWriting } from './transactions.js'

export interface RunFilter {
  /** Words, each of which is in the name of the job, the press, the sheet or a die, or in the note. */
  readonly q?: string | undefined
  readonly jobId?: string | undefined
  readonly pressId?: string | undefined
  readonly dieId?: string | undefined
  /** A plate that lay in it, however its leaves were set. */
  readonly plateId?: string | undefined
  readonly sheetId?: string | undefined
  readonly technique?: TechniqueId | undefined
  readonly region?: RegionId | undefined
  /** How it came out in the end. */
  readonly seen?: Seen | undefined
  readonly since?: string | undefined
  readonly until?: string | undefined
}

const layerOf = ({
  layerIs,
  plateId,
  leaves,
  name,
  thicknessMm,
  role,
  face,
  turned,
}: RunLayerModel): RunRow['layers'][number] => ({
  is: layerIs,
  plateId: plateId === null ? null : idOfSetPlate({ plateId, leaves }),
  name,
  thicknessMm,
  role,
  lie: face === null || turned === null ? null : { face, turned },
})

const roundOf = ({
  passes,
  seen,
  hangingShare,
  hangingPlace,
  hangingDieIds,
  hangingAt,
  pointedOut,
  remedy,
  feel,
}: RunRoundModel): RunRow['rounds'][number] => ({
  passes,
  seen,
  hangingShare,
  hangingPlace,
  ...(hangingDieIds ? { hangingDieIds } : {}),
  ...(hangingAt ? { hangingAt } : {}),
  ...(pointedOut ? { pointedOut } : {}),
  ...(remedy ? { remedy } : {}),
  feel,
})

const toRunRows = async (stored: readonly RunModel[], transaction: Transaction): Promise<RunRow[]> => {
  const within = {
    where: { runId: stored.map((run) => run.id) },
    order: [['position', 'ASC']] as [string, string][],
    // Thousands of them, and nothing is done with one but reading it.
    raw: true,
    transaction,
  }
  const dies = await RunDieModel.findAll(within)
  const layers = await RunLayerModel.findAll(within)
  const rounds = await RunRoundModel.findAll(within)
  const also = await RunAlsoModel.findAll(within)
  const names = {
    die: await namesOf(
      DieModel,
      dies.map((die) => die.dieId),
      transaction,
    ),
    job: await namesOf(
      JobModel,
      stored.map((run) => run.jobId),
      transaction,
    ),
    press: await namesOf(
      PressModel,
      stored.map((run) => run.pressId),
      transaction,
    ),
    sheet: await namesOf(
      SheetModel,
      stored.map((run) => run.sheetId),
      transaction,
    ),
  }
  const diesByRun = groupBy(dies, (die) => die.runId)
  const layersByRun = groupBy(layers, (layer) => layer.runId)
  const roundsByRun = groupBy(rounds, (round) => round.runId)
  const alsoByRun = groupBy(also, (each) => each.runId)
  return stored.map((run) => {
    const dieIds = (diesByRun.get(run.id) ?? []).map((die) => die.dieId)
    return {
      ...rowShape(run),
      jobId: run.jobId,
      pressRunId: run.pressRunId,
      technique: run.technique,
      region: run.region,
      shows: run.shows,
      finishes: run.finishes,
      pressId: run.pressId,
      dieIds,
      sheetId: run.sheetId,
      sheetCount: run.sheetCount,
      bladeSide: run.bladeSide,
      at: run.at.toISOString(),
      beganAt: run.beganAt?.toISOString() ?? null,
      endedAt: run.endedAt?.toISOString() ?? null,
      layers: (layersByRun.get(run.id) ?? []).map(layerOf),
      squeezeMm: run.squeezeMm,
      rounds: (roundsByRun.get(run.id) ?? []).map(roundOf),
      followsRunId: run.followsRunId,
      setAside: run.setAside,
      pieces: run.pieces,
      spoilt: run.spoilt,
      byWhom: run.byWhom,
      note: run.note,
      placement: run.placement,
      joins: run.joins,
      cutFrom: run.cutFrom,
      waxedPaper: run.waxedPaper,
      keepsCounters: run.keepsCounters,
      cutToSize: run.cutToSize,
      also: (alsoByRun.get(run.id) ?? []).map(({ jobId, pieces, spoilt }) => ({ jobId, pieces, spoilt })),
      stockTaken: run.stockTaken,
      jobName: names.job.get(run.jobId) ?? '',
      pressName: names.press.get(run.pressId) ?? '',
      dieNames: dieIds.map((id) => names.die.get(id) ?? ''),
      sheetName: names.sheet.get(run.sheetId) ?? '',
    }
  })
}

export const runChildren: readonly ChildTable<RunInput>[] = [
  {
    model: RunDieModel,
    key: 'runId',
    rows: (runId, { dieIds }) => dieIds.map((dieId, position) => ({ runId, position, dieId })),
  },
  {
    model: RunLayerModel,
    key: 'runId',
    rows: (runId, { layers }) =>
      layers.map(({ is, lie, plateId, ...layer }, position) => ({
        ...setPlateColumns(plateId),
        runId,
        position,
        layerIs: is,
        face: lie?.face ?? null,
        turned: lie?.turned ?? null,
        ...layer,
      })),
  },
  {
    model: RunRoundModel,
    key: 'runId',
    rows: (runId, { rounds }) => rounds.map((round, position) => ({ runId, position, ...round })),
  },
  {
    model: RunAlsoModel,
    key: 'runId',
    rows: (runId, { also }) => also.map((each, position) => ({ runId, position, ...each })),
  },
]

/** Changes columns of runs that no job follows from; says how many. */
export const changeRuns = (
  sequelize: Sequelize,
  where: WhereOptions,
  columns: { readonly setAside: boolean } | { readonly note: string },
): Promise<number> =>
  inWriting(sequelize, async (transaction) => {
    const bumped = { version: literal('version + 1'), updatedAt: new Date() }
    const [count] = await RunModel.update({ ...columns, ...bumped }, { where, transaction })
    return count
  })

/** Where a round of a run hung, as it was pointed out; says whether there is such a round, and it did hang. */
export const pointOut = (
  sequelize: Sequelize,
  runId: string,
  { round, ...hanging }: PointedOutInput,
): Promise<boolean> =>
  inWriting(sequelize, async (transaction) => {
    const [count] = await RunRoundModel.update(
      { ...hanging, pointedOut: literal('coalesce(pointed_out, 0) + 1') },
      {
        where: { runId, position: round, seen: 'hanging' },
        transaction,
      },
    )
    if (count === 0) return false
    await RunModel.update(
      { version: literal('version + 1'), updatedAt: new Date() },
      { where: { id: runId }, transaction },
    )
    return true
  })

/** The outcome of a run is that of its last round. */
const endedIn = (seen: Seen | undefined): WhereOptions => {
  if (!seen) return {}
  const quoted = RunModel.sequelize?.escape(seen) ?? ''
  return literal(
    `(SELECT seen FROM run_rounds WHERE run_id = "RunModel".id ORDER BY position DESC LIMIT 1) = ${quoted}`,
  )
}

/** Everything that a run is called by. */
const SAID_OF_RUN = `concat_ws(' ', "RunModel".note,
  (SELECT name FROM jobs WHERE jobs.id = "RunModel".job_id), (SELECT name FROM presses WHERE presses.id = "RunModel".press_id),
  (SELECT name FROM sheets WHERE sheets.id = "RunModel".sheet_id),
  (SELECT string_agg(name, ' ') FROM dies JOIN run_dies ON run_dies.die_id = dies.id WHERE run_dies.run_id = "RunModel".id))`

const saysAll = (q: string | undefined): WhereOptions => ({
  [Op.and]: (q ?? '')
    .split(/\s+/)
    .filter(Boolean)
    .map((word) =>
      literal(`${SAID_OF_RUN} ILIKE ${RunModel.sequelize?.escape(`%${word.replace(/[\\%_]/g, '\\$&')}%`) ?? "''"}`),
    ),
})

/** Runs that a thing was in, by the table that says so. */
const uses = (
  table: 'run_dies' | 'run_layers',
  column: 'die_id' | 'plate_id',
  id: string | undefined,
): WhereOptions => {
  if (!id) return {}
  const quoted = RunModel.sequelize?.escape(id) ?? ''
  return { id: { [Op.in]: literal(`(SELECT run_id FROM ${table} WHERE ${column} = ${quoted})`) } }
}

/**
 * A change of the log moves its jobs on: under way, or done once enough pieces are finished. They are locked first, in one order, so that
 * two changes at once come one after the other.
 */
const moveJobsOn = async (named: readonly Pick<RunInput, 'jobId' | 'also'>[], transaction: Transaction) => {
  const ids = [...new Set(named.flatMap(({ jobId, also }) => [jobId, ...also.map((each) => each.jobId)]))]
  const jobs = await JobModel.findAll({
    where: { id: ids },
    order: [['id', 'ASC']],
    lock: AGAINST_WRITES,
    transaction,
  })
  const before = await piecesOfJobs(ids, transaction)
  return async (): Promise<void> => {
    const now = await piecesOfJobs(ids, transaction)
    const layers = await JobLayerModel.findAll({
      attributes: ['jobId'],
      where: { jobId: ids },
      group: ['jobId'],
      transaction,
    })
    const planned = new Set(layers.map(({ jobId }) => jobId))
    for (const job of jobs) {
      const isPlanned = planned.has(job.id)
      const state = stateAfterLog({ state: job.state, wanted: job.wanted, isPlanned }, before(job.id), now(job.id))
      if (state !== job.state)
        await job.update({ state, version: job.version + 1, updatedAt: new Date() }, { transaction })
    }
  }
}

export const runTable: TableSpec<RunModel, RunInput, RunRow, RunFilter> = {
  model: RunModel,
  order: () => [
    ['at', 'DESC'],
    ['id', 'ASC'],
  ],
  columns: ({ dieIds: _, layers: __, rounds: ___, also: ____, ...columns }) => columns,
  rows: toRunRows,
  children: runChildren,
  references: (run) => [
    { path: 'jobId', id: run.jobId, model: JobModel, what: 'job' },
    ...(run.followsRunId ? [{ path: 'followsRunId', id: run.followsRunId, model: RunModel, what: 'run' }] : []),
    ...run.also.map(({ jobId }, at) => ({
      path: `also.${at}.jobId`,
      id: jobId,
      model: JobModel,
      what: 'job' as const,
    })),
    ...cutReferences(run),
    ...referencesOfCutFrom(run.cutFrom, 'cutFrom.'),
  ],
  around: moveJobsOn,
  where: ({ q, jobId, pressId, dieId, plateId, sheetId, technique, region, seen, since, until }) => ({
    [Op.and]: [
      saysAll(q),
      jobId ? { jobId } : {},
      pressId ? { pressId } : {},
      sheetId ? { sheetId } : {},
      uses('run_dies', 'die_id', dieId),
      uses('run_layers', 'plate_id', plateId),
      technique ? { technique } : {},
      region ? { region } : {},
      endedIn(seen),
      since ? { at: { [Op.gte]: new Date(since) } } : {},
      until ? { at: { [Op.lt]: new Date(until) } } : {},
    ],
  }),
}
