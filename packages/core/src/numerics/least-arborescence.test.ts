import { expect, it } from 'vitest'
import { leastArborescence } from './least-arborescence.js'
import { randomInteger, seededRandom } from './random.js'

/** Every way to hang each node from another, one by one. */
const leastOfAll = (count: number, costs: Float64Array): number => {
  let least = Infinity
  const choose = (parents: readonly number[]): void => {
    if (parents.length === count) {
      const reaches = (node: number): boolean => {
        let at = node
        for (let step = 0; step < count && at !== 0; step++) at = parents[at]!
        return at === 0
      }
      if (!parents.every((_, node) => reaches(node))) return
      const sum = parents.reduce((all, from, to) => (to === 0 ? all : all + costs[from * count + to]!), 0)
      least = Math.min(least, sum)
      return
    }
    for (let from = 0; from < count; from++) if (from !== parents.length) choose([...parents, from])
  }
  choose([-1])
  return least
}

it('hangs every node from the root as cheaply as any way does', () => {
  const random = seededRandom(4)
  for (let at = 0; at < 60; at++) {
    const count = randomInteger(random, 2, 6)
    const costs = Float64Array.from({ length: count * count }, () => randomInteger(random, 0, 12))
    const parent = leastArborescence(count, costs)
    expect(parent[0]).toBe(-1)
    let sum = 0
    for (let to = 1; to < count; to++) sum += costs[parent[to]! * count + to]!
    expect(sum, `graph ${at}`).toBe(leastOfAll(count, costs))
  }
})
