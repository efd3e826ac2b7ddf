import type { Sequelize } from 'sequelize'
import { defineDies } from './die-model.js'
import { defineEvidence } from './evidence-model.js'
import { defineHouseRules } from './house-rules-model.js'
import { defineJobs } from './job-model.js'
import { definePlates } from './plate-model.js'
import { definePresses } from './press-model.js'
import { definePhotos } from './photo-model.js'
import { defineBuilds } from './build-model.js'
import { defineCharts } from './chart-model.js'
import { defineEvenings } from './evening-model.js'
import { defineOffcuts } from './offcut-model.js'
import { defineRecipes } from './recipe-model.js'
import { defineRuns } from './run-model.js'
import { defineSheets } from './sheet-model.js'

/** Binds every model to a database. */
export const defineModels = (sequelize: Sequelize): void => {
  for (const define of [
    definePlates,
    definePresses,
    defineDies,
    defineSheets,
    defineJobs,
    defineRuns,
    defineEvidence,
    definePhotos,
    defineRecipes,
    defineOffcuts,
    defineBuilds,
    defineCharts,
    defineEvenings,
    defineHouseRules,
  ])
    define(sequelize)
}
