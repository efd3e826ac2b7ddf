import { expect, it } from 'vitest'
import { canSpell, spelt } from './spelt.js'

const named = (name: string) => ({ id: name, name })
const pier = ['K', 'I', 'T', 'E'].map((letter) => named(`Pier letter ${letter}`))
const small = ['k', 'i'].map((letter) => named(`Small ${letter}`))

it('takes a die a letter, one as often as the word has it', () => {
  expect(spelt('kik', pier)).toEqual({ ids: ['Pier letter K', 'Pier letter I', 'Pier letter K'], missing: [] })
})

it('takes the alphabet that has most of the word, and says what is missing', () => {
  expect(spelt('KITE', [...small, ...pier]).ids).toHaveLength(4)
  expect(spelt('Tie me', [...small, ...pier])).toEqual({
    ids: ['T', 'I', 'E', 'E'].map((letter) => `Pier letter ${letter}`),
    missing: ['M'],
  })
})

it('spells nothing where there is no alphabet', () => {
  expect(canSpell(pier)).toBe(true)
  expect(canSpell([named('Plan B'), named('Gull')])).toBe(false)
  expect(spelt('ab', [named('Gull')])).toEqual({ ids: [], missing: ['A', 'B'] })
})
