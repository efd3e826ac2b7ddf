import { describe, expect, it } from 'vitest'
import { Pairing } from './pairing.js'

const MINUTE_MS = 60_000
const at = (start = 0) => {
  let now = start
  const pairing = new Pairing(() => now)
  return { pairing, wait: (ms: number) => void (now += ms) }
}
const otherThan = (code: string): string => String((Number(code) + 1) % 1_000_000).padStart(6, '0')

describe('a code', () => {
  it('lets one device in, once, with the role it was offered for', () => {
    const { pairing } = at()
    const { code } = pairing.offer('helper')
    expect(code).toMatch(/^\d{6}$/)
    expect(pairing.take(code)).toEqual({ is: 'let-in', role: 'helper' })
    expect(pairing.take(code)).toEqual({ is: 'wrong' })
  })

  it('is good for five minutes, and until another is offered', () => {
    const { pairing, wait } = at()
    const first = pairing.offer('bench')
    const second = pairing.offer('bench')
    if (first.code !== second.code) expect(pairing.take(first.code)).toEqual({ is: 'wrong' })
    wait(5 * MINUTE_MS)
    expect(pairing.take(second.code)).toEqual({ is: 'wrong' })
  })

  it('is not guessed: five tries a minute, whoever tries, and the right one among what is too many is refused too', () => {
    const { pairing, wait } = at()
    const { code } = pairing.offer('owner')
    for (let tries = 0; tries < 5; tries++) expect(pairing.take(otherThan(code))).toEqual({ is: 'wrong' })
    expect(pairing.take(code)).toEqual({ is: 'too-many' })
    wait(MINUTE_MS + 1)
    expect(pairing.take(code)).toEqual({ is: 'let-in', role: 'owner' })
  })
})
