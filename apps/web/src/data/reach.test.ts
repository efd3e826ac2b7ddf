import { describe, expect, it } from 'vitest'
import { KEPT_AT } from '../offline/kept-answers.js'
import { Reach } from './reach.js'

const answer = (keptAt?: string) => ({ headers: new Headers(keptAt === undefined ? {} : { [KEPT_AT]: keptAt }) })

describe('whether the server is there', () => {
  it('is told by what it answers, and by what is answered in its place: the oldest of that counts', () => {
    const reach = new Reach()
    const heard: unknown[] = []
    reach.subscribe(() => heard.push(reach.reached))
    reach.answered(answer())
    reach.answered(answer('2026-11-01T20:00:00Z'))
    reach.answered(answer('2026-11-01T19:00:00Z'))
    reach.answered(answer('2026-11-01T20:00:00Z'))
    reach.answered(answer())
    expect(heard).toEqual([
      { is: 'away', keptAt: Date.UTC(2026, 10, 1, 20) },
      { is: 'away', keptAt: Date.UTC(2026, 10, 1, 19) },
      { is: 'there' },
    ])
  })

  it('is away where nothing at all is answered', () => {
    const reach = new Reach()
    reach.away()
    expect(reach.reached).toEqual({ is: 'away', keptAt: undefined })
  })
})
