import type { WorkshopFile } from '@bold-heron/schema'
import type { ModelStatic, Sequelize, Transaction } from 'sequelize'
import { outlinesOf, saveDieChildren } from './dies.js'
import { readHouseRules } from './house-rules.js'
import { saveJobChildren } from './jobs.js'
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
import { savePressChildren } from './presses.js'
import type { ReadPhoto } from './read-photo.js'
import { saveRunChildren } from './runs.js'
import type { TableSpec } from './table.js'
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

/** The whole workshop as one file, read in one snapshot. */
export const exportWorkshop = (workshop: Workshop, exportedAt: Date): Promise<WorkshopFile> =>
  workshop.sequelize.transaction(async (transaction) => ({
    format: 'bold-heron/workshop',
    version: 1,
    exportedAt: exportedAt.toISOString(),
    houseRules: await readHouseRules(transaction),
    plates: await everyRow(workshop.plates.spec, transaction),
    presses: await everyRow(workshop.presses.spec, transaction),
    dies: await diesInFull(workshop, transaction),
    sheets: await everyRow(workshop.sheets.spec, transaction),
    jobs: (await everyRow(workshop.jobs.spec, transaction)).map(
      ({ cut: _, pressName: __, dieNames: ___, sheetName: ____, ...job }) => job,
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

const insertInto = (model: ModelStatic<RowModel>, rows: readonly object[], transaction: Transaction) =>
  model.bulkCreate(rows.map((row) => ({ ...row })) as never[], { transaction })

/** Puts the file's workshop, its photos as they were read, in the place of the present one; all of it or, where a row is refused, none. */
export const importWorkshop = (sequelize: Sequelize, file: WorkshopFile, photos: readonly ReadPhoto[]): Promise<void> =>
  sequelize.transaction(async (transaction) => {
    for (const model of [...models].reverse()) await model.destroy({ where: {}, transaction })
    await HouseRulesModel.update({ ...file.houseRules }, { where: { id: 1 }, transaction })
    await insertInto(PlateModel, file.plates, transaction)
    await insertInto(PressModel, file.presses, transaction)
    await insertInto(DieModel, file.dies, transaction)
    await insertInto(SheetModel, file.sheets, transaction)
    await insertInto(JobModel, file.jobs, transaction)
    await insertInto(RunModel, file.runs, transaction)
    await insertInto(RecipeModel, file.recipes, transaction)
    await replacePhotos(file.photos, photos, transaction)
    for (const die of file.dies) await saveDieChildren(die.id, die, transaction)
    for (const press of file.presses) await savePressChildren(press.id, press, transaction)
    for (const job of file.jobs) await saveJobChildren(job.id, job, transaction)
    for (const run of file.runs) await saveRunChildren(run.id, run, transaction)
  })
