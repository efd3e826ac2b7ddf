import { type Adapted, defaultHouseRules, type PlanRequest } from '@bold-heron/core'
import {
  fittingRecipe,
  jobRow,
  planRequest,
  type RecipeJob,
  type RecipeNaming,
  type RecipeRow,
  recipeRow,
  toProvenCut,
} from '@bold-heron/schema'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { z } from 'zod'
import { longWork, planner } from '../workers/planner.js'
import { press } from '../workers/press.js'
import { ask } from './client.js'
import { editionOf } from './editions.js'

/** Recipes that fit a job, nearest first. */
export const useFittingRecipes = (jobId: string) =>
  useQuery({
    queryKey: ['recipes', 'for', jobId],
    queryFn: ({ signal }) => ask(`/api/jobs/${jobId}/recipes`, z.array(fittingRecipe), { signal }),
  })

const useMaking = <Given, Made>(make: (given: Given) => Promise<Made>) => {
  const client = useQueryClient()
  return useMutation({ mutationFn: make, onSuccess: () => client.invalidateQueries() })
}

/** Keeps a run as a recipe. */
export const useKeepRecipe = (runId: string) =>
  useMaking((naming: RecipeNaming) => ask(`/api/runs/${runId}/recipe`, recipeRow, { method: 'POST', body: naming }))

/** Takes a recipe in from what a file holds. */
export const useTakeInRecipe = () =>
  useMaking((file: unknown) => ask('/api/recipe-files', recipeRow, { method: 'POST', body: file }))

/** Makes a job of a recipe. */
export const useJobOfRecipe = (recipeId: string) =>
  useMaking((job: RecipeJob) => ask(`/api/recipes/${recipeId}/jobs`, jobRow, { method: 'POST', body: job }))

const provenOf = ({ cut }: RecipeRow) => toProvenCut(cut, defaultHouseRules)

/** A recipe carried over to another press, worked out in the worker; undefined while no press is chosen. */
export const useAdapted = (recipe: RecipeRow, pressId: string | undefined) =>
  useQuery({
    queryKey: ['plan', 'adapted', recipe.id, recipe.version, pressId],
    queryFn: async ({ signal }): Promise<{ adapted: Adapted; request: PlanRequest }> => {
      const request = await ask(`/api/recipes/${recipe.id}/plan-request?pressId=${pressId}`, planRequest, { signal })
      const proven = toProvenCut(recipe.cut, request.cut.rules)
      const adapted = await longWork((task, onProgress) => planner().adapt(task, proven, request, onProgress), {
        signal,
      })
      return { adapted, request }
    },
    enabled: pressId !== undefined,
    retry: false,
  })

/** What a recipe's stack does on its own press by its last pass, simulated. */
export const useRecipeMap = (recipe: RecipeRow) =>
  useQuery({
    queryKey: ['recipes', 'map', recipe.id, recipe.version],
    queryFn: () => {
      const { cut, stack, squeezeMm, passes } = provenOf(recipe)
      return press().pressOnce(cut, stack, squeezeMm, passes)
    },
    staleTime: Infinity,
    retry: false,
  })

/** What the best stack of an adapted recipe does there. */
export const useAdaptedMap = (done: { adapted: Adapted; request: PlanRequest }) => {
  const best = done.adapted.plan.best
  return useQuery({
    queryKey: ['plan', 'adapted-map', editionOf(done)],
    queryFn: () => {
      if (!best) return null
      return press().pressOnce(done.request.cut, best.stack, best.ledger.squeezeMm, best.passes.passes, best.window)
    },
    enabled: best !== undefined,
    staleTime: Infinity,
    retry: false,
  })
}
