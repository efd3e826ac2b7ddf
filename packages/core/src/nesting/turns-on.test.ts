import { expect, it } from 'vitest'
import { turnsOn } from './turns-on.js'

it('lets pieces be turned any way only on a sheet without a pattern and of no known grain', () => {
  expect(turnsOn({ grain: 'unknown', patterned: false })).toBe('any')
  expect(turnsOn({ grain: 'unknown', patterned: true })).toBe('half')
  expect(turnsOn({ grain: 'along-width', patterned: false })).toBe('half')
  expect(turnsOn(undefined)).toBe('any')
})
