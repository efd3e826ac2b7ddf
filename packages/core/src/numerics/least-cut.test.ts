import fc from 'fast-check'
import { expect, it } from 'vitest'
import { leastCut, type Link } from './least-cut.js'

const link = fc.record({
  from: fc.integer({ min: 0, max: 5 }),
  to: fc.integer({ min: 0, max: 5 }),
  price: fc.integer({ min: 1, max: 9 }),
})

/** The cheapest way to share the nodes between source and sink, by trying every one. */
const bruteForce = (links: readonly Link[]): number => {
  let best = Infinity
  for (let side = 0; side < 64; side++) {
    if ((side & 1) === 0 || (side & 32) !== 0) continue
    const price = links.reduce(
      (sum, { from, to, price: own }) => sum + (((side >> from) & 1) === ((side >> to) & 1) ? 0 : own),
      0,
    )
    best = Math.min(best, price)
  }
  return best
}

it('parts source from sink at the least price there is', () => {
  fc.assert(
    fc.property(fc.array(link, { maxLength: 14 }), (links) => {
      const cut = leastCut(6, links, [0], [5])!
      expect(cut.reduce((sum, at) => sum + links[at]!.price, 0)).toBe(bruteForce(links))
    }),
  )
})

it('says when what is to be parted is the same', () => {
  expect(leastCut(2, [], [0], [0])).toBeUndefined()
})
