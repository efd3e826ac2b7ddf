import { mean, median, sampleStandardDeviation } from 'simple-statistics'
import { describe, expect, it } from 'vitest'
import { randomNormal, seededRandom } from '../numerics/random.js'
import { averagedReadings } from './readings.js'

describe('readings of a caliper', () => {
  it('are averaged, and their spread is that of a mean with the step and the zero (against a statistics library)', () => {
    const readings = [3.02, 3.01, 3.03, 3.02, 3.0]
    const { thickness, counted } = averagedReadings(readings, 1)!
    expect(thickness.valueMm).toBeCloseTo(mean(readings), 12)
    const ofMean = sampleStandardDeviation(readings) / Math.sqrt(5)
    expect(thickness.spreadMm).toBeCloseTo(Math.hypot(ofMean, 0.01 / Math.sqrt(12) / Math.sqrt(5), 0.01), 12)
    expect(counted).toEqual([true, true, true, true, true])
  })

  it('leave misreads out: a lost digit, an open jaw, a zero', () => {
    const readings = [0.31, 0.3, 3.1, 0.31, 0, 0.32]
    const { thickness, counted } = averagedReadings(readings, 1)!
    expect(counted).toEqual([true, true, false, true, false, true])
    expect(thickness.valueMm).toBeCloseTo(0.31, 12)
    expect(median(readings)).toBeCloseTo(0.31, 12)
  })

  it('of a pile of n are n times as sure', () => {
    const one = averagedReadings([3, 3.01], 1)!.thickness
    const ten = averagedReadings([3, 3.01], 10)!.thickness
    expect(ten.valueMm).toBeCloseTo(one.valueMm / 10, 12)
    expect(ten.spreadMm).toBeCloseTo(one.spreadMm / 10, 12)
  })

  it('hold the truth about as often as their spread says', () => {
    const random = seededRandom(7)
    let within = 0
    for (let trial = 0; trial < 400; trial++) {
      const zero = 0.01 * randomNormal(random)
      const readings = Array.from(
        { length: 5 },
        () => Math.round(100 * (2 + zero + 0.012 * randomNormal(random))) / 100,
      )
      const { thickness } = averagedReadings(readings, 1)!
      if (Math.abs(thickness.valueMm - 2) <= 1.645 * thickness.spreadMm) within++
    }
    expect(within / 400).toBeGreaterThan(0.84)
    expect(within / 400).toBeLessThan(0.96)
  })

  it('there must be one', () => {
    expect(averagedReadings([], 1)).toBeUndefined()
    expect(averagedReadings([1], 0)).toBeUndefined()
  })
})
