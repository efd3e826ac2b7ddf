import { describe, expect, it } from 'vitest'
import { circleAt, lengthOf } from '../../geometry/polyline.js'
import { layOnGrid } from '../../press/nip/contact-cells.js'
import { CutSimulation } from '../../press/cut-simulation.js'
import { beds, cardOn, smallPress, thinDie } from '../../testing/shapes.js'
import { lineStates } from '../line-map.js'
import { cutMapOf } from './cut-map.js'

const lines = [circleAt(60, 82.5, 35, 0.05), circleAt(60, 82.5, 10, 0.05)]
const cells = layOnGrid([thinDie(lines)], 165, (_x, y) => (y > 90 ? -0.25 : 0))
const run = new CutSimulation(smallPress, cells)

const lengths = (after: number): Record<string, number> => {
  run.start(cardOn(beds.pad, 0.25))
  for (let pass = 0; pass < after; pass++) run.pass()
  const map = cutMapOf([lines], cells, run.cut)
  const sums: Record<string, number> = {}
  map.states.forEach((state, chain) => {
    const chainPoints = map.points.slice(2 * map.starts[chain]!, 2 * map.starts[chain + 1]!)
    const name = lineStates[state]!
    sums[name] = (sums[name] ?? 0) + lengthOf(Float64Array.from(chainPoints))
  })
  return sums
}

describe('the cut map', () => {
  it('holds the whole line, each stretch in one state', () => {
    const whole = lines.reduce((sum, line) => sum + lengthOf(line), 0)
    for (const passes of [0, 1, 2]) {
      const sum = Object.values(lengths(passes)).reduce((total, mm) => total + mm, 0)
      expect(sum / whole).toBeCloseTo(1, 4)
    }
  })

  it('shows what hangs where a plate is thinner, and what is clean where it is not', () => {
    expect(lengths(0)['clean']).toBeUndefined()
    const after = lengths(2)
    expect(after['clean']).toBeGreaterThan(100)
    expect(after['hanging']! + (after['nearly'] ?? 0)).toBeGreaterThan(50)
  })

  it('agrees with the cut fraction', () => {
    const after = lengths(2)
    const whole = Object.values(after).reduce((total, mm) => total + mm, 0)
    const { cutFraction } = (run.start(cardOn(beds.pad, 0.25)), run.pass(), run.pass())
    expect(after['clean']! / whole).toBeCloseTo(cutFraction, 3)
  })
})
