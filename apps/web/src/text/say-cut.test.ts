import type { OwnFigures } from '@bold-heron/core'
import i18next from 'i18next'
import { describe, expect, it } from 'vitest'
import '../testing/speaking.js'
import { lengthsIn } from './lengths.js'
import { percent, sayChance, sayCut, sayShare, signChance } from './say-cut.js'

const t = i18next.getFixedT(null, 'app')
const mm = lengthsIn({ unit: 'mm', denominator: 16 })
const inches = lengthsIn({ unit: 'in', denominator: 16 })

const cut = (more: object): OwnFigures =>
  ({ of: 'cut', overcutMm: 0, meanDepth: 1, leastDepth: 1, ...more }) as OwnFigures
const crease = (seen: string, keptMm = 0.254): OwnFigures => ({ of: 'crease', seen, keptMm }) as OwnFigures
const formed = (seen: string, formedShare = 0.5): OwnFigures => ({ of: 'formed', seen, formedShare }) as OwnFigures

describe('what a pass leaves', () => {
  it('is what the goal says that it looks like, whatever its figures are near to', () => {
    // A hair under what counts as clean, or as formed all over, is not told as that.
    expect(
      sayCut(t, mm, cut({ seen: 'hanging', cutFraction: 0.984, hanging: { share: 0.016, place: 'middle' } })),
    ).toBe('hanging in the middle: a few fibres')
    expect(sayCut(t, mm, formed('patchy', 0.849))).toBe('formed to 85 %')
    expect(sayCut(t, mm, formed('formed', 0.86))).toBe('formed all over')
    expect(sayCut(t, mm, crease('faint', 0.1745))).toContain('faint')
  })

  it('tells a cut by its looks', () => {
    expect(sayCut(t, mm, cut({ seen: 'clean' }))).toBe('clean')
    expect(sayCut(t, mm, cut({ seen: 'cut-into-pad', overcutMm: 0.6 }))).toBe('clean, and deep into the pad')
    expect(sayCut(t, mm, cut({ seen: 'untouched', hanging: { share: 1, place: 'ends' } }))).toBe('not cut yet')
    expect(sayCut(t, mm, cut({ seen: 'dented', hanging: { share: 0.99, place: 'ends' } }))).toBe('hanging everywhere')
  })

  it('tells how deep a crease is in the unit of the house', () => {
    expect(sayCut(t, mm, crease('good'))).toBe('good, 0.25 mm deep')
    expect(sayCut(t, inches, crease('good'))).toBe('good, 0.010 in deep')
    expect(sayCut(t, mm, crease('cut-through'))).toBe('cut through in places')
  })

  it('tells a folder that cuts too by its pattern and its line', () => {
    expect(sayCut(t, mm, formed('hanging'))).toBe('formed all over; its line hangs')
    expect(sayCut(t, mm, formed('clean'))).toBe('formed all over, and cut')
    expect(sayCut(t, mm, formed('torn'))).toBe('likely to tear')
  })
})

describe('chances and shares', () => {
  it.each([
    [1, 'over 99', '>99'],
    [0.9951, 'over 99', '>99'],
    [0.99, '99', '99'],
    [0.5, '50', '50'],
    [0.004, 'under 1', '<1'],
    [0, 'under 1', '<1'],
  ])('a chance of %d is never told as certain', (chance, said, sign) => {
    expect(sayChance(t, chance)).toBe(said)
    expect(signChance(t, chance)).toBe(sign)
  })

  it('a share is all or nothing only where it is', () => {
    expect([1, 0.9996, 0.999, 0.5, 0.001, 0.0004, 0].map(percent)).toEqual([100, 100, 99, 50, 1, 0, 0])
  })

  it('a share of the line is told as people say it', () => {
    expect([0.01, 0.1, 0.3, 0.5, 0.9].map((share) => sayShare(t, share))).toEqual([
      'a few fibres',
      'a little',
      'about a quarter',
      'about half',
      'most of it',
    ])
  })
})
