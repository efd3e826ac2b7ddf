import { describe, expect, it } from 'vitest'
import { askedOfLog, type LogWords } from './asked-of-log.js'

const words: LogWords = {
  seen: new Map([
    ['hanging in places', 'hanging'],
    ['clean', 'clean'],
    ['cut into the pad', 'cut-into-pad'],
    ['cut through in places', 'cut-through'],
  ]),
  months: [
    'january',
    'february',
    'march',
    'april',
    'may',
    'june',
    'july',
    'august',
    'september',
    'october',
    'november',
    'december',
  ],
}
const ask = (text: string) => askedOfLog(text, words, { year: 2026, month: 6 })

describe('a question of the log', () => {
  it('understands outcomes, months and years, and looks for the rest in names', () => {
    expect(ask('lace hanging june')).toEqual({ seen: 'hanging', since: '2026-06-01', until: '2026-07-01', q: 'lace' })
    expect(ask('  Kite   CLEAN ')).toEqual({ seen: 'clean', since: undefined, until: undefined, q: 'kite' })
    expect(ask('cut into the pad')).toMatchObject({ seen: 'cut-into-pad', q: '' })
    expect(ask('2025 kraft')).toMatchObject({ since: '2025-01-01', until: '2026-01-01', q: 'kraft' })
  })

  it('a month without a year is the last one there was', () => {
    expect(ask('dec')).toMatchObject({ since: '2025-12-01', until: '2026-01-01' })
    expect(ask('dec 2024')).toMatchObject({ since: '2024-12-01', until: '2025-01-01' })
  })

  it('takes no word for what several things begin with, nor two letters for a month', () => {
    expect(ask('cut')).toMatchObject({ seen: undefined, q: 'cut' })
    expect(ask('ma')).toMatchObject({ since: undefined, q: 'ma' })
    expect(ask('')).toEqual({ seen: undefined, since: undefined, until: undefined, q: '' })
  })
})
