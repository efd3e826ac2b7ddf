import { fittingRecipes } from '@bold-heron/core'
import {
  idField,
  type JobRow,
  plainRun,
  recipeFile,
  recipeJob,
  recipeNaming,
  type RecipeRow,
  runInHandOf,
  toDie,
  toSheet,
} from '@bold-heron/schema'
import type { Express, Request } from 'express'
import { factsOfCut } from '../store/cut-facts.js'
import { questionOfRun } from '../store/jobs.js'
import { gatherPlanRequest } from '../store/plan-request.js'
import { recipeOfRun } from '../store/recipe-of-run.js'
import { factsOfRecipe } from '../store/recipes.js'
import type { Saved } from '../store/table.js'
import { inSnapshot, inWriting } from '../store/transactions.js'
import type { Workshop } from '../store/workshop.js'
import { idOf } from './id-of.js'
import { refuse, refuseFields } from './problems.js'
import { sendSaved } from './resource.js'
import { validated } from './validate.js'

/** Recipes looked through for a job; more are in no workshop. */
const MOST_RECIPES = 500

const recipeOf = async (workshop: Workshop, request: Request): Promise<RecipeRow> => {
  const recipe = await workshop.recipes.find(idOf(request, 'recipe'))
  return recipe ?? refuse(404, 'There is no such recipe.')
}

/** A job made of a recipe; dies and a sheet that the shelf has not got come along. */
const jobOfRecipe = (
  workshop: Workshop,
  { name, note, cut }: RecipeRow,
  { pressId, layers }: ReturnType<typeof recipeJob.parse>,
): Promise<Saved<JobRow>> =>
  inWriting(workshop.sequelize, async (transaction) => {
    for (const { id, ...die } of cut.dies)
      if (!(await workshop.dies.findIn(id, transaction))) await workshop.dies.putIn(id, die, transaction)
    const { id: sheetId, ...sheet } = cut.sheet
    if (!(await workshop.sheets.findIn(sheetId, transaction))) await workshop.sheets.putIn(sheetId, sheet, transaction)
    return workshop.jobs.createIn(
      {
        name,
        note,
        state: layers.length > 0 ? 'planned' : 'waiting',
        pressId,
        wanted: cut.sheetCount,
        card: null,
        runInHand: 0,
        runs: [
          {
            ...plainRun,
            technique: cut.technique,
            region: cut.region,
            dieIds: cut.dies.map((die) => die.id),
            sheetId,
            sheetCount: cut.sheetCount,
            bladeSide: cut.bladeSide,
            layers,
          },
        ],
      },
      transaction,
    )
  })

/** Recipes: made of runs, given away and taken in as files, found for a job, carried over to another press. */
export const addRecipes = (app: Express, workshop: Workshop): void => {
  app.post('/api/runs/:id/recipe', async (request, response) => {
    const naming = validated(recipeNaming, request.body)
    const id = idOf(request, 'run')
    const saved = await inWriting(workshop.sequelize, async (transaction) => {
      const run = await workshop.runs.findIn(id, transaction)
      if (!run) return refuse(404, 'There is no such run.')
      const made = await recipeOfRun(run, transaction)
      if ('errors' in made) return refuseFields(made.errors)
      return workshop.recipes.createIn({ ...naming, runId: run.id, cut: made.cut }, transaction)
    })
    sendSaved(response, saved, 'recipe', 201)
  })
  app.get('/api/recipes/:id/file', async (request, response) => {
    const { name, note, cut } = await recipeOf(workshop, request)
    const file = recipeFile.parse({ format: 'bold-heron/recipe', version: 2, name, note, cut })
    response.attachment(`${name.replace(/[^\p{L}\p{N} -]/gu, '').trim() || 'recipe'}.recipe.json`).json(file)
  })
  app.post('/api/recipe-files', async (request, response) => {
    const { name, note, cut } = validated(recipeFile, request.body)
    sendSaved(response, await workshop.recipes.create({ name, note, runId: null, cut }), 'recipe', 201)
  })
  app.get('/api/recipes/:id/plan-request', async (request, response) => {
    const { cut } = await recipeOf(workshop, request)
    const pressId = idField.safeParse(request.query['pressId'])
    if (!pressId.success)
      return refuse(422, 'pressId is missing or no id; name the press to carry the recipe over to, such as ?pressId=….')
    const { technique, region, sheetCount, bladeSide, dies, sheet } = cut
    const input = await gatherPlanRequest(
      workshop.sequelize,
      {
        technique,
        region,
        pressId: pressId.data,
        dieIds: dies.map((die) => die.id),
        sheetId: sheet.id,
        sheetCount,
        bladeSide,
      },
      { brought: { dies: dies.map((die) => toDie(die, die.outline?.lines)), sheet: toSheet(sheet) } },
    )
    response.json(input ?? refuse(404, 'There is no such press.'))
  })
  app.post('/api/recipes/:id/jobs', async (request, response) => {
    const recipe = await recipeOf(workshop, request)
    sendSaved(response, await jobOfRecipe(workshop, recipe, validated(recipeJob, request.body)), 'job', 201)
  })
  app.get('/api/jobs/:id/recipes', async (request, response) => {
    const id = idOf(request, 'job')
    const facts = await inSnapshot(workshop.sequelize, async (transaction) => {
      const job = await workshop.jobs.findIn(id, transaction)
      return job && factsOfCut(questionOfRun(job, runInHandOf(job)), transaction)
    })
    if (!facts) return refuse(404, 'There is no such job.')
    const { items } = await workshop.recipes.list({ page: 1, pageSize: MOST_RECIPES, filter: {} })
    const recipes = items.map((row) => ({ row, facts: factsOfRecipe(row.cut) }))
    response.json(
      fittingRecipes(recipes, facts).map(({ recipe, differences }) => ({ recipe: recipe.row, differences })),
    )
  })
}
