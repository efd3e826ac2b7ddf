import { describe, expect, it } from 'vitest'
import { circleAt, lengthOf } from '../geometry/polyline.js'
import { hangingOf, middlesOf, shareHanging, STRETCH_MM, stretchesOf } from './stretches.js'

const ring = { id: 'ring', outline: { lines: [circleAt(50, 50, 20, 0.01), [0, 0, 12, 0]] } }
const dies = [ring]
const stretches = stretchesOf(dies)

describe('stretches of a line', () => {
  it('are equal, about as long as they should be, and all of the line', () => {
    const ofCircle = stretches.filter(({ line }) => line === 0)
    expect(ofCircle.reduce((sum, { fromMm, toMm }) => sum + toMm - fromMm, 0)).toBeCloseTo(
      lengthOf(ring.outline.lines[0]!),
      9,
    )
    for (const { fromMm, toMm } of stretches) expect(Math.abs(toMm - fromMm - STRETCH_MM)).toBeLessThan(1.1)
    expect(stretches.filter(({ line }) => line === 1)).toHaveLength(2)
  })

  it('have their middles on the line', () => {
    const middles = middlesOf(stretches, [ring.outline.lines])
    stretches.forEach(({ line }, at) => {
      const [x, y] = [middles[2 * at]!, middles[2 * at + 1]!]
      if (line === 0) expect(Math.hypot(x - 50, y - 50)).toBeCloseTo(20, 1)
      else expect([x, y]).toEqual([3 + 6 * (at - (stretches.length - 2)), 0])
    })
  })

  it('are told in as few pieces as may be, and read back as they were', () => {
    const hangs = (at: number) => at % 7 < 3
    const told = hangingOf(stretches, dies, hangs)
    expect(told.length).toBeLessThan(stretches.filter((_, at) => hangs(at)).length)
    expect([...shareHanging(stretches, dies, told)].map((share) => share > 0.999)).toEqual(
      stretches.map((_, at) => hangs(at)),
    )
  })

  it('count by the part of them that hung; other dies count for nothing', () => {
    const half = [{ dieId: 'ring', line: 1, fromMm: 0, toMm: 3 }]
    expect([...shareHanging(stretches, dies, half)].slice(-2)).toEqual([0.5, 0])
    expect(Math.max(...shareHanging(stretches, dies, [{ ...half[0]!, dieId: 'other' }]))).toBe(0)
  })
})
