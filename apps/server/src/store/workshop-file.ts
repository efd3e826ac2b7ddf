import type { WorkshopFile } from '@bold-heron/schema'
import { type ModelStatic, Op, type Sequelize, type Transaction, type WhereOptions } from 'sequelize'
import { type ChildTable, insertAll } from './children.js'
import { insertOutlines, outlinesOf } from './dies.js'
import { readHouseRules } from './house-rules.js'
import { jobTable } from './jobs.js'
import { BuildModel } from './models/build-model.js'
import { ChartModel } from './models/chart-model.js'
import { DieModel } from './models/die-model.js'
import { EveningModel } from './models/evening-model.js'
import { HouseRulesModel } from './models/house-rules-model.js'
import { JobModel } from './models/job-model.js'
import { OffcutModel } from './models/offcut-model.js'
import { PlateModel } from './models/plate-model.js'
import { PressModel } from './models/press-model.js'
import { RecipeModel } from './models/recipe-model.js'
import type { RowModel } from './models/row-model.js'
import { RunModel } from './models/run-model.js'
import { SheetModel } from './models/sheet-model.js'
import { offcutsTable } from './offcuts.js'
import { photosForFile, replacePhotos } from './photos.js'
import { pressChildren } from './presses.js'
import type { ReadPhoto } from './read-photo.js'
import { runChildren } from './runs.js'
import { ROWS_AT_ONCE, type TableSpec } from './table.js'
import { inSnapshot, inWritingAlone } from './transactions.js'
import type { Workshop } from './workshop.js'

/** All rows of a table, deleted ones too, in a fixed order, some at a time. */
async function* everyRow<Stored extends RowModel, Input, Row extends { id: string }, Filter>(
  spec: TableSpec<Stored, Input, Row, Filter>,
  transaction: Transaction,
): AsyncGenerator<(Row & { deletedAt: string | null })[]> {
  for (let last: string | undefined; ;) {
    const stored: Stored[] = await spec.model.findAll({
      where: (last === undefined ? {} : { id: { [Op.gt]: last } }) as WhereOptions,
      order: [['id', 'ASC']],
      limit: ROWS_AT_ONCE,
      transaction,
    })
    if (stored.length === 0) return
    last = stored.at(-1)?.id
    const deleted = new Map(stored.map((row) => [row.id, row.deletedAt?.toISOString() ?? null]))
    yield (await spec.rows(stored, transaction)).map((row) => ({ ...row, deletedAt: deleted.get(row.id) ?? null }))
  }
}

type JobInFile = WorkshopFile['jobs'][number]

/** The lists of the file, each some rows at a time. */
const listsOf = (workshop: Workshop, transaction: Transaction) => {
  /** Rows of a table as the file has them. */
  async function* rowsOf<Stored extends RowModel, Input, Row extends { id: string }, Filter, InFile>(
    spec: TableSpec<Stored, Input, Row, Filter>,
    toFile: (rows: (Row & { deletedAt: string | null })[]) => InFile[] | Promise<InFile[]>,
  ): AsyncGenerator<InFile[]> {
    for await (const rows of everyRow(spec, transaction)) yield await toFile(rows)
  }
  const asTheyAre = <Row>(rows: Row[]): Row[] => rows
  return {
    plates: rowsOf(workshop.plates.spec, asTheyAre),
    presses: rowsOf(workshop.presses.spec, asTheyAre),
    dies: rowsOf(workshop.dies.spec, async (rows) => {
      const outlines = await outlinesOf(
        rows.map((row) => row.id),
        transaction,
      )
      return rows.map((row) => ({ ...row, outline: outlines.get(row.id) ?? null }))
    }),
    sheets: rowsOf(workshop.sheets.spec, asTheyAre),
    jobs: rowsOf(workshop.jobs.spec, (rows) =>
      rows.map(({ cut: _, spoilt: __, pressName: ___, runs, ...job }): JobInFile => ({
        ...job,
        runs: runs.map(({ pressName: _, dieNames: __, sheetName: ___, pressed: ____, ...run }) => run),
      })),
    ),
    runs: rowsOf(workshop.runs.spec, (rows) =>
      rows.map(({ jobName: _, pressName: __, dieNames: ___, sheetName: ____, ...run }) => run),
    ),
    recipes: rowsOf(workshop.recipes.spec, asTheyAre),
    offcuts: rowsOf(workshop.offcuts.spec, (rows) =>
      rows.map(({ sheetName: _, lengthMm: __, widthMm: ___, areaMm2: ____, claims: _____, ...offcut }) => offcut),
    ),
    builds: rowsOf(workshop.builds.spec, (rows) => rows.map(({ jobs: _, ...build }) => build)),
    charts: rowsOf(workshop.charts.spec, (rows) => rows.map(({ pressName: _, ...chart }) => chart)),
    evenings: rowsOf(workshop.evenings.spec, (rows) => rows.map(({ progress: _, claims: __, ...evening }) => evening)),
    photos: photosForFile(transaction),
  } satisfies Partial<Record<keyof WorkshopFile, AsyncGenerator<unknown[]>>>
}

