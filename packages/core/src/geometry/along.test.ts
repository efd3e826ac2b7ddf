import { describe, expect, it } from 'vitest'
import { partAlong, placesAlong } from './along.js'
import { circleAt, lengthOf } from './polyline.js'

const corner = [0, 0, 3, 0, 3, 4]

describe('along a line', () => {
  it('places lie so far from its first point, with the way it runs there', () => {
    expect(placesAlong(corner, [1, 5, 99])).toEqual([
      { x: 1, y: 0, alongX: 1, alongY: 0 },
      { x: 3, y: 2, alongX: 0, alongY: 1 },
      { x: 3, y: 4, alongX: 0, alongY: 1 },
    ])
  })

  it('parts have the length between two places, and are made of its points', () => {
    expect(partAlong(corner, 1, 5)).toEqual([1, 0, 3, 0, 3, 2])
    expect(partAlong(corner, 8, 9)).toEqual([])
    const ring = circleAt(0, 0, 20, 0.01)
    for (const [from, to] of [
      [0, 10],
      [33.3, 71],
      [0, lengthOf(ring)],
    ] as const)
      expect(lengthOf(partAlong(ring, from, to))).toBeCloseTo(to - from, 9)
  })
})
