import type { QueryInterface, Sequelize } from 'sequelize'
import { SequelizeStorage, Umzug } from 'umzug'
import { workshopTables } from './migrations/0001-workshop.js'
import { pressModelColumns } from './migrations/0002-press-model.js'
import { learningTables } from './migrations/0003-learning.js'
import { padColumns } from './migrations/0005-pads.js'
import { photoTable } from './migrations/0006-photos.js'
import { placementColumns } from './migrations/0007-placements.js'
import { recipeTable } from './migrations/0004-recipes.js'
import { pressRuns } from './migrations/0008-press-runs.js'
import { vocabularyTables } from './migrations/0009-vocabularies.js'
import { learntAsColumn } from './migrations/0010-learnt-as.js'
import { longLogs } from './migrations/0011-long-logs.js'
import { feltGaps } from './migrations/0012-felt-gaps.js'
import { jobOrder } from './migrations/0013-job-order.js'
import { onlyOne } from './migrations/0014-only-one.js'
import { photosOfThings } from './migrations/0015-photos-of-things.js'
import { feels } from './migrations/0016-feels.js'
import { shows } from './migrations/0017-shows.js'
import { runShows } from './migrations/0018-run-shows.js'
import { cards } from './migrations/0019-cards.js'
import { chartsAndEvenings } from './migrations/0020-charts-and-evenings.js'
import { anyGap } from './migrations/0021-any-gap.js'
import { knownStacks } from './migrations/0022-known-stacks.js'
import { conditionOfDies } from './migrations/0023-condition-of-dies.js'
import { leaves } from './migrations/0024-leaves.js'
import { diesThatHung } from './migrations/0025-dies-that-hung.js'
import { platesAtPresses } from './migrations/0026-plates-at-presses.js'
import { piecesOfDies } from './migrations/0027-pieces-of-dies.js'
import { ownedDies } from './migrations/0028-owned-dies.js'
import { whereItHung } from './migrations/0029-where-it-hung.js'
import { pairedDevices } from './migrations/0030-paired-devices.js'
import { lowMiddles } from './migrations/0031-low-middles.js'
import { scrapsOwnThickness } from './migrations/0032-scraps-own-thickness.js'
import { besideWhatIsPressed } from './migrations/0033-beside-what-is-pressed.js'
import { diesOfDies } from './migrations/0034-dies-of-dies.js'
import { guides } from './migrations/0035-guides.js'
import { sheetsCutToSize } from './migrations/0036-sheets-cut-to-size.js'
import { whoIsAtWhat } from './migrations/0037-who-is-at-what.js'
import { fillVocabularies } from './vocabularies.js'

/** In their order. Listed here, not found by name, so that a bundle or a move cannot lose one. */
export const migrations = [
  workshopTables,
  pressModelColumns,
  learningTables,
  recipeTable,
  padColumns,
  photoTable,
  placementColumns,
  pressRuns,
  vocabularyTables,
  learntAsColumn,
  longLogs,
  feltGaps,
  jobOrder,
  onlyOne,
  photosOfThings,
  feels,
  shows,
  runShows,
  cards,
  chartsAndEvenings,
  anyGap,
  knownStacks,
  conditionOfDies,
  leaves,
  diesThatHung,
  platesAtPresses,
  piecesOfDies,
  ownedDies,
  whereItHung,
  pairedDevices,
  lowMiddles,
  scrapsOwnThickness,
  besideWhatIsPressed,
  diesOfDies,
  guides,
  sheetsCutToSize,
  whoIsAtWhat,
] as const

/** Brings the database's tables up to date, and the words that rows may use. */
export const migrate = async (sequelize: Sequelize): Promise<void> => {
  const umzug = new Umzug<QueryInterface>({
    migrations: [...migrations],
    context: sequelize.getQueryInterface(),
    storage: new SequelizeStorage({ sequelize, modelName: 'schema_migrations' }),
    logger: undefined,
  })
  await umzug.up()
  await fillVocabularies(sequelize)
}
