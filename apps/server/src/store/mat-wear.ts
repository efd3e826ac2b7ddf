import { dieClasses, isFolder } from '@bold-heron/core'
import type { MatWear } from '@bold-heron/schema'
import { QueryTypes, type Transaction } from 'sequelize'
import { PlateModel } from './models/plate-model.js'

const folderClasses = dieClasses.filter(isFolder)

/** Passes of a run, and whether a mat was found cut after it. */
const BORNE = `SELECT run_id, sum(passes)::int AS passes, bool_or(seen = 'mat-cut')::int AS cut
  FROM run_rounds GROUP BY run_id`

/** What mats and folders that are on the shelf have borne in the log; those that lay in no run are left out. */
export const wearOfMats = async (transaction: Transaction): Promise<MatWear> => {
  const { sequelize } = PlateModel
  if (!sequelize) return { mats: [], folders: [] }
  const mats = await sequelize.query<MatWear['mats'][number]>(
    `SELECT plates.id AS "plateId", sum(borne.passes)::int AS passes, sum(borne.cut)::int AS "timesCut"
     FROM plates JOIN run_layers ON run_layers.plate_id = plates.id JOIN runs ON runs.id = run_layers.run_id
       JOIN (${BORNE}) AS borne ON borne.run_id = runs.id
     WHERE plates.kind IN ('embossing-mat', 'impression-pad') AND plates.deleted_at IS NULL AND runs.deleted_at IS NULL
     GROUP BY plates.id ORDER BY plates.id`,
    { type: QueryTypes.SELECT, transaction },
  )
  const folders = await sequelize.query<MatWear['folders'][number]>(
    `SELECT dies.id AS "dieId", sum(borne.passes)::int AS passes
     FROM dies JOIN run_dies ON run_dies.die_id = dies.id JOIN runs ON runs.id = run_dies.run_id
       JOIN (${BORNE}) AS borne ON borne.run_id = runs.id
     WHERE dies.die_class IN (:folderClasses) AND dies.deleted_at IS NULL AND runs.deleted_at IS NULL
     GROUP BY dies.id ORDER BY dies.id`,
    { type: QueryTypes.SELECT, replacements: { folderClasses }, transaction },
  )
  return { mats, folders }
}
