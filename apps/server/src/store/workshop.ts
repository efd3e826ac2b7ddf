import type { Sequelize } from 'sequelize'
import { diesTable } from './dies.js'
import { jobTable } from './jobs.js'
import { platesTable } from './plates.js'
import { pressesTable } from './presses.js'
import { recipeTable } from './recipes.js'
import { runTable } from './runs.js'
import { sheetsTable } from './sheets.js'
import { Table } from './table.js'

/** The tables of one workshop on one database. */
export const openWorkshop = (sequelize: Sequelize) => ({
  sequelize,
  plates: new Table(sequelize, platesTable),
  presses: new Table(sequelize, pressesTable),
  dies: new Table(sequelize, diesTable),
  sheets: new Table(sequelize, sheetsTable),
  jobs: new Table(sequelize, jobTable),
  runs: new Table(sequelize, runTable),
  recipes: new Table(sequelize, recipeTable),
})

export type Workshop = ReturnType<typeof openWorkshop>
