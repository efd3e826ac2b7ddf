import { describe, expect, it } from 'vitest'
import { randomInteger, randomItem, seededRandom } from '../../numerics/random.js'
import { beds, cardOn, laceAt, smallPress, thinDie } from '../../testing/shapes.js'
import { slowPass } from '../../testing/slow-nip.js'
import { circleAt } from '../../geometry/polyline.js'
import { CutSimulation } from '../cut-simulation.js'
import { type HeightMap, layOnGrid } from './contact-cells.js'

const coarse = { xMm: 1, yMm: 6 }

/** A lay-out, a bed and a squeeze as they may come. */
const randomCase = (seed: number) => {
  const random = seededRandom(seed)
  const lines =
    random() < 0.5
      ? [circleAt(40, 40 + 80 * random(), 10 + 20 * random(), 0.05)]
      : laceAt(45, 82.5, 40 + 20 * random(), randomInteger(random, 2, 5), 2 + 2 * random())
  const heights: HeightMap | undefined =
    random() < 0.4 ? (x, y) => (Math.abs(y - 82.5) < 30 ? 0.15 : 0) - (x > 50 ? 0.05 : 0) : undefined
  const cells = layOnGrid([thinDie(lines)], 165, heights, coarse)
  const bed = randomItem(random, Object.values(beds))
  const pressing = cardOn(bed, 0.05 + 0.6 * random(), randomInteger(random, 1, 3))
  return { cells, pressing }
}

describe('the solver against its slow twin', () => {
  it('finds the same force and the same cut, pass after pass', () => {
    let steps = 0
    for (let seed = 0; seed < 24; seed++) {
      const { cells, pressing } = randomCase(seed)
      const run = new CutSimulation(smallPress, cells)
      run.start(pressing)
      let cut: ArrayLike<number> = new Float64Array(cells.column.length)
      for (let pass = 0; pass < 2; pass++) {
        const fast = run.pass()
        const slow = slowPass(smallPress, cells, pressing, cut, 8)
        expect(fast.status).toBe('solved')
        expect(fast.peakForceN / slow.peakForceN).toBeCloseTo(1, 4)
        slow.cut.forEach((depth, cell) => expect(run.cut[cell]).toBeCloseTo(depth, 4))
        cut = slow.cut
        steps += fast.steps
      }
    }
    // The fast path did the work, and did not stall along.
    expect(steps).toBeGreaterThan(1000)
  })

  it('solves every station of a thousand rough cases', () => {
    let worst = 0
    for (let seed = 1000; seed < 1400; seed++) {
      const { cells, pressing } = randomCase(seed)
      const run = new CutSimulation(smallPress, cells)
      run.start(pressing)
      for (let pass = 0; pass < 3; pass++) {
        const { status, steps, stations } = run.pass()
        expect(status, `seed ${seed}`).toBe('solved')
        worst = Math.max(worst, steps / stations)
      }
    }
    expect(worst).toBeLessThan(8)
  })
})
