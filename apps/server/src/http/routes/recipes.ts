import { fittingRecipes } from '@bold-heron/core'
import {
  fittingRecipe,
  idField,
  type JobRow,
  jobRow,
  plainQuestion,
  plainRun,
  planRequest,
  questionOfRun,
  recipeFile,
  recipeJob,
  recipeNaming,
  type RecipeRow,
  recipeRow,
  runInHandOf,
  toDie,
} from '@bold-heron/schema'
import { z } from 'zod'
import { factsOfCut } from '../../store/cut-facts.js'
import { gatherPlanRequest } from '../../planning/plan-request.js'
import { recipeOfRun } from '../../store/recipe-of-run.js'
import { factsOfRecipe } from '../../store/recipes.js'
import type { Saved } from '../../store/table.js'
import { inSnapshot, inWriting } from '../../store/transactions.js'
import type { Workshop } from '../../store/workshop.js'
import { refusedFields } from '../answers.js'
import { refuse, refuseFields, refuseMissing } from '../../refusals/refusal.js'
import { route, type Route } from '../route.js'
import { savedReply } from '../saved.js'

/** Recipes looked through for a job; more are in no workshop. */
const MOST_RECIPES = 500

const recipeOf = async (workshop: Workshop, id: string): Promise<RecipeRow> =>
  (await workshop.recipes.find(id)) ?? refuseMissing('recipe')

/** What a file is called after a recipe. */
const fileNameOf = (name: string): string => `${name.replace(/[^\p{L}\p{N} -]/gu, '').trim() || 'recipe'}.recipe.json`

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
        rank: null,
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

/** Making recipes of runs, giving them away and taking them in as files. */
const keepingRoutes = (workshop: Workshop): Route[] => [
  route({
    method: 'post',
    path: '/api/runs/{id}/recipe',
    for: 'helper',
    one: 'run',
    summary: 'Keeps a run that came out clean as a recipe',
    body: recipeNaming,
    answers: { 201: { says: 'The new recipe', schema: recipeRow }, 422: refusedFields },
    async handle({ id, body: naming }) {
      const saved = await inWriting(workshop.sequelize, async (transaction) => {
        const run = await workshop.runs.findIn(id, transaction)
        if (!run) return refuseMissing('run')
        const made = await recipeOfRun(run, transaction)
        if ('errors' in made) return refuseFields(made.errors)
        return workshop.recipes.createIn({ ...naming, runId: run.id, cut: made.cut }, transaction)
      })
      return savedReply(saved, 'recipe', 201)
    },
  }),
  route({
    method: 'get',
    path: '/api/recipes/{id}/file',
    for: 'bench',
    one: 'recipe',
    summary: 'A recipe as a file to give away',
    answers: { 200: { says: 'The file', schema: recipeFile } },
    async handle({ id, response }) {
      const { name, note, cut } = await recipeOf(workshop, id)
      response.attachment(fileNameOf(name))
      return recipeFile.parse({ format: 'bold-heron/recipe', version: 2, name, note, cut })
    },
  }),
  route({
    method: 'post',
    path: '/api/recipe-files',
    for: 'helper',
    summary: 'Takes a recipe in from a file',
    body: recipeFile,
    answers: { 201: { says: 'The new recipe', schema: recipeRow }, 422: refusedFields },
    async handle({ body: { name, note, cut } }) {
      return savedReply(await workshop.recipes.create({ name, note, runId: null, cut }), 'recipe', 201)
    },
  }),
]

const carriedQuery = z.object({
  pressId: z.string().optional().meta({ description: 'The press to carry the recipe over to' }),
})

/** Finding recipes for a job, and doing them again: here, or on another press. */
const doingRoutes = (workshop: Workshop): Route[] => [
  route({
    method: 'get',
    path: '/api/recipes/{id}/plan-request',
    for: 'bench',
    one: 'recipe',
    summary: 'Everything the planner needs to carry a recipe over to a press of this workshop',
    query: carriedQuery,
    answers: { 200: { says: 'The planner’s input', schema: planRequest }, 422: refusedFields },
    async handle({ id, query }) {
      const { cut } = await recipeOf(workshop, id)
      const pressId = idField.safeParse(query.pressId)
      if (!pressId.success) return refuse(422, 'press-not-named')
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
          ...plainQuestion,
        },
        { brought: { dies: dies.map((die) => toDie(die, die.outline?.lines)), sheets: [sheet] } },
      )
      return input ?? refuseMissing('press')
    },
  }),
  route({
    method: 'post',
    path: '/api/recipes/{id}/jobs',
    for: 'helper',
    one: 'recipe',
    summary: 'Makes a job of a recipe; dies and a sheet that the shelf has not got come along',
    body: recipeJob,
    answers: { 201: { says: 'The new job', schema: jobRow }, 422: refusedFields },
    async handle({ id, body }) {
      const recipe = await recipeOf(workshop, id)
      return savedReply(await jobOfRecipe(workshop, recipe, body), 'job', 201)
    },
  }),
  route({
    method: 'get',
    path: '/api/jobs/{id}/recipes',
    for: 'bench',
    one: 'job',
    summary: 'Recipes that fit a job, the nearest first, each with what is different',
    answers: { 200: { says: 'The recipes', schema: z.array(fittingRecipe) } },
    async handle({ id }) {
      const facts = await inSnapshot(workshop.sequelize, async (transaction) => {
        const job = await workshop.jobs.findIn(id, transaction)
        return job && factsOfCut(questionOfRun(job, runInHandOf(job)), transaction)
      })
      if (!facts) return refuseMissing('job')
      const { items } = await workshop.recipes.list({ page: 1, pageSize: MOST_RECIPES, filter: {} })
      const recipes = items.map((row) => ({ row, facts: factsOfRecipe(row.cut) }))
      return fittingRecipes(recipes, facts).map(({ recipe, differences }) => ({ recipe: recipe.row, differences }))
    },
  }),
]

/** Recipes: made of runs, given away and taken in as files, found for a job, carried over to another press. */
export const recipeRoutes = (workshop: Workshop): Route[] => [...keepingRoutes(workshop), ...doingRoutes(workshop)]
