import { idsOfSettings, recipeDifferences } from '@bold-heron/core'
import { z } from 'zod'
import type { Of } from '../plain.js'
import { dieFields, dieHolds } from './die.js'
import { idField, nameField, noteField, rowFields, sizeMmField } from './fields.js'
import { recipeBodyFromOlder } from './older.js'
import { outlineInput } from './outline.js'
import { edgeFitsPlate, edgeTooWide, leavesElsewhere, leavesOnPlatform, plateFields } from './plate.js'
import { pressInput } from './press.js'
import { pressedHowFields, pressedWhatFields } from './press-run.js'
import { sheetInput } from './sheet.js'
import { chosenStack, layerReference } from './stack-reference.js'

const recipePlate = z
  .object({ ...plateFields, id: idField })
  .refine(edgeFitsPlate, edgeTooWide)
  .refine(leavesOnPlatform, leavesElsewhere)
const recipeDie = z
  .object({ ...dieFields, id: idField, outline: outlineInput.nullable().default(null) })
  .superRefine(dieHolds)

const bodyFields = {
  ...pressedHowFields,
  /** The press it came out well on; its numbers as they were then. */
  press: z.object({
    id: idField,
    name: nameField,
    pressClass: pressInput.shape.pressClass,
    throatMm: sizeMmField,
    numbers: pressInput.shape.numbers,
  }),
  /** Every plate of the stack, as thick as it was then. */
  plates: z.array(recipePlate).min(1).max(24),
  dies: z.array(recipeDie).min(1).max(6),
  sheet: z.object({ ...sheetInput.shape, id: idField }),
  sheetCount: pressedWhatFields.sheetCount,
  bladeSide: pressedWhatFields.bladeSide,
  /** Bottom to top; plates by their id in the recipe. */
  layers: z.array(layerReference).min(3).max(24),
  /** Stack height minus the gap as it was counted then, mm. */
  squeezeMm: z.number().min(-100).max(100),
  passes: z.int().min(1).max(40),
}

/** A cut that came out well, with everything that is needed to do it again elsewhere. Lengths in mm. */
const bodyAsItIs = z.object(bodyFields).superRefine(({ layers, plates }, context) => {
  const ids = new Set(plates.flatMap(({ id, leaves }) => idsOfSettings(id, leaves.length)))
  for (const is of ['dies', 'sheets'] as const)
    if (layers.filter((layer) => layer.is === is).length !== 1)
      context.addIssue({ code: 'custom', path: ['layers'], message: `${is}-not-once` })
  layers.forEach((layer, at) => {
    if (layer.is === 'plate' && !ids.has(layer.plateId))
      context.addIssue({
        code: 'custom',
        path: ['layers', at, 'plateId'],
        message: 'plate-not-in-recipe',
      })
  })
})
/** As it is now, or as it was before plates had roles. */
const recipeBody = z.preprocess(recipeBodyFromOlder, bodyAsItIs)
export type RecipeBody = Of<typeof recipeBody>

const namedFields = { name: nameField, note: noteField }

/** What a user says of a run that is to be kept as a recipe. */
export const recipeNaming = z.object(namedFields)
export type RecipeNaming = Of<typeof recipeNaming>

export const recipeInput = z.object({
  ...namedFields,
  /** The run it was made from; null where it came from elsewhere. */
  runId: idField.nullable().default(null),
  cut: recipeBody,
})
export type RecipeInput = Of<typeof recipeInput>

export const recipeRow = z.object({ ...recipeInput.shape, ...rowFields })
export type RecipeRow = Of<typeof recipeRow>

/** A recipe to give away: format `bold-heron/recipe`, version 2; version 1 is read too. Described in docs/recipe-file.md. */
export const recipeFile = z.object({
  format: z.literal('bold-heron/recipe'),
  version: z.union([z.literal(1), z.literal(2)]),
  ...namedFields,
  cut: recipeBody,
})
export type RecipeFile = Of<typeof recipeFile>

/** Asks for a job made of a recipe, on a press of the shelf, in a stack of its plates; the dies and sheet come along. */
export const recipeJob = z.object({ pressId: idField, layers: chosenStack.default([]) })
export type RecipeJob = Of<typeof recipeJob>

/** A recipe that fits a job, and in what it differs from it. */
export const fittingRecipe = z.object({ recipe: recipeRow, differences: z.array(z.enum(recipeDifferences)) })
