import { expect, it } from 'vitest'
import { randomInteger, seededRandom } from './random.js'

it('repeats itself for the same seed and not for another', () => {
  const draw = (seed: number) => Array.from({ length: 5 }, seededRandom(seed))
  expect(draw(7)).toEqual(draw(7))
  expect(draw(7)).not.toEqual(draw(8))
})

it('draws evenly', () => {
  const random = seededRandom(1)
  const counts = [0, 0, 0, 0]
  for (let draw = 0; draw < 40_000; draw++) counts[randomInteger(random, 0, 3)]!++
  for (const count of counts) expect(Math.abs(count - 10_000)).toBeLessThan(400)
})
