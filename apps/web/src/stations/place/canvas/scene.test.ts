import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { fixed, placeOf } from './scene.js'

describe('where a thing is drawn', () => {
  it('is its middle, then its turn about it', () => {
    expect(placeOf({ xMm: 12.5, yMm: -3, rotationDeg: 90 })).toBe('translate(12.5 -3) rotate(90)')
  })

  it('brings a point of the thing to where it lies on the card', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: -300, max: 300 }),
        fc.integer({ min: -300, max: 300 }),
        fc.integer({ min: -180, max: 180 }),
        (xMm, yMm, rotationDeg) => {
          const [x, y, turn] = placeOf({ xMm, yMm, rotationDeg })
            .match(/-?[\d.]+/g)!
            .map(Number)
          expect([x, y, turn]).toEqual([xMm, yMm, rotationDeg])
        },
      ),
    )
  })

  it('has lines as thick at any scale', () => {
    expect(fixed).toMatchObject({ fill: 'none', vectorEffect: 'non-scaling-stroke' })
  })
})
