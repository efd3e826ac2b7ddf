import { expect, it } from 'vitest'
import { atLeast, Mistake } from './guards.js'
import { countOf, type Finding, gravestFirst } from './finding.js'

const of = (severity: Finding['severity'], code: string): Finding => ({ severity, code, values: {} })

it('puts the gravest first and keeps the order among equals', () => {
  const sorted = gravestFirst([of('note', 'a'), of('stop', 'b'), of('caution', 'c'), of('note', 'd'), of('stop', 'e')])
  expect(sorted.map((finding) => finding.code)).toEqual(['b', 'e', 'c', 'a', 'd'])
  expect(countOf(sorted, 'stop')).toBe(2)
})

it('lets no NaN through a guard', () => {
  expect(() => atLeast(NaN, 0, 'height')).toThrow(Mistake)
  expect(() => atLeast(Infinity, 0, 'height')).toThrow(Mistake)
  expect(atLeast(2, 0, 'height')).toBe(2)
})
