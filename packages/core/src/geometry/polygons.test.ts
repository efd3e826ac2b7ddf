import fc from 'fast-check'
import * as other from 'polyclip-ts'
import { describe, expect, it } from 'vitest'
import { circleAt, signedAreaOf } from './polyline.js'
import { areaOf, areaOfPolygon, offsetOf, piecesOf, unionOf } from './polygons.js'
import { rectangle } from './rectangle.js'
import { isInRegion, splitByRegion } from './region.js'

const rect = (x: number, y: number, w: number, h: number): number[] =>
  rectangle({ fromX: x, fromY: y, toX: x + w, toY: y + h })
const mm = (min: number, max: number) => fc.integer({ min: min * 100, max: max * 100 }).map((value) => value / 100)
const box = fc.tuple(mm(-50, 50), mm(-50, 50), mm(1, 60), mm(1, 60)).map(([x, y, w, h]) => rect(x, y, w, h))

type Ring = [number, number][]
const ringOf = (loop: readonly number[]): Ring => {
  const ring: Ring = []
  for (let at = 0; at < loop.length; at += 2) ring.push([loop[at]!, loop[at + 1]!])
  return ring
}
const areaByOther = (polygons: readonly (readonly Ring[])[]): number =>
  polygons.reduce(
    (sum, rings) =>
      sum +
      rings.reduce(
        (area, ring, at) => area + (at === 0 ? 1 : -1) * Math.abs(signedAreaOf(ring.flatMap(([x, y]) => [x, y]))),
        0,
      ),
    0,
  )

describe('against a second polygon library', () => {
  it('unions have the same area, whichever way the loops were drawn', () => {
    fc.assert(
      fc.property(box, box, box, (a, b, c) => {
        const turned = [...ringOf(b)].reverse().flat()
        const theirs = areaByOther(other.union([ringOf(a)], [ringOf(b)], [ringOf(c)]))
        expect(areaOf(unionOf([a, turned, c]))).toBeCloseTo(theirs, 1)
      }),
    )
  })
})

it('a circle grown by a millimetre is a circle a millimetre larger', () => {
  const grown = offsetOf([circleAt(0, 0, 10, 0.005)], 1)
  expect(areaOf(grown) / (Math.PI * 121)).toBeCloseTo(1, 2)
  expect(offsetOf([circleAt(0, 0, 10, 0.005)], -11)).toEqual([])
})

describe('pieces', () => {
  it('a closed cut makes two, an open one that ends inside makes none', () => {
    const sheet = [rect(0, 0, 100, 80)]
    expect(piecesOf(sheet, [circleAt(50, 40, 20, 0.01)])).toHaveLength(2)
    expect(piecesOf(sheet, [[10, 10, 90, 70]])).toHaveLength(1)
    expect(piecesOf(sheet, [[0, 40, 100, 40]])).toHaveLength(2)
  })

  it('make up the sheet but for the kerfs', () => {
    fc.assert(
      fc.property(mm(5, 40), mm(20, 80), mm(20, 60), (radius, x, y) => {
        const pieces = piecesOf([rect(0, 0, 100, 80)], [circleAt(x, y, radius, 0.02)])
        const total = pieces.reduce((sum, piece) => sum + areaOfPolygon(piece), 0)
        expect(Math.abs(total - 8000)).toBeLessThan(0.03 * 2 * Math.PI * radius + 0.5)
      }),
    )
  })
})

it('a line split by a region is all there, each stretch on its own side', () => {
  fc.assert(
    fc.property(box, fc.array(fc.tuple(mm(-60, 60), mm(-60, 60)), { minLength: 2, maxLength: 9 }), (loop, points) => {
      const line = points.flat()
      const stretches = splitByRegion(line, [loop])
      const length = (each: readonly number[]) => {
        let sum = 0
        for (let at = 2; at < each.length; at += 2)
          sum += Math.hypot(each[at]! - each[at - 2]!, each[at + 1]! - each[at - 1]!)
        return sum
      }
      expect(stretches.reduce((sum, stretch) => sum + length(stretch.line), 0)).toBeCloseTo(length(line), 6)
      for (const { line: each, inside } of stretches)
        for (let at = 2; at < each.length; at += 2) {
          const [x, y] = [(each[at]! + each[at - 2]!) / 2, (each[at + 1]! + each[at - 1]!) / 2]
          // The middle of a piece that only rounding made is on the edge itself.
          if (Math.hypot(each[at]! - each[at - 2]!, each[at + 1]! - each[at - 1]!) > 1e-6)
            expect(isInRegion([loop], x, y)).toBe(inside)
        }
    }),
  )
})
