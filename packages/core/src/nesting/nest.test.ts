import Flatten from '@flatten-js/core'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { after, rotation, transformed, translation } from '../geometry/affine.js'
import { boxAround, middleOf } from '../geometry/box.js'
import { rectangle } from '../geometry/rectangle.js'
import { closedLoop, signedAreaOf } from '../geometry/polyline.js'
import { seededRandom } from '../numerics/random.js'
import { nestCase, nestOutlines, tornOffcut } from '../testing/nest-cases.js'
import { BitMap } from './bit-map.js'
import { largestRectangleLeft } from './free-rectangle.js'
import { type Nest, nest, nestFor, type NestWanted } from './nest.js'
import type { PlacedPiece } from './placed-piece.js'

/** What is found in so many tries. */
const triesOf = (wanted: NestWanted, tries: number): { first: Nest; last: Nest } => {
  let first: Nest | undefined
  let last: Nest | undefined
  let done = 0
  for (const found of nest(wanted)) {
    first ??= found
    last = found
    if (++done === tries) break
  }
  return { first: first!, last: last! }
}

const pointsOf = (loop: readonly number[]): [number, number][] =>
  Array.from({ length: loop.length / 2 - 1 }, (_, at) => [loop[2 * at]!, loop[2 * at + 1]!])

/** A piece where it lies, by the file's own words: turned about the middle of its unturned box, which is put at x, y. */
const laid = ({ pieces }: NestWanted, { piece, xMm, yMm, rotationDeg }: PlacedPiece): number[] => {
  const outline = closedLoop(pieces[piece]!.outline)
  const [x, y] = middleOf(boxAround([outline])!)
  return transformed(outline, after(after(translation(xMm, yMm), rotation(rotationDeg)), translation(-x, -y)))
}

/** Whether two boxes come within so much of one another. */
const near = (one: Flatten.Box, other: Flatten.Box, mm: number): boolean =>
  one.xmin - mm < other.xmax && other.xmin - mm < one.xmax && one.ymin - mm < other.ymax && other.ymin - mm < one.ymax

/** Whatever a second geometry library finds wrong: pieces too near one another, off the sheet, or too near its edges. */
const wrongIn = (wanted: NestWanted, { placed }: Nest): string[] => {
  const polygons = placed.map((piece) => new Flatten.Polygon(pointsOf(laid(wanted, piece)) as never))
  const loops = [wanted.sheet.outline, ...wanted.sheet.holes].map(closedLoop)
  const rims = loops.map((loop) => new Flatten.Polygon(pointsOf(loop) as never))
  const wrong: string[] = []
  const slack = 1e-4
  polygons.forEach((polygon, at) => {
    const corner = polygon.vertices[0]!
    if (!rims[0]!.contains(corner)) wrong.push(`${at} is off the sheet`)
    if (rims.slice(1).some((hole) => hole.contains(corner))) wrong.push(`${at} is in a hole`)
    for (const rim of rims)
      for (const edge of [...rim.edges] as Flatten.Edge[])
        if (
          near(polygon.box, edge.box, wanted.edgeMm) &&
          polygon.distanceTo(edge.shape as Flatten.Segment)[0] < wanted.edgeMm - slack
        )
          wrong.push(`${at} is near an edge`)
    polygons.slice(at + 1).forEach((other, more) => {
      if (!near(polygon.box, other.box, wanted.gapMm)) return
      const apart = polygon.distanceTo(other)[0]
      if (apart < wanted.gapMm - slack || polygon.contains(other.vertices[0]!))
        wrong.push(`${at} is near ${at + 1 + more}`)
    })
  })
  return wrong
}

