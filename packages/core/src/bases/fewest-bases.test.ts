import { asked } from '../testing/thorough.js'
import { describe, expect, it } from 'vitest'
import { basesByInteger } from '../testing/bases-solver.js'
import { type RandomSource, randomInteger, randomItem, seededRandom } from '../numerics/random.js'
import { type BasesWanted, chooseBases } from './fewest-bases.js'

/** Bases that each serve a stretch of cells with more shims the further off they are, as bases do. */
const smallChart = (random: RandomSource, cells: number, bases: number): BasesWanted => {
  const costs = new Float64Array(cells * bases).fill(Infinity)
  for (let base = 0; base < bases; base++) {
    const from = random() * cells
    const reach = randomInteger(random, 1, Math.max(2, cells / 2))
    for (let cell = 0; cell < cells; cell++) {
      const off = cell - from
      if (off < 0 || off > reach || random() < 0.15) continue
      costs[base * cells + cell] = 0.1 * Math.min(2, Math.floor((3 * off) / reach)) + 0.05 * randomInteger(random, 0, 3)
    }
  }
  return { cells, bases, costs, perBase: randomItem(random, [0.4, 1, 2, 3]), emptyCost: 1 }
}

describe('the choice of base stacks', () => {
  it('costs what an integer solver’s does, on hundreds of small charts', async () => {
    const random = seededRandom(20_261)
    for (let at = 0; at < asked(250, 100); at++) {
      const wanted = smallChart(random, randomInteger(random, 3, 24), randomInteger(random, 1, 14))
      const { cost, bound, proven } = chooseBases(wanted)
      expect(proven).toBe(true)
      expect(cost, `chart ${at}`).toBeCloseTo(await basesByInteger(wanted), 6)
      expect(bound).toBe(cost)
    }
  })

  it('is proven for two hundred candidates', () => {
    const wanted = smallChart(seededRandom(7), 120, 200)
    const { proven, chosen } = chooseBases({ ...wanted, perBase: 3 })
    expect(proven).toBe(true)
    expect(chosen.length).toBeGreaterThan(0)
  })

  it('says how far off it may be where it may not look long', () => {
    const random = seededRandom(5)
    const hard = {
      cells: 60,
      bases: 60,
      costs: Float64Array.from({ length: 3600 }, () => (random() < 0.12 ? 0.5 * random() : Infinity)),
      perBase: 2,
      emptyCost: 1,
    }
    const { cost, bound, proven } = chooseBases({ ...hard, mostNodes: 1 })
    expect(proven).toBe(false)
    expect(bound).toBeLessThan(cost)
    const longer = chooseBases(hard)
    expect(longer.cost).toBeGreaterThanOrEqual(bound - 1e-9)
    expect(longer.cost).toBeLessThanOrEqual(cost + 1e-9)
  })

  it('keeps none where none earns its place, and counts every cell empty', () => {
    const costs = Float64Array.from([0, 0, Infinity, Infinity, Infinity, 0])
    expect(chooseBases({ cells: 3, bases: 2, costs, perBase: 3, emptyCost: 1 })).toMatchObject({
      chosen: [],
      cost: 3,
      proven: true,
    })
    expect(chooseBases({ cells: 3, bases: 2, costs, perBase: 1.5, emptyCost: 1 })).toMatchObject({
      chosen: [0],
      cost: 2.5,
    })
  })
})
