import { describe, expect, it } from 'vitest'
import { isOwnPage } from './own-page.js'

const host = '127.0.0.1:4380'

describe('who may speak to the caliper', () => {
  it.each(['http://127.0.0.1:4310', 'http://localhost:4310', 'http://[::1]:4310'])('a page at %s', (origin) => {
    expect(isOwnPage({ host, origin }, 4310)).toBe(true)
    expect(isOwnPage({ host: 'localhost:4380', origin }, 4310)).toBe(true)
  })

  it.each([
    ['another site', { host, origin: 'http://evil.example' }],
    ['another port of this machine', { host, origin: 'http://127.0.0.1:4311' }],
    ['another scheme', { host, origin: 'https://127.0.0.1:4310' }],
    ['a name that only begins alike', { host, origin: 'http://127.0.0.1:4310.evil.example' }],
    ['another name that points here', { host: 'evil.example:4380', origin: 'http://127.0.0.1:4310' }],
    ['somebody who names no origin', { host }],
    ['somebody who names no host', { origin: 'http://127.0.0.1:4310' }],
  ])('not %s', (_, headers) => {
    expect(isOwnPage(headers, 4310)).toBe(false)
  })
})
