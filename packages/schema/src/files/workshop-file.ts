import { z } from 'zod'
import type { Of } from '../plain.js'
import { buildRow } from '../entered/build.js'
import { chartRow } from '../entered/chart.js'
import { eveningRow } from '../entered/evening.js'
import { dieRow } from '../entered/die.js'
import { houseRulesRow } from '../entered/house-rules.js'
import { jobRow, runsFit } from '../entered/job.js'
import { workshopFromOlder } from '../entered/older.js'
import { offcutRow } from '../entered/offcut.js'
import { outlineInput } from '../entered/outline.js'
import { photoInFile } from '../entered/photo.js'
import { MOST_PRESS_RUNS } from '../entered/placement.js'
import { plateRow } from '../entered/plate.js'
import { pressRun } from '../entered/press-run.js'
import { pressRow } from '../entered/press.js'
import { recipeRow } from '../entered/recipe.js'
import { runRow } from '../entered/run.js'
import { sheetRow } from '../entered/sheet.js'

const deletable = { deletedAt: z.iso.datetime().nullable() }

/** Names looked up from other rows are left out of the file. */
const jobInFile = jobRow
  .omit({ cut: true, spoilt: true, pressName: true })
  .extend({ ...deletable, runs: z.array(pressRun).min(1).max(MOST_PRESS_RUNS) })
  .superRefine(runsFit)
const runInFile = runRow.omit({ jobName: true, pressName: true, dieNames: true, sheetName: true }).extend(deletable)

/** A die with its lines in full; a file from before dies had any reads as without. */
const dieInFile = dieRow
  .omit({ outline: true })
  .extend({ ...deletable, outline: outlineInput.nullable().default(null) })

const offcutInFile = offcutRow
  .omit({ sheetName: true, lengthMm: true, widthMm: true, areaMm2: true, claims: true })
  .extend(deletable)
const chartInFile = chartRow.omit({ pressName: true }).extend(deletable)
const eveningInFile = eveningRow.omit({ progress: true, claims: true }).extend(deletable)
const buildInFile = buildRow.omit({ jobs: true }).extend(deletable)

const workshopAsItIs = z.object({
  format: z.literal('bold-heron/workshop'),
  version: z.literal(2),
  exportedAt: z.iso.datetime(),
  houseRules: houseRulesRow,
  plates: z.array(plateRow.extend(deletable)).max(20_000),
  presses: z.array(pressRow.extend(deletable)).max(20_000),
  dies: z.array(dieInFile).max(20_000),
  sheets: z.array(sheetRow.extend(deletable)).max(20_000),
  jobs: z.array(jobInFile).max(20_000),
  runs: z.array(runInFile).max(100_000),
  /** A file from before there were any reads as without. */
  recipes: z.array(recipeRow.extend(deletable)).max(20_000).default([]),
  offcuts: z.array(offcutInFile).max(20_000).default([]),
  builds: z.array(buildInFile).max(20_000).default([]),
  charts: z.array(chartInFile).max(20_000).default([]),
  evenings: z.array(eveningInFile).max(20_000).default([]),
  photos: z.array(photoInFile).max(20_000).default([]),
})
/** The whole workshop in one file: format `bold-heron/workshop`, version 2; version 1 is read too. Described in docs/workshop-file.md. */
export const workshopFile = z.preprocess(workshopFromOlder, workshopAsItIs)
export type WorkshopFile = Of<typeof workshopFile>
