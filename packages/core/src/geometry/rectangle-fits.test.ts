import fc from 'fast-check'
import { expect, it } from 'vitest'
import { rectangleFits } from './rectangle-fits.js'

it('fits turned a little where it does not fit straight', () => {
  // The longest stick of no width in 3 × 4 is their diagonal.
  expect(rectangleFits([4.99, 0.001], [3, 4])).toBe(true)
  expect(rectangleFits([5.01, 0.001], [3, 4])).toBe(false)
  expect(rectangleFits([100, 80], [80, 100])).toBe(true)
  expect(rectangleFits([101, 99], [100, 100])).toBe(false)
})

it('says what trying every turn says', () => {
  const side = fc.double({ min: 1, max: 100, noNaN: true })
  fc.assert(
    fc.property(fc.tuple(side, side), fc.tuple(side, side), ([p, q], [a, b]) => {
      // By how much the turned box is over in the turn that suits best; near nothing either answer will do.
      let over = Infinity
      for (let degrees = 0; degrees < 180; degrees += 0.05) {
        const turn = (degrees * Math.PI) / 180
        const [cos, sin] = [Math.abs(Math.cos(turn)), Math.abs(Math.sin(turn))]
        over = Math.min(over, Math.max(p * cos + q * sin - a, p * sin + q * cos - b))
      }
      if (Math.abs(over) > 0.2) expect(rectangleFits([p, q], [a, b])).toBe(over < 0)
    }),
    { numRuns: 300 },
  )
})
