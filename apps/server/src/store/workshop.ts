import { measureOutline } from '@bold-heron/core'
import type { Sequelize } from 'sequelize'
import { buildsTable } from './builds.js'
import { chartsTable } from './charts.js'
import { eveningsTable } from './evenings.js'
import { diesTable, type Measure } from './dies.js'
import { jobTable } from './jobs.js'
import { offcutsTable } from './offcuts.js'
import { platesTable } from './plates.js'
import { pressesTable } from './presses.js'
import { recipeTable } from './recipes.js'
import { runTable } from './runs.js'
import { sheetsTable } from './sheets.js'
import { Table } from './table.js'

/** The tables of one workshop on one database; `measure` measures the outlines that are saved, on this thread unless it says otherwise. */
export const openWorkshop = (sequelize: Sequelize, measure: Measure = measureOutline) => ({
  sequelize,
  plates: new Table(sequelize, platesTable),
  presses: new Table(sequelize, pressesTable),
  dies: new Table(sequelize, diesTable(measure)),
  sheets: new Table(sequelize, sheetsTable),
  offcuts: new Table(sequelize, offcutsTable),
  builds: new Table(sequelize, buildsTable),
  charts: new Table(sequelize, chartsTable),
  evenings: new Table(sequelize, eveningsTable),
  jobs: new Table(sequelize, jobTable),
  runs: new Table(sequelize, runTable),
  recipes: new Table(sequelize, recipeTable),
})

export type Workshop = ReturnType<typeof openWorkshop>
