import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { after, rotation, transformed, translation } from './affine.js'
import { leastClearance } from './clearance.js'
import { appendCubic, appendQuadratic, arcLine, type Point } from './flatten.js'
import { visitCells } from './grid.js'
import { joinLines } from './join.js'
import { contains, depthsOf } from './nesting-depth.js'
import { circleAt, isClosed, lengthOf, signedAreaOf } from './polyline.js'

const coordinate = fc.double({ min: -300, max: 300, noNaN: true })
const polyline = fc
  .array(fc.tuple(coordinate, coordinate), { minLength: 2, maxLength: 12 })
  .map((points) => points.flat())

describe('lengths per grid cell', () => {
  it('add up to the line’s own, each in the cell it lies in', () => {
    fc.assert(
      fc.property(polyline, (line) => {
        let sum = 0
        visitCells(line, { cellX: 0.5, cellY: 3 }, (_column, _row, length) => {
          expect(length).toBeGreaterThan(0)
          // No piece is longer than the cell's diagonal.
          expect(length).toBeLessThanOrEqual(Math.hypot(0.5, 3) + 1e-9)
          sum += length
        })
        expect(sum).toBeCloseTo(lengthOf(line), 6)
      }),
    )
  })

  it('are those of a line drawn by hand', () => {
    const met = new Map<string, number>()
    visitCells([0.5, 0.5, 2.5, 0.5, 2.5, -1], { cellX: 1, cellY: 1 }, (column, row, length) =>
      met.set(`${column} ${row}`, (met.get(`${column} ${row}`) ?? 0) + length),
    )
    expect(Object.fromEntries(met)).toEqual({ '0 0': 0.5, '1 0': 1, '2 0': 1, '2 -1': 1 })
  })
})

describe('curves as chords', () => {
  const tolerance = 0.05
  /** The greatest distance of finely sampled curve points from the chords. */
  const strays = (line: readonly number[], at: (t: number) => Point): number => {
    let worst = 0
    for (let t = 0; t <= 1; t += 0.002) {
      const [x, y] = at(t)
      let nearest = Infinity
      for (let k = 2; k < line.length; k += 2) {
        const [ax, ay, bx, by] = [line[k - 2]!, line[k - 1]!, line[k]!, line[k + 1]!]
        const square = (bx - ax) ** 2 + (by - ay) ** 2
        const s = square === 0 ? 0 : Math.min(1, Math.max(0, ((x - ax) * (bx - ax) + (y - ay) * (by - ay)) / square))
        nearest = Math.min(nearest, Math.hypot(x - ax - s * (bx - ax), y - ay - s * (by - ay)))
      }
      worst = Math.max(worst, nearest)
    }
    return worst
  }
  const point = fc.tuple(fc.double({ min: -80, max: 80, noNaN: true }), fc.double({ min: -80, max: 80, noNaN: true }))

  it('stay within the tolerance of cubic and quadratic Bézier curves', () => {
    fc.assert(
      fc.property(point, point, point, point, (a, b, c, d) => {
        const cubic = [...a]
        appendCubic(cubic, a, b, c, d, tolerance)
        const at = (t: number): Point => {
          const u = 1 - t
          const mix = (i: 0 | 1) => u ** 3 * a[i] + 3 * u * u * t * b[i] + 3 * u * t * t * c[i] + t ** 3 * d[i]
          return [mix(0), mix(1)]
        }
        expect(strays(cubic, at)).toBeLessThanOrEqual(tolerance + 1e-9)
        const quadratic = [...a]
        appendQuadratic(quadratic, a, b, c, tolerance)
        const second = (t: number): Point => {
          const mix = (i: 0 | 1) => (1 - t) ** 2 * a[i] + 2 * (1 - t) * t * b[i] + t * t * c[i]
          return [mix(0), mix(1)]
        }
        expect(strays(quadratic, second)).toBeLessThanOrEqual(tolerance + 1e-9)
      }),
      { numRuns: 25 },
    )
  })

  it('stay within the tolerance of arcs', () => {
    const arc = arcLine([3, 4], 40, 0.3, -2.5, tolerance)
    const at = (t: number): Point => [3 + 40 * Math.cos(0.3 - 2.5 * t), 4 + 40 * Math.sin(0.3 - 2.5 * t)]
    expect(strays(arc, at)).toBeLessThanOrEqual(tolerance + 1e-9)
  })
})

describe('loose lines', () => {
  it('are joined into the closed shape they draw, whatever their order and direction', () => {
    const square = [
      [0, 0, 10, 0],
      [10, 10, 10, 0],
      [10, 10, 0, 10],
      [0, 0.004, 0, 10],
    ]
    fc.assert(
      fc.property(fc.shuffledSubarray(square, { minLength: 4 }), (lines) => {
        const joined = joinLines(lines, 0.01)
        expect(joined).toHaveLength(1)
        expect(isClosed(joined[0]!)).toBe(true)
        expect(Math.abs(signedAreaOf(joined[0]!))).toBeCloseTo(100, 0)
      }),
    )
  })

  it('that do not meet stay apart', () => {
    expect(
      joinLines(
        [
          [0, 0, 1, 0],
          [1.1, 0, 2, 0],
        ],
        0.01,
      ),
    ).toHaveLength(2)
  })
})

describe('shapes inside shapes', () => {
  const ring = [circleAt(0, 0, 20, 0.01), circleAt(0, 0, 10, 0.01), circleAt(0, 0, 4, 0.01), circleAt(40, 0, 5, 0.01)]

  it('know how deep they lie', () => {
    expect(depthsOf(ring)).toEqual([0, 1, 2, 0])
    expect(contains(ring[1]!, 9, 0)).toBe(true)
    expect(contains(ring[1]!, 11, 0)).toBe(false)
  })

  it('know the narrowest bridge between them', () => {
    expect(leastClearance(ring, 10)).toBeCloseTo(6, 1)
    expect(leastClearance([ring[0]!], 10)).toBeUndefined()
    expect(
      leastClearance(
        [
          [0, 0, 10, 0],
          [3, 0.7, 3, 9],
        ],
        10,
      ),
    ).toBeCloseTo(0.7, 9)
  })
})

describe('moves', () => {
  it('turn from +x towards +y', () => {
    expect(transformed([1, 0], rotation(90)).map((value) => Number(value.toFixed(12)))).toEqual([0, 1])
  })

  it('chain right to left', () => {
    const both = after(translation(10, 0), rotation(90))
    expect(transformed([1, 0], both).map((value) => Number(value.toFixed(12)))).toEqual([10, 1])
  })

  it('keep lengths when they only turn and shift', () => {
    fc.assert(
      fc.property(polyline, fc.double({ min: -360, max: 360, noNaN: true }), (line, degrees) => {
        const moved = transformed(line, after(translation(5, -7), rotation(degrees)))
        expect(lengthOf(moved)).toBeCloseTo(lengthOf(line), 6)
      }),
    )
  })
})
