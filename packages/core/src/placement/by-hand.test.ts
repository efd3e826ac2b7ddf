import { describe, expect, it } from 'vitest'
import { circleAt } from '../geometry/polyline.js'
import { among, aPlacement, aRun, dieOfLines } from '../testing/placed.js'
import { byHandOf, laidByHand } from './by-hand.js'
import { edgesOf } from './place-die.js'

const round = dieOfLines('round', [circleAt(0, 0, 20, 0.01)])
const dies = among([round])
const mm = { unit: 'mm', denominator: 16 } as const
const inches = { unit: 'in', denominator: 16 } as const
const at = (xMm: number, yMm: number, more: Parameters<typeof aRun>[0] = {}) =>
  aPlacement({ runs: [aRun({ dies: [{ id: 'a', dieId: 'round', xMm, yMm, rotationDeg: 0 }], ...more })] })

describe('a placement laid by a ruler', () => {
  it.each([
    [mm, 0.5],
    [inches, 25.4 / 16],
  ])('has its edges on whole steps: %o', (style, stepMm) => {
    const laid = laidByHand(at(41.23, 37.77), dies, style).runs[0]!.dies[0]!
    for (const edge of Object.values(edgesOf(laid, round)))
      expect(Math.abs(edge / stepMm - Math.round(edge / stepMm))).toBeLessThan(1e-6)
  })

  it('says how far a die is moved, and that nothing else comes of it', () => {
    const { movedMm, gained } = byHandOf(at(40.2, 40), dies, 0.3, mm)
    expect(movedMm).toBeGreaterThan(0)
    expect(movedMm).toBeLessThanOrEqual(Math.hypot(0.25, 0.25) + 1e-9)
    expect(gained).toEqual([])
  })

  it('says what comes of it that would not: a foot that no longer reaches far enough over the line', () => {
    // Its lower edge at 41.2 reaches 1.1 mm over a line at 40.1; its upper edge at 1.2 is laid at 1, and it reaches 0.9.
    const line = { xMm: 0, yMm: 40.1, angleDeg: 0, presses: 'above' } as const
    const { gained } = byHandOf(at(40, 21.2, { region: 'to-line', line }), dies, 0.05, mm)
    expect(gained.map(({ code }) => code)).toEqual(['little-overlap'])
    const farther = byHandOf(at(40, 22.2, { region: 'to-line', line }), dies, 0.05, mm)
    expect(farther.gained).toEqual([])
  })
})
