import { groupBy, gluedCount, type JobState, type LayerReference, type StackReference } from '@bold-heron/core'
import { type JobInput, type JobRow, type PressRun, type PressRunRow } from '@bold-heron/schema'
import { literal, Op, type Transaction } from 'sequelize'
import type { ChildTable } from './children.js'
import { DieModel } from './models/die-model.js'
import { JobDieModel, JobLayerModel, JobModel, JobRunModel } from './models/job-model.js'
import { OffcutModel } from './models/offcut-model.js'
import { PlateModel } from './models/plate-model.js'
import { PressModel } from './models/press-model.js'
import { SheetModel } from './models/sheet-model.js'
import { piecesByRun, piecesOfJobs } from './pieces.js'
import { nameHolds, namesOf, type Reference, rowShape } from './row-shape.js'
import { idOfSetPlate, referenceToSetPlate, setPlateColumns } from './set-plate.js'
import type { TableSpec } from './table.js'

export interface JobFilter {
  readonly q?: string | undefined
  readonly state?: JobState | undefined
}

const chosen = ({ layerIs, plateId, leaves, glued, role }: JobLayerModel): LayerReference =>
  layerIs === 'plate'
    ? {
        is: 'plate',
        plateId: plateId === null ? (glued as string) : idOfSetPlate({ plateId, leaves }),
        role: role as NonNullable<typeof role>,
      }
    : { is: layerIs }

const inRun = (row: { readonly jobId: string; readonly runPosition: number }): string =>
  `${row.jobId} ${row.runPosition}`

/** The press runs of jobs, by job, in their order. */
const runsOf = async (jobs: readonly JobModel[], transaction: Transaction): Promise<Map<string, PressRunRow[]>> => {
  const jobIds = jobs.map((job) => job.id)
  const within = { where: { jobId: jobIds }, order: [['position', 'ASC']] as [string, string][], transaction }
  const runs = await JobRunModel.findAll(within)
  const dies = await JobDieModel.findAll(within)
  const layers = await JobLayerModel.findAll(within)
  const pressOf = new Map(jobs.map((job) => [job.id, job.pressId]))
  const pressIdOfRun = (run: JobRunModel): string => run.pressId ?? (pressOf.get(run.jobId) as string)
  const dieNames = await namesOf(
    DieModel,
    dies.map((die) => die.dieId),
    transaction,
  )
  const pressNames = await namesOf(PressModel, runs.map(pressIdOfRun), transaction)
  const sheetNames = await namesOf(
    SheetModel,
    runs.map((run) => run.sheetId),
    transaction,
  )
  const pieces = await piecesByRun(jobIds, transaction)
  const diesByRun = groupBy(dies, inRun)
  const layersByRun = groupBy(layers, inRun)
  const rows = groupBy(runs, (run) => run.jobId)
  return new Map(
    [...rows].map(([jobId, group]) => [
      jobId,
      group.map((run): PressRunRow => {
        const key = `${jobId} ${run.position}`
        const dieIds = (diesByRun.get(key) ?? []).map((die) => die.dieId)
        return {
          id: run.runName,
          name: run.name,
          technique: run.technique,
          region: run.region,
          pressId: run.pressId,
          dieIds,
          sheetId: run.sheetId,
          sheetCount: run.sheetCount,
          bladeSide: run.bladeSide,
          layers: (layersByRun.get(key) ?? []).map(chosen),
          shows: run.shows,
          onlyOne: run.onlyOne,
          finishes: run.finishes,
          placed: run.placed,
          border: run.border,
          cutFrom: run.cutFrom,
          waxedPaper: run.waxedPaper,
          keepsCounters: run.keepsCounters,
          cutToSize: run.cutToSize,
          pressName: pressNames.get(pressIdOfRun(run)) ?? '',
          dieNames: dieIds.map((id) => dieNames.get(id) ?? ''),
          sheetName: sheetNames.get(run.sheetId) ?? '',
          pressed: pieces.get(`${jobId} ${run.runName}`) ?? 0,
        }
      }),
    ]),
  )
}

const toJobRows = async (stored: readonly JobModel[], transaction: Transaction): Promise<JobRow[]> => {
  const runs = await runsOf(stored, transaction)
  const pieces = await piecesOfJobs(
    stored.map((job) => job.id),
    transaction,
  )
  const pressNames = await namesOf(
    PressModel,
    stored.map((job) => job.pressId),
    transaction,
  )
  return stored.map((job) => {
    const { cut, spoilt } = pieces(job.id)
    return {
      ...rowShape(job),
      name: job.name,
      state: job.state,
      pressId: job.pressId,
      wanted: job.wanted,
      rank: job.rank,
      note: job.note,
      card: job.card,
      runInHand: job.runInHand,
      runs: runs.get(job.id) ?? [],
      cut,
      spoilt,
      pressName: pressNames.get(job.pressId) ?? '',
    }
  })
}

const ofRuns = <Row>(job: JobInput, rows: (run: PressRun, runPosition: number) => Row[]): Row[] =>
  job.runs.flatMap(rows)

