import type { QueuedRunsAnswer } from '@bold-heron/schema'
import i18next from 'i18next'
import { describe, expect, it } from 'vitest'
import '../../../testing/speaking.js'
import { sayChanges, sayJobs, sayMinutes, sayMoment } from './said.js'

const t = i18next.getFixedT(null, 'app')
const names = { pad: 'Clear pad', paper: 'Copy paper', gulls: 'Gulls', kites: 'Kites' }
const plates = (...ids: string[]) => ids.map((plateId) => ({ plateId }))
const runs = (out: string[], into: string[], turned: string[] = []) =>
  ({
    changes: { out: plates(...out), into: plates(...into), turned: plates(...turned) },
  }) as unknown as QueuedRunsAnswer

describe('an evening in words', () => {
  it('tells a moment by the clock where it is known when it begins', () => {
    expect(sayMoment(t, 71.6, null)).toContain('72')
    const begins = new Date(2026, 5, 20, 18, 45).toISOString()
    expect(sayMoment(t, 0, begins)).toBe('18:45')
    expect(sayMoment(t, 20, begins)).toBe('19:05')
  })

  it('tells minutes up to an hour and a half, then hours', () => {
    expect(sayMinutes(t, 1)).toContain('1')
    expect(sayMinutes(t, 89)).toContain('89')
    expect(sayMinutes(t, 135)).toMatch(/2.*15/)
  })

  it('counts plates that leave, come and are turned, each line only where there is something', () => {
    expect(sayChanges(t, runs([], []), names)).toEqual([])
    const said = sayChanges(t, runs(['paper', 'paper'], ['pad'], ['pad']), names)
    expect(said).toHaveLength(3)
    expect(said[0]).toContain('2 × Copy paper')
    expect(said[1]).toContain('Clear pad')
  })

  it('names the jobs that runs give pieces to', () => {
    expect(sayJobs({ jobIds: ['gulls', 'kites'] }, names)).toBe('Gulls + Kites')
  })
})
