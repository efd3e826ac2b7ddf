import { describe, expect, it } from 'vitest'
import { type CutFacts, fittingRecipes, recipeFit } from './recipe-fit.js'

const leaf = { id: 'leaf', dieClass: 'thin-outline', lengthMm: 80, widthMm: 60, heightMm: 1 } as const
const facts: CutFacts = {
  technique: 'cut',
  region: 'all',
  pressId: 'small',
  dies: [leaf],
  sheet: { id: 'ivory', kind: 'smooth-card', caliperMm: 0.3 },
  sheetCount: 1,
  bladeSide: 'down',
}

describe('whether a recipe fits a cut', () => {
  it.each<[string, Partial<CutFacts>, string[] | undefined]>([
    ['the very same', {}, []],
    ['another press', { pressId: 'large' }, ['press']],
    ['more sheets, blade up', { sheetCount: 2, bladeSide: 'up' }, ['count', 'blade']],
    ['a die of the same build', { dies: [{ ...leaf, id: 'other', lengthMm: 84 }] }, ['die']],
    ['a die much larger', { dies: [{ ...leaf, id: 'other', lengthMm: 120 }] }, undefined],
    ['a die of another class', { dies: [{ ...leaf, id: 'other', dieClass: 'thin-lace' }] }, undefined],
    ['two dies for one', { dies: [leaf, { ...leaf, id: 'second' }] }, undefined],
    ['a like sheet', { sheet: { id: 'slate', kind: 'smooth-card', caliperMm: 0.32 } }, ['sheet']],
    ['a sheet half as thick again', { sheet: { id: 'slate', kind: 'smooth-card', caliperMm: 0.45 } }, undefined],
    ['foam for card', { sheet: { id: 'foam', kind: 'craft-foam', caliperMm: 0.3 } }, undefined],
  ])('%s', (_, wanted, differences) => {
    expect(recipeFit(facts, { ...facts, ...wanted })).toEqual(differences)
  })

  it('two equal dies must be two in the recipe too', () => {
    const twice = { ...facts, dies: [leaf, leaf] }
    expect(recipeFit(twice, twice)).toEqual([])
    expect(recipeFit(twice, { ...facts, dies: [leaf, { ...leaf, id: 'other', lengthMm: 200 }] })).toBeUndefined()
  })

  it('puts those for the same press first, then those with least that is different', () => {
    const recipes = [
      { name: 'far', facts: { ...facts, pressId: 'large' } },
      { name: 'near', facts: { ...facts, sheetCount: 3, bladeSide: 'up' as const } },
      { name: 'useless', facts: { ...facts, dies: [] } },
      { name: 'same', facts },
    ]
    expect(fittingRecipes(recipes, facts).map(({ recipe }) => recipe.name)).toEqual(['same', 'near', 'far'])
  })
})
