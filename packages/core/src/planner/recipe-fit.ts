import type { DieClass } from '../dies/classes/list.js'
import type { BladeSide } from '../layers/layer.js'
import type { SheetKind } from '../materials/sheet-kind.js'
import type { PressedHow } from '../techniques/method.js'
import { ALIKE_SIZE, ALIKE_HEIGHT_MM, ALIKE_CALIPER } from './constants.js'

/** What of a cut decides whether a recipe for another fits it. */
export interface CutFacts extends PressedHow {
  readonly pressId: string
  readonly dies: readonly {
    readonly id: string
    readonly dieClass: DieClass
    readonly lengthMm: number
    readonly widthMm: number
    readonly heightMm: number
  }[]
  readonly sheet: { readonly id: string; readonly kind: SheetKind; readonly caliperMm: number }
  readonly sheetCount: number
  readonly bladeSide: BladeSide
}

/** In what a recipe's cut differs from the one at hand, gravest first. */
export const recipeDifferences = ['press', 'die', 'sheet', 'count', 'blade'] as const
export type RecipeDifference = (typeof recipeDifferences)[number]
const near = (a: number, b: number, share: number): boolean => Math.abs(a - b) <= share * Math.max(a, b)

type DieFacts = CutFacts['dies'][number]

const alikeDies = (a: DieFacts, b: DieFacts): boolean =>
  a.dieClass === b.dieClass &&
  near(a.lengthMm, b.lengthMm, ALIKE_SIZE) &&
  near(a.widthMm, b.widthMm, ALIKE_SIZE) &&
  Math.abs(a.heightMm - b.heightMm) <= ALIKE_HEIGHT_MM

/** Each die of one list with a die of its own in the other, by `alike`. */
const pairsUp = (
  dies: readonly DieFacts[],
  others: readonly DieFacts[],
  alike: (a: DieFacts, b: DieFacts) => boolean,
): boolean => {
  if (dies.length !== others.length) return false
  const left = [...others]
  return dies.every((die) => {
    const at = left.findIndex((other) => alike(die, other))
    if (at >= 0) left.splice(at, 1)
    return at >= 0
  })
}

/**
 * In what a recipe differs from the cut at hand; empty where it is the very same cut. Undefined where it is of no use for it:
 * another technique or region, dies of another build or sheets of another kind.
 */
export const recipeFit = (recipe: CutFacts, wanted: CutFacts): RecipeDifference[] | undefined => {
  if (recipe.technique !== wanted.technique || recipe.region !== wanted.region) return undefined
  const sameDies = pairsUp(recipe.dies, wanted.dies, (a, b) => a.id === b.id)
  if (!sameDies && !pairsUp(recipe.dies, wanted.dies, alikeDies)) return undefined
  const sameSheet = recipe.sheet.id === wanted.sheet.id
  const alikeSheet =
    recipe.sheet.kind === wanted.sheet.kind && near(recipe.sheet.caliperMm, wanted.sheet.caliperMm, ALIKE_CALIPER)
  if (!sameSheet && !alikeSheet) return undefined
  const differs: Record<RecipeDifference, boolean> = {
    press: recipe.pressId !== wanted.pressId,
    die: !sameDies,
    sheet: !sameSheet,
    count: recipe.sheetCount !== wanted.sheetCount,
    blade: recipe.bladeSide !== wanted.bladeSide,
  }
  return recipeDifferences.filter((each) => differs[each])
}

/** Recipes that fit a cut, the nearest first. */
export const fittingRecipes = <Recipe extends { readonly facts: CutFacts }>(
  recipes: readonly Recipe[],
  wanted: CutFacts,
): { readonly recipe: Recipe; readonly differences: RecipeDifference[] }[] =>
  recipes
    .flatMap((recipe) => {
      const differences = recipeFit(recipe.facts, wanted)
      return differences ? [{ recipe, differences }] : []
    })
    .sort(
      (a, b) =>
        Number(a.differences.includes('press')) - Number(b.differences.includes('press')) ||
        a.differences.length - b.differences.length,
    )
