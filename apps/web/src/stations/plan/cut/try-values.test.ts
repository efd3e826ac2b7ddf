import type { Assessment } from '@bold-heron/core'
import { describe, expect, it } from 'vitest'
import { aCut, aSheet } from '../../../../../../packages/core/src/testing/makers.js'
import { asPlanned, passesShown, questionOf } from './try-values.js'

const cut = aCut({ sheet: aSheet({ mm: 0.3 }), sheetCount: 2 })
const assessment = { ledger: { squeezeMm: 0.9 }, prediction: { passes: [{}, {}] } } as unknown as Assessment

describe('what the sliders try', () => {
  it('is the plan’s own cut where none was moved', () => {
    expect(questionOf(assessment, cut, asPlanned(cut), 2)).toEqual({
      caliperMm: 0.3,
      sheetCount: 2,
      squeezeMm: 0.9,
      rotationDeg: 0,
      passes: 2,
    })
  })

  it('squeezes more by as much as the sheets are thicker, or more, and by the shim', () => {
    const more = (change: object) => questionOf(assessment, cut, { ...asPlanned(cut), ...change }, 1).squeezeMm
    expect(more({ caliperMm: 0.4 })).toBeCloseTo(1.1, 12)
    expect(more({ sheetCount: 3 })).toBeCloseTo(1.2, 12)
    expect(more({ sheetCount: 1 })).toBeCloseTo(0.6, 12)
    expect(more({ shimMm: -0.25 })).toBeCloseTo(0.65, 12)
  })

  it('can be looked at for three passes at least, and never for more than the house would do', () => {
    expect(passesShown(assessment, cut)).toBe(3)
    const long = { ...assessment, prediction: { passes: Array.from({ length: 99 }) } } as unknown as Assessment
    expect(passesShown(long, cut)).toBe(cut.rules.mostPasses)
    expect(passesShown({ ledger: assessment.ledger } as Assessment, cut)).toBe(3)
  })
})
