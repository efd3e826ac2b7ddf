import type { WorkshopFile } from '@bold-heron/schema'
import type { ModelStatic, Sequelize, Transaction } from 'sequelize'
import { type ChildTable, insertAll } from './children.js'
import { outlinesOf, saveDieChildren } from './dies.js'
import { readHouseRules } from './house-rules.js'
import { jobTable } from './jobs.js'
import { DieModel } from './models/die-model.js'
import { HouseRulesModel } from './models/house-rules-model.js'
import { JobModel } from './models/job-model.js'
import { PlateModel } from './models/plate-model.js'
import { PressModel } from './models/press-model.js'
import { RecipeModel } from './models/recipe-model.js'
import type { RowModel } from './models/row-model.js'
import { RunModel } from './models/run-model.js'
import { SheetModel } from './models/sheet-model.js'
import { photosForFile, replacePhotos } from './photos.js'
import { pressChildren } from './presses.js'
import type { ReadPhoto } from './read-photo.js'
import { runChildren } from './runs.js'
import type { TableSpec } from './table.js'
import { inSnapshot, inWritingAlone } from './transactions.js'
import type { Workshop } from './workshop.js'

/** All rows of a table, deleted ones too, in a fixed order. */
const everyRow = async <Stored extends RowModel, Input, Row extends { id: string }, Filter>(
  spec: TableSpec<Stored, Input, Row, Filter>,
  transaction: Transaction,
): Promise<(Row & { deletedAt: string | null })[]> => {
  const stored = await spec.model.findAll({ order: [['id', 'ASC']], transaction })
  const deleted = new Map(stored.map((row) => [row.id, row.deletedAt?.toISOString() ?? null]))
  return (await spec.rows(stored, transaction)).map((row) => ({ ...row, deletedAt: deleted.get(row.id) ?? null }))
}

/** Dies with their lines. */
const diesInFull = async (workshop: Workshop, transaction: Transaction): Promise<WorkshopFile['dies']> => {
  const rows = await everyRow(workshop.dies.spec, transaction)
  const outlines = await outlinesOf(
    rows.map((row) => row.id),
    transaction,
  )
  return rows.map((row) => ({ ...row, outline: outlines.get(row.id) ?? null }))
}

type JobInFile = WorkshopFile['jobs'][number]

/** The whole workshop as one file, read in one snapshot. */
export const exportWorkshop = (workshop: Workshop, exportedAt: Date): Promise<WorkshopFile> =>
  inSnapshot(workshop.sequelize, async (transaction) => ({
    format: 'bold-heron/workshop',
    version: 2,
    exportedAt: exportedAt.toISOString(),
    houseRules: await readHouseRules(transaction),
    plates: await everyRow(workshop.plates.spec, transaction),
    presses: await everyRow(workshop.presses.spec, transaction),
    dies: await diesInFull(workshop, transaction),
    sheets: await everyRow(workshop.sheets.spec, transaction),
    jobs: (await everyRow(workshop.jobs.spec, transaction)).map(
      ({ cut: _, spoilt: __, pressName: ___, runs, ...job }): JobInFile => ({
        ...job,
        runs: runs.map(({ pressName: _, dieNames: __, sheetName: ___, pressed: ____, ...run }) => run),
      }),
    ),
    runs: (await everyRow(workshop.runs.spec, transaction)).map(
      ({ jobName: _, pressName: __, dieNames: ___, sheetName: ____, ...run }) => run,
    ),
    recipes: await everyRow(workshop.recipes.spec, transaction),
    photos: await photosForFile(transaction),
  }))

/** Newest-referenced last: what names others comes after them. */
const models: readonly ModelStatic<RowModel>[] = [
  PlateModel,
  PressModel,
  DieModel,
  SheetModel,
  JobModel,
  RunModel,
  RecipeModel,
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

/** Puts the file's workshop, its photos as they were read, in the place of the present one; all of it or, where a row is refused, none. */
export const importWorkshop = (sequelize: Sequelize, file: WorkshopFile, photos: readonly ReadPhoto[]): Promise<void> =>
  inWritingAlone(sequelize, async (transaction) => {
    // A run may follow one that comes later in the file.
    await sequelize.query('SET CONSTRAINTS runs_follows DEFERRED', { transaction })
    for (const model of [...models].reverse()) await model.destroy({ where: {}, transaction })
    await HouseRulesModel.update({ ...file.houseRules }, { where: { id: 1 }, transaction })
    await insertAll(PlateModel, file.plates, transaction)
    await insertAll(PressModel, file.presses, transaction)
    await insertAll(DieModel, file.dies, transaction)
    await insertAll(SheetModel, file.sheets, transaction)
    await insertAll(
      JobModel,
      file.jobs.map(({ runs: _, ...job }) => job),
      transaction,
    )
    await insertAll(RunModel, file.runs, transaction)
    await insertAll(RecipeModel, file.recipes, transaction)
    await replacePhotos(file.photos, photos, transaction)
    for (const die of file.dies) await saveDieChildren(die.id, die, transaction)
    await insertChildren(pressChildren, file.presses, transaction)
    await insertChildren(jobTable.children ?? [], file.jobs, transaction)
    await insertChildren(runChildren, file.runs, transaction)
    await sequelize.query('SET CONSTRAINTS runs_follows IMMEDIATE', { transaction })
  })
