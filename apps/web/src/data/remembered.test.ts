import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { gradesSoFar, keepGrade } from './practice.js'
import { preference } from './preference.js'
import { notePicked, recentOf } from './recent.js'

/** What a browser keeps, or one that may keep nothing. */
const storage = (mayKeep: boolean) => {
  const kept = new Map<string, string>()
  const refuse = () => {
    throw new DOMException('no room', 'QuotaExceededError')
  }
  vi.stubGlobal('localStorage', {
    getItem: (key: string) => (mayKeep ? (kept.get(key) ?? null) : refuse()),
    setItem: (key: string, value: string) => (mayKeep ? kept.set(key, value) : refuse()),
    removeItem: (key: string) => (mayKeep ? kept.delete(key) : refuse()),
  })
}
beforeEach(() => storage(true))
afterEach(() => vi.unstubAllGlobals())

describe('what a browser remembers', () => {
  it('is kept until it is forgotten', () => {
    preference.keep('a', 'one')
    expect(preference.read('a')).toBe('one')
    preference.keep('a', undefined)
    expect(preference.read('a')).toBeUndefined()
  })

  it('is done without where nothing may be kept', () => {
    storage(false)
    preference.keep('a', 'one')
    expect(preference.read('a')).toBeUndefined()
    notePicked('dies', 'gull')
    expect(recentOf('dies')).toEqual([])
    expect(gradesSoFar()).toEqual({})
  })
})

describe('what was picked lately', () => {
  it('is named the last one first, each once, and only so many', () => {
    for (const id of ['a', 'b', 'a', 'c']) notePicked('dies', id)
    expect(recentOf('dies')).toEqual(['c', 'a', 'b'])
    for (let at = 0; at < 20; at++) notePicked('dies', `die${at}`)
    expect(recentOf('dies')).toHaveLength(8)
    expect(recentOf('sheets')).toEqual([])
  })
})

describe('the grades of exercises', () => {
  it('get better, never worse', () => {
    keepGrade('first-clean', 'passed')
    keepGrade('first-clean', 'open')
    expect(gradesSoFar()).toEqual({ 'first-clean': 'passed' })
    keepGrade('first-clean', 'mastered')
    keepGrade('first-clean', 'passed')
    expect(gradesSoFar()).toEqual({ 'first-clean': 'mastered' })
  })

  it('begin anew where what was kept cannot be read', () => {
    preference.keep('bold-heron.practice.grades', '{')
    expect(gradesSoFar()).toEqual({})
  })
})
