import { afterEach, describe, expect, it, vi } from 'vitest'
import { holder, takenBy } from './claims.js'

const kept = new Map<string, string>()
vi.stubGlobal('localStorage', {
  getItem: (key: string) => kept.get(key) ?? null,
  setItem: (key: string, value: string) => void kept.set(key, value),
})
afterEach(() => kept.clear())

const claim = (batchId: string, whose: string) => ({
  claims: [{ batchId, pressId: 'press', holder: whose, name: 'Tablet', until: '2026-11-30T20:05:00Z' }],
})

describe('who is at runs of an evening', () => {
  it('is whoever took them, or some of their jobs', () => {
    expect(takenBy(claim('tags+gulls', 'else'), ['gulls'])?.name).toBe('Tablet')
    expect(takenBy(claim('tags+gulls', 'else'), ['kites'])).toBeUndefined()
  })

  it('is nobody else where it is this very browser, which stays the same one', () => {
    expect(holder()).toBe(holder())
    expect(takenBy(claim('tags', holder()), ['tags'])).toBeUndefined()
  })
})
