import i18next from 'i18next'
import { describe, expect, it } from 'vitest'
import '../testing/speaking.js'
import { lengthsIn } from './lengths.js'
import { sayFault } from './say-fault.js'

const t = i18next.getFixedT(null, 'app')
const mm = lengthsIn({ unit: 'mm', denominator: 16 })
const inches = lengthsIn({ unit: 'in', denominator: 16 })

describe('why a field cannot be taken', () => {
  it('tells a limit in the unit of the house, as fine as what is measured', () => {
    expect(sayFault(t, mm, { code: 'too-large', limit: 82.5, measures: 'size' })).toContain('82.5 mm')
    expect(sayFault(t, mm, { code: 'too-small', limit: 0.02, measures: 'thickness' })).toContain('0.02 mm')
    expect(sayFault(t, inches, { code: 'too-large', limit: 25.4, measures: 'size' })).toContain('1 in')
  })

  it('tells a plain number as it is', () => {
    expect(sayFault(t, mm, { code: 'too-large', limit: 12 })).toMatch(/\b12\b/)
    expect(sayFault(t, mm, { code: 'too-large', limit: 12 })).not.toContain('mm')
  })

  it('leaves no place of a sentence unfilled', () => {
    for (const measures of ['size', 'thickness'] as const)
      for (const code of ['too-small', 'too-large', 'text-empty', 'choice-empty', 'other'] as const)
        expect(sayFault(t, inches, { code, limit: 1, measures })).not.toMatch(/\{\{|undefined|NaN/)
  })
})
