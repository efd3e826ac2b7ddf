import { findingCodes } from '@bold-heron/core'
import i18next from 'i18next'
import { describe, expect, it } from 'vitest'
import { findings } from './en/findings.js'
import '../testing/speaking.js'
import { FIRST_LANGUAGE, ownWordsOf, stationsWithOwnWords } from './languages.js'
import { lengthsIn } from './lengths.js'
import { sayDifference } from './say-difference.js'
import { sayFault } from './say-fault.js'
import { sayFinding } from './say-finding.js'

const t = i18next.getFixedT(null, 'app')
const mm = lengthsIn({ unit: 'mm', denominator: 16 })
const inches = lengthsIn({ unit: 'in', denominator: 16 })

describe('findings in words', () => {
  it.each(findingCodes)('%s has a sentence and a reason', (code) => {
    expect(findings[code].say.length).toBeGreaterThan(10)
    expect(findings[code].why.length).toBeGreaterThan(20)
  })

  it('tell sizes in the unit of the house', () => {
    const finding = {
      code: 'die-wider-than-throat',
      severity: 'stop',
      values: { dieMm: 203.2, limitMm: 165.1 },
    } as const
    expect(sayFinding(t, mm, finding).say).toBe('The die is 203.2 mm wide; the press takes 165.1 mm.')
    expect(sayFinding(t, inches, finding).say).toBe('The die is 8 in wide; the press takes 6 1/2 in.')
  })

  it('tell differences of height to the hundredth, and classes by their word', () => {
    const differ = {
      code: 'dies-differ-in-height',
      severity: 'stop',
      values: { differMm: 7.5, limitMm: 0.25 },
    } as const
    expect(sayFinding(t, mm, differ).say).toBe('The dies differ in height by 7.50 mm.')
    const many = {
      code: 'too-many-sheets',
      severity: 'caution',
      values: { count: 4, limit: 3, dieClass: 'thin-lace' },
    } as const
    expect(sayFinding(t, mm, many).say).toBe('4 sheets are more than the 3 that a thin lace die usually cuts.')
  })
})

describe('a long way', () => {
  it('is told in metres, or in feet where the house has inches', () => {
    expect(mm.long(3_048)).toBe('3.0 m')
    expect(inches.long(3_048)).toBe('10.0 ft')
  })
})

describe('differences in one line', () => {
  const say = (out: object[], into: object[], reordered = false) =>
    sayDifference(t, { out, into, reordered } as Parameters<typeof sayDifference>[1])
  const paper = { name: 'Copy paper', count: 1 }
  const pads = { name: 'Clear pad', count: 2 }

  it('say what leaves, what comes, and what takes its place', () => {
    expect(say([paper], [])).toBe('same, Copy paper less')
    expect(say([], [pads])).toBe('same, 2 Clear pad more')
    expect(say([paper], [pads])).toBe('2 Clear pad in place of Copy paper')
    expect(say([], [], true)).toBe('same pieces, other order')
  })
})

describe('faults in words', () => {
  it('tell limits in the unit of the field', () => {
    expect(sayFault(t, mm, { code: 'too-small', limit: 0.01, measures: 'thickness' })).toBe(
      'This must be at least 0.01 mm.',
    )
    expect(sayFault(t, inches, { code: 'too-large', limit: 5000, measures: 'size' })).toBe(
      'This must be at most 196 7/8 in.',
    )
    expect(sayFault(t, inches, { code: 'length-not-read', measures: 'size' })).toContain('3 1/4 in')
  })
})

describe('words of a station alone', () => {
  const sources = import.meta.glob<string>(['../**/*.ts', '../**/*.tsx', '!../**/*.test.*', '!../**/text/**'], {
    query: '?raw',
    import: 'default',
    eager: true,
  })

  it.each(stationsWithOwnWords)('of %s are said nowhere but on its pages, which fetch them', async (station) => {
    const own = (await ownWordsOf(FIRST_LANGUAGE, station))[station] as Readonly<Record<string, unknown>>
    const said = Object.keys(own).map((key) => key.replace(/_(zero|one|other)$/, ''))
    const says = new RegExp(`['"\`]${station}\\.(${said.join('|')})\\b`)
    const elsewhere = Object.entries(sources).filter(
      ([path, source]) => !path.startsWith(`../stations/${station}/`) && says.test(source),
    )
    expect(elsewhere.map(([path]) => path)).toEqual([])
    expect(Object.entries(sources).some(([path, source]) => path.includes(`/${station}/`) && says.test(source))).toBe(
      true,
    )
  })
})
