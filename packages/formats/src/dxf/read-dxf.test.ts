import { boxAround, isClosed, lengthOf, measureOutline } from '@bold-heron/core'
import { describe, expect, it } from 'vitest'
import { readDxf } from './read-dxf.js'
import { writeDxf } from './write-dxf.js'

type Pair = readonly [code: number, value: string | number]

const text = (pairs: readonly Pair[]) =>
  pairs.map(([code, value]) => `${String(code).padStart(3)}\n${value}`).join('\n')

/** A drawing in the given unit (4 is mm) with these entities. */
const dxf = (entities: readonly Pair[], unit: number | null = 4, blocks: readonly Pair[] = []) =>
  text([
    [0, 'SECTION'],
    [2, 'HEADER'],
    [9, '$ACADVER'],
    [1, 'AC1009'],
    ...(unit === null
      ? []
      : ([
          [9, '$INSUNITS'],
          [70, unit],
        ] as const)),
    [0, 'ENDSEC'],
    ...(blocks.length > 0 ? ([[0, 'SECTION'], [2, 'BLOCKS'], ...blocks, [0, 'ENDSEC']] as const) : []),
    [0, 'SECTION'],
    [2, 'ENTITIES'],
    ...entities,
    [0, 'ENDSEC'],
    [0, 'EOF'],
  ]) + '\n'

const line = (x1: number, y1: number, x2: number, y2: number): Pair[] => [
  [0, 'LINE'],
  [8, '0'],
  [10, x1],
  [20, y1],
  [11, x2],
  [21, y2],
]
const circle = (x: number, y: number, r: number): Pair[] => [
  [0, 'CIRCLE'],
  [8, '0'],
  [10, x],
  [20, y],
  [40, r],
]

const linesOf = (file: string) => {
  const read = readDxf(file)
  if (!read.ok) throw new Error(`${read.fault.code} ${read.fault.path} ${read.fault.value}`)
  return read.value.lines
}
const faultOf = (file: string): string => {
  const read = readDxf(file)
  return read.ok ? 'taken' : read.fault.code
}
const totalOf = (file: string) => linesOf(file).reduce((sum, each) => sum + lengthOf(each), 0)

describe('entities', () => {
  it('lines are joined into the shape they draw', () => {
    const lines = linesOf(dxf([...line(0, 0, 30, 0), ...line(30, 40, 30, 0), ...line(30, 40, 0, 0)]))
    expect(lines).toHaveLength(1)
    expect(isClosed(lines[0]!)).toBe(true)
    expect(lengthOf(lines[0]!)).toBeCloseTo(120, 9)
  })

  it('a circle is closed and as long as it must be', () => {
    const [only] = linesOf(dxf(circle(50, 50, 35)))
    expect(isClosed(only!)).toBe(true)
    expect(lengthOf(only!) / (2 * Math.PI * 35)).toBeCloseTo(1, 3)
  })

  it('an arc runs counter-clockwise from its first angle to its second, over zero too', () => {
    const arc: Pair[] = [
      [0, 'ARC'],
      [8, '0'],
      [10, 0],
      [20, 0],
      [40, 10],
      [50, 315],
      [51, 45],
    ]
    expect(totalOf(dxf(arc)) / (10 * (Math.PI / 2))).toBeCloseTo(1, 2)
    const box = boxAround(linesOf(dxf(arc)))!
    expect(box.toX).toBeCloseTo(10, 2)
    expect(box.fromX).toBeCloseTo(10 * Math.SQRT1_2, 6)
  })

  it('a bulge of one is a half circle to the right of nothing: it bends left of the way', () => {
    const polyline: Pair[] = [
      [0, 'LWPOLYLINE'],
      [8, '0'],
      [90, 2],
      [70, 0],
      [10, 0],
      [20, 0],
      [42, 1],
      [10, 20],
      [20, 0],
    ]
    expect(totalOf(dxf(polyline)) / (Math.PI * 10)).toBeCloseTo(1, 2)
    // Going along +x with a positive bulge turns counter-clockwise, so the arc hangs below.
    expect(boxAround(linesOf(dxf(polyline)))!.fromY).toBeCloseTo(-10, 1)
  })

  it('an old polyline with vertices of its own closes', () => {
    const vertex = (x: number, y: number): Pair[] => [
      [0, 'VERTEX'],
      [8, '0'],
      [10, x],
      [20, y],
    ]
    const polyline: Pair[] = [
      [0, 'POLYLINE'],
      [8, '0'],
      [66, 1],
      [70, 1],
      ...vertex(0, 0),
      ...vertex(10, 0),
      ...vertex(10, 10),
      [0, 'SEQEND'],
    ]
    const [only] = linesOf(dxf(polyline))
    expect(isClosed(only!)).toBe(true)
    expect(lengthOf(only!)).toBeCloseTo(20 + Math.SQRT2 * 10, 9)
  })

  it('a clamped cubic spline of one span is the Bézier curve of its points', () => {
    const spline: Pair[] = [
      [0, 'SPLINE'],
      [8, '0'],
      [70, 8],
      [71, 3],
      [72, 8],
      [73, 4],
      ...[0, 0, 0, 0, 1, 1, 1, 1].map((knot): Pair => [40, knot]),
      [10, 0],
      [20, 0],
      [10, 10],
      [20, 30],
      [10, 50],
      [20, 30],
      [10, 60],
      [20, 0],
    ]
    const [only] = linesOf(dxf(spline))
    // The middle of a Bézier curve is (p0 + 3p1 + 3p2 + p3)/8.
    const half = only!.length / 4
    const middle = [only![2 * Math.floor(half)], only![2 * Math.floor(half) + 1]]
    expect(middle[1]).toBeCloseTo((3 * 30 + 3 * 30) / 8, 0)
    expect(only!.slice(-2)).toEqual([60, 0])
  })

  it('blocks are drawn where they are inserted', () => {
    const block: Pair[] = [
      [0, 'BLOCK'],
      [8, '0'],
      [2, 'B'],
      [70, 0],
      [10, 0],
      [20, 0],
      ...line(0, 0, 10, 0),
      [0, 'ENDBLK'],
    ]
    const insert: Pair[] = [
      [0, 'INSERT'],
      [8, '0'],
      [2, 'B'],
      [10, 5],
      [20, 7],
      [41, 2],
      [42, 2],
      [50, 90],
    ]
    expect(boxAround(linesOf(dxf(insert, 4, block)))).toMatchObject({ fromY: 7, toY: 27 })
  })
})