describe('pieces on a torn offcut', () => {
  it.each([1, 2, 3, 4, 5, 6])(
    'lie on it, clear of its edges and of one another, and take no less than rows of boxes (%d)',
    (seed) => {
      const wanted = nestCase(seededRandom(seed), seed)
      const { first, last } = triesOf(wanted, 60)
      expect(wrongIn(wanted, first)).toEqual([])
      expect(wrongIn(wanted, last)).toEqual([])
      expect(last.usedShare).toBeGreaterThanOrEqual(first.usedShare)
      const sheetMm2 = [wanted.sheet.outline, ...wanted.sheet.holes]
        .map((loop) => Math.abs(signedAreaOf(closedLoop(loop))))
        .reduce((outer, hole) => outer - hole)
      const pieceMm2 = Math.abs(signedAreaOf(closedLoop(wanted.pieces[0]!.outline)))
      expect(last.usedShare).toBeCloseTo((last.placed.length * pieceMm2) / sheetMm2, 4)
    },
  )

  it('of several kinds, each as many as wanted and no more, those with a grain turned end for end at most', () => {
    const wanted: NestWanted = {
      sheet: tornOffcut(seededRandom(8)),
      pieces: [
        { outline: nestOutlines['heart']!(14), count: 3, turns: 'half' },
        { outline: nestOutlines['star']!(12), count: 4, turns: 'none' },
        { outline: nestOutlines['leaf']!(10), count: 2, turns: 'any' },
      ],
      gapMm: 1.5,
      edgeMm: 3,
      seed: 8,
    }
    const { last } = triesOf(wanted, 80)
    expect(wrongIn(wanted, last)).toEqual([])
    wanted.pieces.forEach(({ count }, at) => {
      const laidOf = last.placed.filter(({ piece }) => piece === at)
      expect(laidOf.length + last.leftOutCounts[at]!).toBe(count)
    })
    expect(last.leftOutCounts).toEqual([0, 0, 0])
    const turnsOf = (piece: number) =>
      last.placed.filter((each) => each.piece === piece).map((each) => each.rotationDeg)
    expect(turnsOf(0).every((turn) => turn % 180 === 0)).toBe(true)
    expect(turnsOf(1).every((turn) => turn === 0)).toBe(true)
  })

  it('gets no worse from try to try, and the same seed lays them alike', () => {
    const wanted = nestCase(seededRandom(11), 11)
    let best = 0
    let tries = 0
    for (const { usedShare } of nest(wanted)) {
      expect(usedShare).toBeGreaterThanOrEqual(best - 1e-12)
      best = usedShare
      if (++tries === 40) break
    }
    expect(triesOf(wanted, 30).last).toEqual(triesOf(wanted, 30).last)
  })

  it('come out alike however fast the machine is, as steps end the search; and it is told where a clock had to', () => {
    const wanted = nestCase(seededRandom(5), 5)
    const clock = (msALook: number) => {
      let at = 0
      return () => (at += msALook)
    }
    const limits = { steps: 200, ms: 10_000 }
    const quick = nestFor(wanted, limits, clock(0.01))
    expect(quick.endedBy).toBe('steps')
    expect(nestFor(wanted, limits, clock(5))).toEqual(quick)
    expect(nestFor(wanted, limits, clock(2000)).endedBy).toBe('clock')
    expect(nestFor({ ...wanted, pieces: [{ ...wanted.pieces[0]!, count: 1 }] }, limits, clock(0), 'fits').endedBy).toBe(
      'looked',
    )
  })
})

