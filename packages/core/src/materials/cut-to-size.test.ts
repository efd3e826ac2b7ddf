import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { sizeOf } from '../geometry/box.js'
import { areaOf } from '../geometry/polygons.js'
import { blanksBefore, leftOfCutUp, sizeOfDies, waysToCutToSize, wayToCutToSize } from './cut-to-size.js'

const a4 = { lengthMm: 297, widthMm: 210, grain: 'along-length' } as const

describe('a sheet cut to size', () => {
  it('gives four cards of A6, whose cuts are at its middles', () => {
    // ISO 216: A6 is half of A5, which is half of A4, sides cut down to whole millimetres.
    expect(waysToCutToSize(a4, { lengthMm: 148, widthMm: 105 })).toEqual([
      { along: 'length', withGrain: true, blanks: 4, ofStrip: 2, acrossAtMm: [148, 296], alongAtMm: [105] },
      { along: 'width', withGrain: false, blanks: 2, ofStrip: 1, acrossAtMm: [148], alongAtMm: [105, 210] },
    ])
  })

  it('lies along the fibres first, though the other way gives more', () => {
    const [first, second] = waysToCutToSize(a4, { lengthMm: 105, widthMm: 140 })
    expect([first!.along, first!.blanks, second!.along, second!.blanks]).toEqual(['length', 2, 'width', 4])
  })

  it('that is smaller than a blank gives none', () => {
    expect(waysToCutToSize(a4, { lengthMm: 300, widthMm: 20 })).toEqual([])
    expect(wayToCutToSize(a4, { lengthMm: 300, widthMm: 20, along: 'length' })).toBeUndefined()
    expect(leftOfCutUp(a4, { lengthMm: 300, widthMm: 20, along: 'length' }, 1)).toEqual([])
  })

  it('is as large as its dies side by side, with a finger’s breadth of card all round', () => {
    expect(sizeOfDies([{ lengthMm: 96, widthMm: 74 }])).toEqual({ lengthMm: 116, widthMm: 94 })
    const two = [
      { lengthMm: 30, widthMm: 20 },
      { lengthMm: 10, widthMm: 40 },
    ]
    expect(sizeOfDies(two)).toEqual({ lengthMm: 70, widthMm: 60 })
  })

  it('is gone on with by the next run of its job, until what is left is kept', () => {
    const cutToSize = { lengthMm: 148, widthMm: 105, along: 'length' as const }
    const run = (id: string, at: number, more: object = {}) => ({
      ...{ id, sheetId: 'ivory', sheetCount: 1, cutToSize, createdAt: `2026-06-01T10:0${at}:00.000Z` },
      ...more,
    })
    const runs = [run('a', 1, { sheetCount: 2 }), run('b', 2), run('c', 3, { cutToSize: null }), run('d', 4)]
    const before = (id: string, ...kept: string[]) =>
      blanksBefore({ id, sheetId: 'ivory', cutToSize }, runs, new Set(kept))
    expect(['a', 'b', 'd', 'not there yet'].map((id) => before(id))).toEqual([0, 2, 3, 4])
    expect([before('b', 'a'), before('d', 'a'), before('d', 'd')]).toEqual([0, 1, 3])
  })

  it('keeps the rest as long as the sheet', () => {
    const blank = { lengthMm: 148, widthMm: 105, along: 'length' } as const
    expect(leftOfCutUp(a4, blank, 1).map(sizeOf)).toEqual([
      [297, 105],
      [149, 105],
    ])
    expect(leftOfCutUp(a4, blank, 3).map(sizeOf)).toEqual([
      [149, 105],
      [1, 105],
    ])
  })

  it('and its blanks are together all of the last sheet, however many are taken', () => {
    const mm = fc.integer({ min: 20, max: 400 })
    fc.assert(
      fc.property(mm, mm, mm, mm, fc.constantFrom('length', 'width'), fc.nat(30), (l, w, bl, bw, along, more) => {
        const sheet = { lengthMm: l, widthMm: w, grain: 'unknown' as const }
        const blank = { lengthMm: bl, widthMm: bw, along }
        const all = wayToCutToSize(sheet, blank)?.blanks ?? 0
        fc.pre(all > 0)
        const taken = 1 + more
        const ofLast = ((taken - 1) % all) + 1
        const left = leftOfCutUp(sheet, blank, taken).reduce((sum, loop) => sum + areaOf([loop]), 0)
        expect(left + ofLast * bl * bw).toBeCloseTo(l * w, 3)
      }),
    )
  })
})