describe('units', () => {
  it.each([
    [4, 10],
    [1, 254],
    [5, 100],
  ])('unit %i makes ten drawing units %f mm', (unit, mm) => {
    expect(totalOf(dxf(line(0, 0, 10, 0), unit))).toBeCloseTo(mm, 9)
  })

  it('without a unit millimetres are assumed, and it is said', () => {
    const read = readDxf(dxf(line(0, 0, 10, 0), null))
    expect(read.ok && read.value.notes).toEqual(['units-assumed'])
    expect(faultOf(dxf(line(0, 0, 10, 0), 17))).toBe('units-unknown')
  })
})

describe('a hostile or broken file', () => {
  const selfBlock: Pair[] = [
    [0, 'BLOCK'],
    [8, '0'],
    [2, 'B'],
    [70, 0],
    [10, 0],
    [20, 0],
    [0, 'INSERT'],
    [8, '0'],
    [2, 'B'],
    [10, 0],
    [20, 0],
    [0, 'ENDBLK'],
  ]
  const insertSelf: Pair[] = [
    [0, 'INSERT'],
    [8, '0'],
    [2, 'B'],
    [10, 0],
    [20, 0],
  ]
  it.each([
    ['nothing', '', 'file-empty'],
    ['binary', 'AutoCAD Binary DXF\r\n\u001a\u0000', 'dxf-binary'],
    ['something else', 'hello there', 'not-dxf'],
    ['a zip', 'PK\u0003\u0004rest', 'file-packed'],
    ['cut off in the middle', dxf(line(0, 0, 10, 0)).slice(0, -40), 'dxf-broken'],
    [
      'numbers that are none',
      dxf([
        [0, 'LINE'],
        [8, '0'],
        [10, 'NaN'],
        [20, 0],
        [11, 5],
        [21, 5],
      ]),
      'number-broken',
    ],
    ['a huge radius', dxf(circle(0, 0, 1e12)), 'coordinates-unreasonable'],
    ['a block inside itself', dxf(insertSelf, 4, selfBlock), 'too-deep'],
    [
      'a broken spline',
      dxf([
        [0, 'SPLINE'],
        [8, '0'],
        [71, 3],
        [10, 0],
        [20, 0],
      ]),
      'dxf-broken',
    ],
    ['no lines', dxf([]), 'no-lines'],
    [
      'a count of two thousand million vertices',
      dxf([
        [0, 'LWPOLYLINE'],
        [8, '0'],
        [90, 2_000_000_000],
        [10, 0],
        [20, 0],
      ]),
      'too-many-points',
    ],
    [
      'a polyline that is never ended',
      dxf([[0, 'POLYLINE'], [8, '0'], [0, 'VERTEX'], [10, 0], [20, 0], ...line(0, 0, 5, 5)]),
      'dxf-broken',
    ],
    ['two million empty lines', `0${'\n'.repeat(2_000_000)}X`, 'not-dxf'],
    [
      'too many entities',
      dxf(Array.from({ length: 60_000 }, (_, at) => line(at % 50, 0, at % 50, 9)).flat()),
      'too-many-elements',
    ],
  ])('%s is refused with its reason', (_, file, code) => {
    expect(faultOf(file)).toBe(code)
  })
})

describe('a drawing written', () => {
  it('reads back with the same measures', () => {
    const lines = linesOf(dxf([...circle(50, 50, 35), ...circle(50, 50, 20), ...line(45, 50, 55, 50)]))
    const [before, after] = [measureOutline(lines)!, measureOutline(linesOf(writeDxf(lines)))!]
    expect(after.lineMm).toBeCloseTo(before.lineMm, 6)
    expect(after.openings).toBe(1)
    expect(after.lengthMm).toBeCloseTo(before.lengthMm, 6)
  })
})
