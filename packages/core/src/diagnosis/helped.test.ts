import { expect, it } from 'vitest'
import { timesUsual } from './helped.js'

it('a cause that was cured here is likelier, one that was treated in vain less likely, within bounds', () => {
  expect(timesUsual('scored-spot', 0.06, {})).toBe(1)
  const helped = { 'scored-spot': { helped: 3, failed: 0 }, 'pad-bowed': { helped: 0, failed: 4 } }
  expect(timesUsual('scored-spot', 0.06, helped)).toBeGreaterThan(1.5)
  expect(timesUsual('pad-bowed', 0.04, helped)).toBeLessThan(1)
  // What was never tried gives way a little to what was.
  expect(timesUsual('gap', 0.2, helped)).toBeLessThan(1)
  expect(timesUsual('scored-spot', 0.06, { 'scored-spot': { helped: 500, failed: 0 } })).toBeLessThanOrEqual(4)
})
