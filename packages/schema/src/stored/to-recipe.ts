import { type CutContext, resolvedStack, type HouseRules, type ProvenCut } from '@bold-heron/core'
import type { RecipeBody } from '../entered/recipe.js'
import { platesById, toDie, toPress, toSheet } from './to-core.js'

/** A recipe's cut as the planner takes it, under the rules of the house that reads it. */
export const toProvenCut = (body: RecipeBody, rules: HouseRules): ProvenCut => {
  const plates = platesById(body.plates)
  const cut: CutContext = {
    press: toPress({ ...body.press, gap: null, knownGood: [], felt: [] }, plates),
    dies: body.dies.map((die) => toDie(die, die.outline?.lines)),
    sheet: toSheet(body.sheet),
    sheetCount: body.sheetCount,
    bladeSide: body.bladeSide,
    rules,
  }
  const stack = resolvedStack(body.layers, cut, ({ plateId }) => plates.get(plateId))
  return { cut, stack, squeezeMm: body.squeezeMm, passes: body.passes }
}
