import type { Sequelize } from 'sequelize'
import { dieTable } from './dies.js'
import { jobTable } from './jobs.js'
import { plateTable } from './plates.js'
import { pressTable } from './presses.js'
import { recipeTable } from './recipes.js'
import { runTable } from './runs.js'
import { sheetTable } from './sheets.js'
import { Table } from './table.js'

/** The tables of one workshop on one database. */
export const openWorkshop = (sequelize: Sequelize) => ({
  sequelize,
  plates: new Table(sequelize, plateTable),
  presses: new Table(sequelize, pressTable),
  dies: new Table(sequelize, dieTable),
  sheets: new Table(sequelize, sheetTable),
  jobs: new Table(sequelize, jobTable),
  runs: new Table(sequelize, runTable),
  recipes: new Table(sequelize, recipeTable),
})

export type Workshop = ReturnType<typeof openWorkshop>
