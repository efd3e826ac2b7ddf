import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { leastClearance } from './clearance.js'
import { joinLines } from './join.js'
import { contains, depthsOf } from './nesting-depth.js'
import { isClosed, type Polyline } from './polyline.js'

const mm = fc.integer({ min: 0, max: 4000 }).map((value) => value / 40)
const line = fc.array(fc.tuple(mm, mm), { minLength: 2, maxLength: 6 }).map((points) => points.flat())

/** The slow, obvious twins. */
const slowClearance = (lines: readonly Polyline[]): number => {
  let least = Infinity
  for (const one of lines)
    for (let point = 0; point < one.length; point += 2)
      for (const other of lines)
        if (other !== one)
          for (let at = 2; at < other.length; at += 2) {
            const [ax, ay, bx, by] = [other[at - 2]!, other[at - 1]!, other[at]!, other[at + 1]!]
            const [dx, dy] = [bx - ax, by - ay]
            const along = ((one[point]! - ax) * dx + (one[point + 1]! - ay) * dy) / (dx * dx + dy * dy || 1)
            const t = Math.min(1, Math.max(0, along))
            least = Math.min(least, Math.hypot(one[point]! - ax - t * dx, one[point + 1]! - ay - t * dy))
          }
  return least
}
const slowDepths = (loops: readonly Polyline[]): number[] =>
  loops.map((loop) => loops.filter((other) => other !== loop && contains(other, loop[0]!, loop[1]!)).length)

const squareAt = (x: number, y: number, side: number): number[] => [
  x,
  y,
  x + side,
  y,
  x + side,
  y + side,
  x,
  y + side,
  x,
  y,
]

describe('the least clearance', () => {
  it.each([0.5, 3, 10, 200])('is what every point against every piece finds, within %d mm', (within) => {
    fc.assert(
      fc.property(fc.array(line, { minLength: 2, maxLength: 8 }), (lines) => {
        const slow = slowClearance(lines)
        const found = leastClearance(lines, within)
        if (slow >= within) expect(found).toBeUndefined()
        else if (slow < 0.001) expect(found).toBeLessThan(0.001)
        else expect(found).toBeCloseTo(slow, 9)
      }),
    )
  })

  it('is found among twenty thousand squares, and in one line of two hundred thousand points there is none', () => {
    const squares = Array.from({ length: 20_000 }, (_, at) =>
      squareAt((at % 141) * 0.7, Math.floor(at / 141) * 0.7, 0.4),
    )
    expect(leastClearance(squares, 10)).toBeCloseTo(0.3, 9)
    expect(leastClearance([Array.from({ length: 400_000 }, (_, at) => Math.sin(at))], 10)).toBeUndefined()
  })
})

describe('the depth of loops in one another', () => {
  it('is what every loop against every other finds', () => {
    const loop = fc.tuple(
      fc.integer({ min: 0, max: 30 }),
      fc.integer({ min: 0, max: 30 }),
      fc.integer({ min: 1, max: 12 }),
    )
    fc.assert(
      fc.property(fc.array(loop, { maxLength: 12 }), (boxes) => {
        // Squares of one middle lie in one another without touching; others are kept apart by their own row.
        const loops = boxes.map(([x, y, side], at) =>
          squareAt(x * 100 - side - at / 100, y * 100 - side, 2 * side + at / 50),
        )
        const separate = loops.filter((own, at) => loops.every((other, i) => i === at || !crosses(own, other)))
        expect(depthsOf(separate)).toEqual(slowDepths(separate))
      }),
    )
  })

  it('is told for twenty thousand loops', () => {
    const squares = Array.from({ length: 20_000 }, (_, at) => squareAt(at % 200, Math.floor(at / 200), 0.5))
    expect(depthsOf([...squares, squareAt(-1, -1, 300)]).filter((depth) => depth === 1)).toHaveLength(20_000)
  })
})

/** Whether two squares neither lie apart nor one in the other. */
const crosses = (one: Polyline, other: Polyline): boolean => {
  const [a, b] = [one, other].map((each) => ({ x: each[0]!, y: each[1]!, to: each[2]!, down: each[5]! })) as [Box, Box]
  const apart = a.to < b.x || b.to < a.x || a.down < b.y || b.down < a.y
  const inside = (p: Box, q: Box) => p.x > q.x && p.to < q.to && p.y > q.y && p.down < q.down
  return !apart && !inside(a, b) && !inside(b, a)
}
interface Box {
  readonly x: number
  readonly y: number
  readonly to: number
  readonly down: number
}

describe('joining', () => {
  it('forty-nine thousand equal segments end to end makes one line of them all', () => {
    const joined = joinLines(
      Array.from({ length: 49_000 }, () => [0, 0, 10, 10]),
      0.01,
    )
    expect(joined.map((each) => [each.length / 2, isClosed(each)])).toEqual([[49_001, true]])
  })
})
