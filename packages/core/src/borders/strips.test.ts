import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { areaOf } from '../geometry/polygons.js'
import { sizeOf } from '../geometry/box.js'
import { leftBesideStrips, waysToCutStrips } from './strips.js'

const a4 = { lengthMm: 297, widthMm: 210 }

describe('strips of a sheet', () => {
  it('lie along the fibres first, though the other way gives more', () => {
    const ways = waysToCutStrips({ ...a4, grain: 'along-width' }, { lengthMm: 200, widthMm: 60 })
    expect(ways).toEqual([
      { along: 'width', withGrain: true, strips: 4 },
      { along: 'length', withGrain: false, strips: 3 },
    ])
    const other = waysToCutStrips({ ...a4, grain: 'along-length' }, { lengthMm: 200, widthMm: 60 })
    expect(other.map(({ along, strips }) => [along, strips])).toEqual([
      ['length', 3],
      ['width', 4],
    ])
  })

  it('of fibres that nobody knows, what gives more comes first, and nothing is said of them', () => {
    const [first] = waysToCutStrips({ ...a4, grain: 'unknown' }, { lengthMm: 200, widthMm: 60 })
    expect(first).toEqual({ along: 'width', withGrain: undefined, strips: 4 })
  })

  it('that are longer than the sheet are none, and one as large as it is one', () => {
    expect(waysToCutStrips({ ...a4, grain: 'unknown' }, { lengthMm: 300, widthMm: 30 })).toEqual([])
    expect(waysToCutStrips({ ...a4, grain: 'along-length' }, a4)).toEqual([
      { along: 'length', withGrain: true, strips: 1 },
    ])
    expect(leftBesideStrips(a4, a4, 'length', 1)).toEqual([])
  })

  it('leave what is beside them and at their ends', () => {
    const left = leftBesideStrips(a4, { lengthMm: 280, widthMm: 50 }, 'length', 2)
    expect(left.map(sizeOf)).toEqual([
      [297, 110],
      [17, 100],
    ])
    expect(leftBesideStrips(a4, { lengthMm: 200, widthMm: 60 }, 'width', 1).map(sizeOf)).toEqual([
      [237, 210],
      [60, 10],
    ])
  })

  it('and what is left are together all of the sheet', () => {
    const size = fc.record({ lengthMm: fc.integer({ min: 20, max: 900 }), widthMm: fc.integer({ min: 20, max: 900 }) })
    fc.assert(
      fc.property(size, size, (sheet, strip) => {
        for (const { along, strips } of waysToCutStrips({ ...sheet, grain: 'unknown' }, strip)) {
          const left = leftBesideStrips(sheet, strip, along, strips)
          const all = left.reduce((sum, loop) => sum + areaOf([loop]), strips * strip.lengthMm * strip.widthMm)
          expect(all).toBeCloseTo(sheet.lengthMm * sheet.widthMm, 3)
        }
      }),
    )
  })
})
