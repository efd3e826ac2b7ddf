import { expect, it } from 'vitest'
import fc from 'fast-check'
import { reachedBy } from './quantile.js'

/** By its own words: of the values, the greatest that enough of the weight reaches. */
const slowly = (values: readonly number[], weights: readonly number[], share: number): number => {
  const weighs = (least: number) => values.reduce((sum, value, at) => sum + (value >= least ? weights[at]! : 0), 0)
  const wanted = share * weights.reduce((sum, weight) => sum + weight, 0)
  return Math.max(0, ...values.filter((value) => weighs(value) >= wanted))
}

it('is the greatest value that so much of the weight reaches', () => {
  const cells = fc.array(fc.tuple(fc.integer({ min: 0, max: 30 }), fc.integer({ min: 1, max: 5 })), { maxLength: 40 })
  fc.assert(
    fc.property(cells, fc.constantFrom(0.5, 0.75, 0.9, 1), (its, share) => {
      const values = its.map(([value]) => value)
      const weights = its.map(([, weight]) => weight)
      expect(reachedBy(Float64Array.from(values), Float64Array.from(weights), share)).toBe(
        slowly(values, weights, share),
      )
    }),
  )
})
