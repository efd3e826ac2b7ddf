import { describe, expect, it } from 'vitest'
import { wordsOf } from '../../../testing/rendered.js'
import { WhichIsRight } from './WhichIsRight.js'

const said = (...gapsMm: number[]): string =>
  wordsOf(
    <WhichIsRight
      witnesses={gapsMm.map((gapMm, at) => ({ id: `${at}`, heightMm: gapMm + 0.6, wantedMm: 0.6, gapMm }))}
    />,
  )

describe('stacks that do not agree', () => {
  it('are told with the gap that each speaks for, once they are over 1 mm apart', () => {
    const words = said(14, 14.3, 18)
    expect(words).toContain('do not agree')
    for (const gap of ['14.00 mm', '14.30 mm', '18.00 mm']) expect(words).toContain(gap)
  })

  it('are no matter where they agree, or where there is only one', () => {
    expect(said(14, 14.3, 14.9)).toBe('')
    expect(said(14)).toBe('')
    expect(said()).toBe('')
  })
})
