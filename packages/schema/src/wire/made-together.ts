import { layerJoins, MOST_SHAPE_LAYERS, shapeJoins } from '@bold-heron/core'
import { z } from 'zod'
import { idField, nameField } from '../entered/fields.js'
import { jobInput, jobRow } from '../entered/job.js'
import { pressedWhatFields, showsField } from '../entered/press-run.js'
import { buildRow } from '../entered/build.js'
import type { Of } from '../plain.js'

/** Twice what is said to be safe: whoever wants more makes the shape by hand. */
const MOST_LAYERS = 2 * MOST_SHAPE_LAYERS

/** Layers that are cut and glued up into a shape, and a sheet that is raised over it: a job of two runs, and the shape on the shelf. */
export const raisedJobInput = z.object({
  /** The job whose run in hand cuts the layers. */
  job: jobInput,
  layers: z.int().min(2).max(MOST_LAYERS),
  join: z.enum(shapeJoins),
  shows: showsField,
  /** The sheet that is raised. */
  sheetId: idField,
  /** What the shape is called on the shelf. */
  shapeName: nameField,
})
export type RaisedJobInput = Of<typeof raisedJobInput>

const MOST_SHEETS = 6
const sheetIds = z
  .array(idField)
  .min(1)
  .max(MOST_SHEETS)
  .refine((ids) => new Set(ids).size === ids.length, { error: 'names-a-sheet-twice' })

/** A die and the one that lies over it, each in some sheets: every mix of them so many times. */
export const pairInput = z
  .object({
    name: nameField,
    pressId: idField,
    baseDieId: idField,
    overDieId: idField,
    baseSheetIds: sheetIds,
    overSheetIds: sheetIds,
    /** How many of each mix. */
    each: z.int().min(1).max(500),
    join: z.enum(layerJoins),
    bladeSide: pressedWhatFields.bladeSide,
  })
  .refine(({ baseDieId, overDieId }) => baseDieId !== overDieId, { path: ['overDieId'], error: 'die-over-itself' })
export type PairInput = Of<typeof pairInput>

/** What was made for a pair: a job for each die and sheet, and a card for each mix. */
export const madePair = z.object({ jobs: z.array(jobRow), builds: z.array(buildRow) })
