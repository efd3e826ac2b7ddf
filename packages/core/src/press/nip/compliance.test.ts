import { Matrix, solve } from 'ml-matrix'
import { describe, expect, it } from 'vitest'
import { seededRandom } from '../../numerics/random.js'
import { smallPress, stiffPress } from '../../testing/shapes.js'
import { type RollerFrame, secondMoment } from '../mechanics.js'
import { Compliance, sumAgainst } from './compliance.js'

const rigidFrame = (more: Partial<RollerFrame> = {}): RollerFrame => ({
  ...smallPress,
  frameStiffnessNPerMm: Infinity,
  ...more,
})
const grid = { xMm: 0.5, yMm: 1 }

const partingUnder = (press: RollerFrame, load: (row: number) => number): Float64Array => {
  const rows = Math.round(press.throatMm / grid.yMm)
  const compliance = new Compliance(press, rows, grid)
  const parting = new Float64Array(rows)
  compliance.partUnder(
    Float64Array.from({ length: rows }, (_, row) => load(row)),
    0,
    rows - 1,
    parting,
  )
  return parting
}

describe('rollers against the closed forms of strength-of-materials handbooks', () => {
  const L = 200
  const press = rigidFrame({ throatMm: L, bearingSpanMm: L })
  const EI = press.rollerModulusMPa * secondMoment(press.rollerDiameterMm)

  it('a uniform load bends each by 5qL⁴/(384EI) in the middle', () => {
    const parting = partingUnder(press, () => 2)
    expect(parting[L / 2]! / (2 * ((5 * 2 * L ** 4) / (384 * EI)))).toBeCloseTo(1, 3)
  })

  it('a central load bends each by PL³/(48EI)', () => {
    // One row of a millimetre, half a millimetre off the very middle.
    const parting = partingUnder(press, (row) => (row === L / 2 ? 1000 : 0))
    expect(parting[L / 2]! / (2 * ((1000 * L ** 3) / (48 * EI)))).toBeCloseTo(1, 2)
  })

  it('a load at a quarter of the span bends it there by Pa²b²/(3EIL)', () => {
    const parting = partingUnder(press, (row) => (row === L / 4 ? 1000 : 0))
    const [a, b] = [L / 4 + 0.5, (3 * L) / 4 - 0.5]
    expect(parting[L / 4]! / (2 * ((1000 * a ** 2 * b ** 2) / (3 * EI * L)))).toBeCloseTo(1, 2)
  })

  it('a face narrower than the span is centred in it', () => {
    const narrow = partingUnder(rigidFrame(), () => 1)
    narrow.forEach((mm, row) => expect(mm).toBeCloseTo(narrow[narrow.length - 1 - row]!, 9))
  })
})

describe('the frame', () => {
  it('parts all rows alike by force over stiffness', () => {
    const press = { ...smallPress, rollerModulusMPa: Infinity }
    const parting = partingUnder(press, (row) => (row < 30 ? 4 : 0))
    for (const mm of parting) expect(mm).toBeCloseTo((30 * 4) / 8000, 12)
  })

  it('does not part at all where nothing gives', () => {
    for (const mm of partingUnder(stiffPress, () => 100)) expect(mm).toBe(0)
  })
})

describe('the shared part of a Newton step', () => {
  it('is that of a dense system solved by a general library', () => {
    const random = seededRandom(11)
    const rows = 55
    const compliance = new Compliance(smallPress, rows, { xMm: 0.5, yMm: 3 })
    for (let round = 0; round < 20; round++) {
      const [first, last] = round % 2 === 0 ? [0, rows - 1] : [7, 31]
      const share = Float64Array.from({ length: rows }, () => (random() < 0.3 ? 0 : 60 * random()))
      const residual = Float64Array.from({ length: rows }, () => random() - 0.5)
      const weighted = share.map((value, row) => value * residual[row]!)
      const shared = new Float64Array(rows)
      compliance.shareStep(share, weighted, first, last, shared)

      const size = last - first + 1
      const dense = Matrix.eye(size)
      const unit = new Float64Array(rows)
      const column = new Float64Array(rows)
      for (let at = 0; at < size; at++) {
        unit.fill(0)
        unit[first + at] = 1
        compliance.partUnder(unit, first, last, column)
        for (let row = 0; row < size; row++)
          dense.set(row, at, dense.get(row, at) + column[first + row]! * share[first + at]!)
      }
      const right = Matrix.columnVector(Array.from(residual.subarray(first, last + 1)))
      const step = solve(dense, right).to1DArray()
      // step = residual − shared, for a diagonal of ones; the shapes that a step leaves out move it by next to nothing.
      step.forEach((mm, at) => expect(Math.abs(residual[first + at]! - shared[first + at]! - mm)).toBeLessThan(0.001))
    }
  })
})

describe('sums of lines of a table', () => {
  const table = Float64Array.of(1, 2, 3, 10, 20, 30)
  const values = Float64Array.of(1, 1, 2)

  it('are each line times the values, over the rows asked for', () => {
    const into = new Float64Array(2)
    sumAgainst(table, 2, 3, values, 0, 2, into)
    expect([...into]).toEqual([9, 90])
    sumAgainst(table, 2, 3, values, 1, 1, into)
    expect([...into]).toEqual([2, 20])
  })

  it('are refused for an odd number of lines, whose last one would be summed with what is none', () => {
    expect(() => sumAgainst(table, 1, 3, values, 0, 2, new Float64Array(2))).toThrow('odd')
  })
})