/**
 * The whole workshop as one file (JSON, docs/workshop-file.md), read in one snapshot, handed to `give` by parts, so that no more than some
 * rows of it are ever held.
 */
export const exportWorkshop = (workshop: Workshop, exportedAt: Date, give: (part: string) => void): Promise<void> =>
  inSnapshot(workshop.sequelize, async (transaction) => {
    const head = {
      format: 'bold-heron/workshop',
      version: 2,
      exportedAt: exportedAt.toISOString(),
      houseRules: await readHouseRules(transaction),
    } satisfies Partial<WorkshopFile>
    give(JSON.stringify(head).slice(0, -1))
    for (const [name, lists] of Object.entries<AsyncGenerator<unknown[]>>(listsOf(workshop, transaction))) {
      give(`,"${name}":[`)
      let isFirst = true
      for await (const rows of lists) {
        if (rows.length === 0) continue
        give((isFirst ? '' : ',') + JSON.stringify(rows).slice(1, -1))
        isFirst = false
      }
      give(']')
    }
    give('}')
  })

/** Newest-referenced last: what names others comes after them. */
const models: readonly ModelStatic<RowModel>[] = [
  PlateModel,
  PressModel,
  DieModel,
  SheetModel,
  JobModel,
  RunModel,
  RecipeModel,
  OffcutModel,
  BuildModel,
  ChartModel,
  EveningModel,
]

/** Inserts the children of many rows at once. */
const insertChildren = async <Input>(
  children: readonly ChildTable<Input>[],
  rows: readonly (Input & { readonly id: string })[],
  transaction: Transaction,
): Promise<void> => {
  for (const child of children)
    await insertAll(
      child.model,
      rows.flatMap((row) => child.rows(row.id, row)),
      transaction,
    )
}

/**
 * Puts the file's workshop, its photos as they were read, in the place of the present one; all of it or, where a row is refused, none.
 * `tell` hears how far it is, 0…1.
 */
export const importWorkshop = (
  sequelize: Sequelize,
  file: WorkshopFile,
  photos: readonly ReadPhoto[],
  tell: (share: number) => void = () => undefined,
): Promise<void> =>
  inWritingAlone(sequelize, async (transaction) => {
    // What the runs of the file took from the stock is taken already.
    await sequelize.query(`SET LOCAL heron.restoring = 'on'`, { transaction })
    // A run may follow one that comes later in the file.
    await sequelize.query('SET CONSTRAINTS runs_follows DEFERRED', { transaction })
    for (const model of [...models].reverse()) await model.destroy({ where: {}, transaction })
    await HouseRulesModel.update({ ...file.houseRules }, { where: { id: 1 }, transaction })
    const steps: readonly (() => Promise<void>)[] = [
      () => insertAll(PlateModel, file.plates, transaction),
      () => insertAll(PressModel, file.presses, transaction),
      () => insertChildren(pressChildren, file.presses, transaction),
      () => insertAll(DieModel, file.dies, transaction),
      () => insertOutlines(file.dies, transaction),
      () => insertAll(SheetModel, file.sheets, transaction),
      () =>
        insertAll(
          JobModel,
          file.jobs.map(({ runs: _, ...job }) => job),
          transaction,
        ),
      () => insertChildren(jobTable.children ?? [], file.jobs, transaction),
      () => insertAll(RunModel, file.runs, transaction),
      ...runChildren.map((child) => () => insertChildren([child], file.runs, transaction)),
      () => insertAll(RecipeModel, file.recipes, transaction),
      () =>
        insertAll(
          OffcutModel,
          file.offcuts.map((offcut) => ({ ...offcut, ...offcutsTable.columns(offcut) })),
          transaction,
        ),
      () => insertAll(BuildModel, file.builds, transaction),
      () => insertAll(ChartModel, file.charts, transaction),
      () => insertAll(EveningModel, file.evenings, transaction),
      () => replacePhotos(file.photos, photos, transaction),
    ]
    for (const [at, step] of steps.entries()) {
      await step()
      tell((at + 1) / steps.length)
    }
    await sequelize.query('SET CONSTRAINTS runs_follows IMMEDIATE', { transaction })
    // Until PostgreSQL knows how much there is now, it would look for it in the ways that were best before.
    await sequelize.query('ANALYZE', { transaction })
  })
