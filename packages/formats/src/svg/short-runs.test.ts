import fc from 'fast-check'
import svgpath from 'svgpath'
import { describe, expect, it } from 'vitest'
import { withShortRuns } from './short-runs.js'

const takes: Readonly<Record<string, number>> = { M: 2, L: 2, H: 1, V: 1, C: 6, S: 4, Q: 4, T: 2, A: 7 }
const number = fc.double({ min: -100, max: 100, noNaN: true }).map((value) => value.toFixed(2))

describe('path data with its runs made short', () => {
  it('is read as the same path', () => {
    const run = fc
      .tuple(fc.constantFrom(...Object.keys(takes)), fc.boolean(), fc.integer({ min: 1, max: 900 }), number)
      .map(([command, isRelative, sets, sample]) => {
        const numbers = Array.from({ length: sets * (takes[command] as number) }, (_, at) =>
          command === 'A' && (at % 7 === 3 || at % 7 === 4) ? String(at % 2) : sample,
        )
        return `${isRelative ? command.toLowerCase() : command}${numbers.join(' ')}`
      })
    fc.assert(
      fc.property(fc.array(run, { maxLength: 4 }), (runs) => {
        const data = `M0 0${runs.join('')}`
        expect(svgpath(withShortRuns(data)).toString()).toBe(svgpath(data).toString())
      }),
      { numRuns: 60 },
    )
  })

  it('keeps an arc’s flags apart that stand without anything between', () => {
    const data = `M0 0a${'1 1 0 0110-5'.repeat(700)}`
    expect(svgpath(withShortRuns(data)).toString()).toBe(svgpath(data).toString())
  })

  it('leaves what is no path data as it is', () => {
    const broken = `M0 0L${'1 1 '.repeat(1000)}?`
    expect(withShortRuns(broken)).toBe(broken)
  })
})
