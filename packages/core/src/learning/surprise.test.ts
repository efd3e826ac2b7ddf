import { describe, expect, it } from 'vitest'
import { CELLS, offsetMmAt, STRENGTHS } from './axes.js'
import type { Learnt } from './learnt.js'
import { logNormal } from './posterior.js'
import { doubted, isSurprising } from './surprise.js'

const around = (mm: number, spreadMm: number): Float64Array =>
  Float64Array.from({ length: CELLS }, (_, cell) => logNormal(offsetMmAt(Math.floor(cell / STRENGTHS)), mm, spreadMm))
const learnt = (log: Float64Array, pressRuns: number): Learnt => ({ log, pressRuns, sheetRuns: 0, pieces: {} })

describe('a surprise', () => {
  it('is what twenty runs of the press speak against', () => {
    const before = learnt(around(0.1, 0.05), 20)
    expect(isSurprising(before, around(0.6, 0.1))).toBe(true)
    expect(isSurprising(before, around(0.15, 0.1))).toBe(false)
  })
  it('is nothing on a press that nothing is known of', () => {
    expect(isSurprising(learnt(new Float64Array(CELLS), 0), around(0.9, 0.05))).toBe(false)
  })
  it('leaves some of what the log said', () => {
    const before = learnt(around(0.1, 0.05), 20)
    const after = doubted(before)
    const cell = 30 * STRENGTHS
    expect(Math.abs(after.log[cell]!)).toBeLessThan(Math.abs(before.log[cell]!))
    expect(Math.abs(after.log[cell]!)).toBeGreaterThan(0)
  })
})