describe('rectangles on a rectangle', () => {
  it('are laid as exactly as they fit: 3 × 2 of 48 × 38 with 2 between and 2 round on 152 × 82', () => {
    const wanted: NestWanted = {
      sheet: { outline: rectangle({ fromX: 0, fromY: 0, toX: 152, toY: 82 }), holes: [] },
      pieces: [{ outline: rectangle({ fromX: 0, fromY: 0, toX: 48, toY: 38 }), count: 9, turns: 'none' }],
      gapMm: 2,
      edgeMm: 2,
      seed: 1,
    }
    const { last } = triesOf(wanted, 20)
    expect(last.placed).toHaveLength(6)
    expect(last.leftOutCounts).toEqual([3])
    expect(wrongIn(wanted, last)).toEqual([])
  })

  it('find the hole that a bigger piece leaves in its middle', () => {
    const ring = rectangle({ fromX: 0, fromY: 0, toX: 100, toY: 100 })
    const hole = rectangle({ fromX: 30, fromY: 30, toX: 70, toY: 70 })
    const wanted: NestWanted = {
      sheet: { outline: ring, holes: [hole] },
      pieces: [{ outline: rectangle({ fromX: 0, fromY: 0, toX: 35, toY: 20 }), count: 50, turns: 'any' }],
      gapMm: 2,
      edgeMm: 2,
      seed: 1,
    }
    const { last } = triesOf(wanted, 60)
    expect(wrongIn(wanted, last)).toEqual([])
    // The rim is 30 wide: a piece of 20 fits all round it, two and some on each side.
    expect(last.placed.length).toBeGreaterThanOrEqual(8)
  })

  it('with every piece in its place, leave the largest rectangle they can, and the search ends', () => {
    const wanted: NestWanted = {
      sheet: { outline: rectangle({ fromX: 0, fromY: 0, toX: 200, toY: 120 }), holes: [] },
      pieces: [{ outline: nestOutlines['heart']!(20), count: 2, turns: 'any' }],
      gapMm: 2,
      edgeMm: 2,
      seed: 3,
    }
    const last = [...nest(wanted)].at(-1)!
    expect(last.leftOutCounts).toEqual([0])
    expect(wrongIn(wanted, last)).toEqual([])
    const rest = largestRectangleLeft(
      [wanted.sheet.outline],
      last.placed.map((piece) => laid(wanted, piece)),
    )
    // Both beside one another along a short side: what is left is at least 200 less the height of one, times 120.
    expect(rest).toBeGreaterThan((200 - 46) * 118)
  })

  it('know the sheet’s area whichever way its holes were drawn', () => {
    const hole = (at: number) => rectangle({ fromX: at, fromY: 40, toX: at + 10, toY: 50 })
    const backwards = [70, 40, 70, 50, 80, 50, 80, 40, 70, 40]
    const wanted: NestWanted = {
      sheet: { outline: rectangle({ fromX: 0, fromY: 0, toX: 100, toY: 60 }), holes: [hole(10), backwards] },
      pieces: [{ outline: rectangle({ fromX: 0, fromY: 0, toX: 20, toY: 20 }), count: 1, turns: 'none' }],
      gapMm: 2,
      edgeMm: 2,
      seed: 1,
    }
    expect(triesOf(wanted, 3).last.usedShare).toBeCloseTo(400 / (6000 - 200), 9)
  })

  it.each([
    ['cross the edge', [[80, 0, 120, 100]], 80 * 100],
    ['lie off the sheet', [[120, 20, 150, 60]], 10_000],
    [
      'are there twice',
      [
        [20, 20, 60, 60],
        [20, 20, 60, 60],
      ],
      10_000 - 1600,
    ],
    [
      'overlap',
      [
        [20, 20, 60, 60],
        [40, 40, 80, 80],
      ],
      10_000 - 3200 + 400,
    ],
    [
      'lie in one another',
      [
        [20, 20, 80, 80],
        [40, 40, 60, 60],
      ],
      10_000 - 3600,
    ],
    ['part the sheet', [[45, -5, 55, 105]], 9000],
  ] as const)('lie on no hole where holes %s, and their share is of what is left', (_, boxes, roomMm2) => {
    const wanted: NestWanted = {
      sheet: {
        outline: rectangle({ fromX: 0, fromY: 0, toX: 100, toY: 100 }),
        holes: boxes.map(([fromX, fromY, toX, toY]) => rectangle({ fromX, fromY, toX, toY })),
      },
      pieces: [{ outline: rectangle({ fromX: 0, fromY: 0, toX: 9, toY: 9 }), count: 200, turns: 'any' }],
      gapMm: 1,
      edgeMm: 1,
      seed: 1,
    }
    const { first, last } = triesOf(wanted, 12)
    for (const found of [first, last]) {
      expect(wrongIn(wanted, found)).toEqual([])
      expect(found.usedShare).toBeCloseTo((found.placed.length * 81) / roomMm2, 4)
    }
    expect(last.placed.length).toBeGreaterThan(20)
  })

  it('are none where the holes leave nothing, and their share is nothing', () => {
    const sheet = rectangle({ fromX: 0, fromY: 0, toX: 50, toY: 50 })
    const half = (fromX: number) => rectangle({ fromX, fromY: -5, toX: fromX + 30, toY: 55 })
    const wanted: NestWanted = {
      sheet: { outline: sheet, holes: [half(-5), half(22)] },
      pieces: [{ outline: rectangle({ fromX: 0, fromY: 0, toX: 2, toY: 2 }), count: 3, turns: 'any' }],
      gapMm: 0,
      edgeMm: 0,
      seed: 1,
    }
    expect([...nest(wanted)]).toEqual([{ placed: [], usedShare: 0, leftOutCounts: [3], steps: 0 }])
  })

  it('find none where none fits, and the search ends', () => {
    const wanted: NestWanted = {
      sheet: { outline: rectangle({ fromX: 0, fromY: 0, toX: 30, toY: 30 }), holes: [] },
      pieces: [{ outline: rectangle({ fromX: 0, fromY: 0, toX: 40, toY: 10 }), count: 1, turns: 'none' }],
      gapMm: 2,
      edgeMm: 2,
      seed: 1,
    }
    const all = [...nest(wanted)]
    expect(all.at(-1)).toMatchObject({ placed: [], usedShare: 0, leftOutCounts: [1] })
  })
})

it('a map of bits clears under another exactly where that one is set', () => {
  fc.assert(
    fc.property(
      fc.array(fc.tuple(fc.nat(69), fc.nat(9)), { maxLength: 40 }),
      fc.integer({ min: -80, max: 80 }),
      fc.integer({ min: -12, max: 12 }),
      (points, dx, dy) => {
        const over = new BitMap(70, 10)
        for (const [x, y] of points) over.setSpan(y, x, x)
        const under = new BitMap(70, 10)
        for (let y = 0; y < 10; y++) under.setSpan(y, 0, 69)
        under.clearUnder(over, dx, dy)
        for (let y = 0; y < 10; y++)
          for (let x = 0; x < 70; x++)
            expect(under.has(x, y)).toBe(!points.some(([px, py]) => px + dx === x && py + dy === y))
      },
    ),
    { numRuns: 40 },
  )
})

it('the largest rectangle left beside a corner piece is the better of the two beside it', () => {
  const sheet = rectangle({ fromX: 0, fromY: 0, toX: 120, toY: 60 })
  const corner = rectangle({ fromX: 0, fromY: 0, toX: 30, toY: 40 })
  expect(largestRectangleLeft([sheet], [corner])).toBeCloseTo(90 * 60, -2)
  expect(largestRectangleLeft([sheet], [])).toBeCloseTo(120 * 60, -2)
})
