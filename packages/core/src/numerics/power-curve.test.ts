import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { powerCurve } from './power-curve.js'

describe('a value between points of a curve that rises from nothing', () => {
  it('is that of a power wherever the points are of one, between them and beyond', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.3, max: 4, noNaN: true }),
        fc.double({ min: 0.05, max: 5, noNaN: true }),
        (power, x) => {
          const xs = [0.3, 0.5, 0.8, 1.2]
          expect(
            powerCurve(
              xs,
              xs.map((each) => 3 * each ** power),
            )(x) /
              (3 * x ** power),
          ).toBeCloseTo(1, 9)
        },
      ),
    )
  })

  it('never overshoots its neighbours, and is the points themselves where they are', () => {
    const ascending = fc.array(fc.double({ min: 0.01, max: 1, noNaN: true }), { minLength: 3, maxLength: 7 })
    fc.assert(
      fc.property(ascending, ascending, fc.double({ min: 0, max: 1, noNaN: true }), (dx, dy, share) => {
        const count = Math.min(dx.length, dy.length)
        const sum = (steps: readonly number[], to: number) =>
          steps.slice(0, to + 1).reduce((all, each) => all + each, 0)
        const xs = Array.from({ length: count }, (_, at) => sum(dx, at))
        const ys = Array.from({ length: count }, (_, at) => sum(dy, at))
        xs.forEach((x, at) => expect(powerCurve(xs, ys)(x)).toBe(ys[at]))
        const x = xs[1]! + share * (xs[2]! - xs[1]!)
        expect(powerCurve(xs, ys)(x)).toBeGreaterThanOrEqual(ys[1]! - 1e-9)
        expect(powerCurve(xs, ys)(x)).toBeLessThanOrEqual(ys[2]! + 1e-9)
      }),
    )
  })

  it('rises in a straight line from where it was nothing yet', () => {
    expect(powerCurve([1, 2, 3], [0, 4, 9])(1.5)).toBe(2)
    expect(powerCurve([1, 2, 3], [0, 4, 9])(0.5)).toBe(0)
    expect(powerCurve([1, 2], [0, 0])(5)).toBe(0)
  })
})
