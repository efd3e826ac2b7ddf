import { replaceEqualDeep } from '@tanstack/react-query'
import { expect, it } from 'vitest'
import { editionOf } from './editions.js'

const answer = () => ({
  request: { cut: { sheet: { id: 'ivory', caliper: 0.31 }, sheetCount: 1 } },
  dies: [{ id: 'kite' }],
})

it('stays the same for an answer that says the same again', () => {
  const first = answer()
  const again = replaceEqualDeep(first, answer())
  expect(editionOf(again)).toBe(editionOf(first))
})

it('is another whatever of it is another: sheet, count, shelf, rules, log', () => {
  const first = answer()
  const thicker = replaceEqualDeep(first, {
    ...answer(),
    request: { cut: { sheet: { id: 'ivory', caliper: 0.33 }, sheetCount: 1 } },
  })
  const more = replaceEqualDeep(first, {
    ...answer(),
    request: { cut: { sheet: { id: 'ivory', caliper: 0.31 }, sheetCount: 2 } },
  })
  const learnt = replaceEqualDeep(first, { ...answer(), learnt: { runs: 3 } })
  const numbers = [first, thicker, more, learnt].map(editionOf)
  expect(new Set(numbers).size).toBe(4)
})

it('is nothing while there is nothing', () => {
  expect(editionOf(undefined)).toBe(0)
})
