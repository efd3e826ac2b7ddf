import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { aDie } from '../../../../../packages/core/src/testing/makers.js'
import { pencilPath, shapeOfDie, turnedBox } from './shapes.js'

describe('the shape of a die', () => {
  it('is worked out once for each face', () => {
    const die = aDie({ lengthMm: 60, widthMm: 40 })
    expect(shapeOfDie(die, 'front')).toBe(shapeOfDie(die, 'front'))
    expect(shapeOfDie({ ...die }, 'front')).not.toBe(shapeOfDie(die, 'front'))
  })

  it('is as large as its lines on either face', () => {
    const die = aDie({ lengthMm: 60, widthMm: 40 })
    for (const face of ['front', 'back'] as const) {
      const { widthMm, heightMm, d } = shapeOfDie(die, face)
      expect([widthMm, heightMm].map(Math.round).sort()).toEqual([40, 60])
      expect(d).toMatch(/^M/)
    }
  })
})

describe('a pencil line', () => {
  it('goes from far on one side of the card to far on the other', () => {
    expect(pencilPath({ xMm: 10, yMm: 20, angleDeg: 0 } as never)).toBe('M-590 20L610 20')
    const figures = pencilPath({ xMm: 0, yMm: 0, angleDeg: 90 } as never)
      .match(/-?[\d.]+(?:e-?\d+)?/g)!
      .map(Number)
    expect(figures[3]! - figures[1]!).toBeCloseTo(1200, 9)
    expect(figures[2]).toBeCloseTo(figures[0]!, 9)
  })
})

describe('the upright box of a turned rectangle', () => {
  const at = (rotationDeg: number) => turnedBox({ xMm: 50, yMm: 30, rotationDeg }, 40, 20)

  it('is the rectangle itself unturned, and on its side after a quarter', () => {
    expect(at(0)).toEqual({ fromX: 30, fromY: 20, toX: 70, toY: 40 })
    const { fromX, toX, fromY, toY } = at(90)
    expect(toX - fromX).toBeCloseTo(20, 9)
    expect(toY - fromY).toBeCloseTo(40, 9)
  })

  it('holds every corner, whatever the turn, and is never larger than need be', () => {
    fc.assert(
      fc.property(fc.double({ min: -360, max: 360, noNaN: true }), (rotationDeg) => {
        const box = at(rotationDeg)
        const angle = (rotationDeg * Math.PI) / 180
        const corners = [
          [20, 10],
          [20, -10],
          [-20, 10],
          [-20, -10],
        ].map(([x, y]) => [
          50 + x! * Math.cos(angle) - y! * Math.sin(angle),
          30 + x! * Math.sin(angle) + y! * Math.cos(angle),
        ])
        expect(Math.max(...corners.map(([x]) => x!))).toBeCloseTo(box.toX, 6)
        expect(Math.min(...corners.map(([, y]) => y!))).toBeCloseTo(box.fromY, 6)
      }),
    )
  })
})
