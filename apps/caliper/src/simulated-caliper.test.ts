import { averagedReadings, seededRandom } from '@bold-heron/core'
import { describe, expect, it } from 'vitest'
import { SimulatedCaliper } from './simulated-caliper.js'

const readings = (caliper: SimulatedCaliper, count: number): number[] =>
  Array.from({ length: count }, () => Number(/^READING (\d+\.\d\d) mm$/.exec(caliper.answer('READ'))![1]))

describe('the simulated caliper', () => {
  it('greets, and reads what was put between its jaws, with noise and now and then a misread', () => {
    const caliper = new SimulatedCaliper(seededRandom(3))
    expect(caliper.greeting()).toBe('CALIPER simulated 0.01 mm')
    expect(caliper.answer('JAWS 3.0')).toBe('')
    const taken = readings(caliper, 60)
    const { thickness, counted } = averagedReadings(taken, 1)!
    expect(Math.abs(thickness.valueMm - 3)).toBeLessThan(0.2)
    const misreads = counted.filter((each) => !each).length
    expect(misreads).toBeGreaterThan(0)
    expect(misreads).toBeLessThan(15)
    expect(new Set(taken).size).toBeGreaterThan(3)
  })

  it.each(['', 'HELLO', 'JAWS', 'JAWS -1', 'JAWS x', 'JAWS 9999'])(
    'answers %j with an error that says what it takes',
    (line) => {
      expect(new SimulatedCaliper(seededRandom(1)).answer(line)).toMatch(/^ERROR .*JAWS/)
    },
  )
})