const children: readonly ChildTable<JobInput>[] = [
  {
    model: JobRunModel,
    key: 'jobId',
    rows: (jobId, job) =>
      ofRuns(job, ({ id: runName, dieIds: _, layers: __, ...run }, position) => [{ ...run, jobId, position, runName }]),
  },
  {
    model: JobDieModel,
    key: 'jobId',
    rows: (jobId, job) =>
      ofRuns(job, ({ dieIds }, runPosition) =>
        dieIds.map((dieId, position) => ({ jobId, runPosition, position, dieId })),
      ),
  },
  {
    model: JobLayerModel,
    key: 'jobId',
    rows: (jobId, job) =>
      ofRuns(job, ({ layers }, runPosition) =>
        layers.map((layer, position) => {
          const plateId = layer.is === 'plate' ? layer.plateId : null
          const isGlued = plateId !== null && gluedCount(plateId) !== undefined
          return {
            jobId,
            runPosition,
            position,
            layerIs: layer.is,
            ...setPlateColumns(isGlued ? null : plateId),
            glued: isGlued ? plateId : null,
            role: layer.is === 'plate' ? layer.role : null,
          }
        }),
      ),
  },
]

const referenceTo = {
  press: (path: string, id: string): Reference => ({ path, id, model: PressModel, what: 'press' }),
  sheet: (path: string, id: string): Reference => ({ path, id, model: SheetModel, what: 'sheet' }),
  die: (path: string, id: string): Reference => ({ path, id, model: DieModel, what: 'die' }),
  plate: (path: string, id: string): Reference => ({ path, id, model: PlateModel, what: 'plate' }),
}

/** References of anything that is pressed on a press, with dies, from a sheet. */
export const cutReferences = (
  { pressId, dieIds, sheetId }: { pressId: string | null; dieIds: readonly string[]; sheetId: string },
  path = '',
): Reference[] => [
  ...(pressId === null ? [] : [referenceTo.press(`${path}pressId`, pressId)]),
  referenceTo.sheet(`${path}sheetId`, sheetId),
  ...dieIds.map((id, at) => referenceTo.die(`${path}dieIds.${at}`, id)),
]

/** Dies, pads, blocks and sheets that a run names where its things lie. */
const referencesOfPlaced = (placed: PressRun['placed'], path: string): Reference[] =>
  placed === null
    ? []
    : [
        ...placed.dies.map(({ dieId }, at) => referenceTo.die(`${path}dies.${at}.dieId`, dieId)),
        ...(placed.padId ? [referenceTo.plate(`${path}padId`, placed.padId)] : []),
        ...placed.blocks.map(({ material }, at) =>
          material.is === 'plate'
            ? referenceTo.plate(`${path}blocks.${at}.material.plateId`, material.plateId)
            : referenceTo.sheet(`${path}blocks.${at}.material.sheetId`, material.sheetId),
        ),
      ]

const referencesOfStack = (layers: StackReference, path: string): Reference[] =>
  layers.flatMap((layer, at): Reference[] => {
    if (layer.is !== 'plate') return []
    const glued = gluedCount(layer.plateId)
    const field = `${path}${at}.plateId`
    return [glued ? referenceTo.sheet(field, glued.sheetId) : referenceToSetPlate(field, layer.plateId)]
  })

/** The leftover and the dies that a run names where it is cut from. */
export const referencesOfCutFrom = (cutFrom: PressRun['cutFrom'], path: string): Reference[] =>
  cutFrom === null
    ? []
    : [
        ...(cutFrom.offcutId
          ? [{ path: `${path}offcutId`, id: cutFrom.offcutId, model: OffcutModel, what: 'offcut' }]
          : []),
        ...cutFrom.poses.map(({ dieId }, at) => referenceTo.die(`${path}poses.${at}.dieId`, dieId)),
      ]

/** Jobs in the order they call for hands: under way, planned, waiting, then the ended ones, latest first. */
const byUrgency = literal(`array_position(ARRAY['cutting','planned','waiting','done','set-aside'], state)`)

export const jobTable: TableSpec<JobModel, JobInput, JobRow, JobFilter> = {
  model: JobModel,
  order: () => [
    [byUrgency, 'ASC'],
    [literal('rank'), 'ASC NULLS LAST'],
    ['updatedAt', 'DESC'],
    ['id', 'ASC'],
  ],
  columns: ({ runs: _, ...columns }) => columns,
  rows: toJobRows,
  children,
  references: (job) => [
    referenceTo.press('pressId', job.pressId),
    ...job.runs.flatMap((run, at) => [
      ...cutReferences(run, `runs.${at}.`),
      ...referencesOfPlaced(run.placed, `runs.${at}.placed.`),
      ...referencesOfStack(run.layers, `runs.${at}.layers.`),
      ...referencesOfCutFrom(run.cutFrom, `runs.${at}.cutFrom.`),
    ]),
  ],
  where: ({ q, state }) => ({ [Op.and]: [nameHolds(q), state ? { state } : {}] }),
}
