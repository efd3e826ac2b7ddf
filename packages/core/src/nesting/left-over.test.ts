import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { placeLines } from '../geometry/place-lines.js'
import { areaOfPolygon } from '../geometry/polygons.js'
import { rectangle } from '../geometry/rectangle.js'
import { signedAreaOf } from '../geometry/polyline.js'
import { nestOutlines } from '../testing/nest-cases.js'
import { isUseful, leftOver } from './left-over.js'
import { pieceOf } from './piece-of.js'

const sheet = rectangle({ fromX: 0, fromY: 0, toX: 200, toY: 120 })

describe('what a run leaves over', () => {
  it('is the sheet less what is cut from it, wherever and however it is turned', () => {
    const star = [...nestOutlines['star']!(25)]
    fc.assert(
      fc.property(
        fc.integer({ min: 30, max: 170 }),
        fc.integer({ min: 30, max: 90 }),
        fc.integer({ min: 0, max: 359 }),
        (xMm, yMm, rotationDeg) => {
          const left = leftOver([sheet], placeLines([star], { xMm, yMm, rotationDeg }))!
          expect(areaOfPolygon(left)).toBeCloseTo(24_000 - Math.abs(signedAreaOf(star)), 0)
          expect(left.holes).toHaveLength(1)
        },
      ),
      { numRuns: 30 },
    )
  })

  it('is the largest part where a cut parts it, and useful only where something can be cut from it', () => {
    const strip = rectangle({ fromX: 60, fromY: -1, toX: 80, toY: 121 })
    const left = leftOver([sheet], [strip])!
    expect(areaOfPolygon(left)).toBeCloseTo(120 * 120, 6)
    expect(isUseful(left)).toBe(true)
    const thin = leftOver([sheet], [rectangle({ fromX: -1, fromY: 10, toX: 201, toY: 121 })])!
    expect(isUseful(thin)).toBe(false)
    expect(leftOver([sheet], [rectangle({ fromX: -1, fromY: -1, toX: 201, toY: 121 })])).toBeUndefined()
  })

  it('keeps the holes that the sheet had', () => {
    const hole = rectangle({ fromX: 10, fromY: 10, toX: 40, toY: 40 })
    const left = leftOver([sheet, hole], [rectangle({ fromX: 100, fromY: 20, toX: 130, toY: 50 })])!
    expect(areaOfPolygon(left)).toBeCloseTo(24_000 - 900 - 900, 6)
    expect(left.holes).toHaveLength(2)
  })

  it('is nowhere a hole, though holes overlap and run over the edge', () => {
    const hole = (fromX: number) => rectangle({ fromX, fromY: 20, toX: fromX + 40, toY: 60 })
    const left = leftOver([sheet, hole(20), hole(40), hole(180)], [hole(100)])!
    expect(areaOfPolygon(left)).toBeCloseTo(24_000 - 60 * 40 - 20 * 40 - 40 * 40, 6)
  })
})

describe('what a die takes up', () => {
  it('is the rim of its lines, not what lies inside', () => {
    const outer = rectangle({ fromX: 0, fromY: 0, toX: 40, toY: 30 })
    const inner = rectangle({ fromX: 10, fromY: 10, toX: 20, toY: 20 })
    expect(Math.abs(signedAreaOf(pieceOf([inner, outer])!))).toBeCloseTo(1200, 6)
  })

  it('of shapes beside one another is the hull of all; of open lines their box', () => {
    const [one, other] = [
      rectangle({ fromX: 0, fromY: 0, toX: 10, toY: 10 }),
      rectangle({ fromX: 30, fromY: 0, toX: 40, toY: 10 }),
    ]
    expect(Math.abs(signedAreaOf(pieceOf([one, other])!))).toBeCloseTo(400, 6)
    expect(Math.abs(signedAreaOf(pieceOf([[0, 0, 5, 8, 20, 3]])!))).toBeCloseTo(160, 6)
    expect(pieceOf([])).toBeUndefined()
  })
})
