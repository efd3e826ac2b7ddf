import { describe, expect, it } from 'vitest'
import { seededRandom } from '../numerics/random.js'
import { bump } from '../testing/grids.js'
import { gapMmOf, logStrengthAt, STRENGTHS } from './axes.js'
import { logOfClass } from './class-prior.js'
import { lastRowOf, logAt, overRows, together } from './gap-grid.js'
import { logNormal } from './posterior.js'
import { evidenceForPair, type RunEvidence } from './run-evidence.js'

const random = seededRandom(5)
const run = (pressId: string, resist: string): RunEvidence => ({
  pressId,
  pressClass: 'small-hand',
  resist,
  pieces: {},
  log: bump({
    mm: 14 + 0.6 * random() - 0.3,
    spreadMm: 0.2,
    logStrength: 0.4 * random() - 0.2,
    logSpread: 0.3,
    tiltMm: 0.6 * random() - 0.3,
  }),
})

describe('what all runs say of one press with one sheet', () => {
  it('is the product of the runs of the two together', () => {
    const runs = [run('p', 's'), run('p', 's')]
    const plain = together(...runs.map(({ log }) => log))
    const { log: got } = evidenceForPair(runs, 'p', 's')
    expect(got.firstRow).toBe(plain.firstRow)
    Array.from(got.log).forEach((value, cell) =>
      expect(value - got.log[0]!).toBeCloseTo(plain.log[cell]! - plain.log[0]!, 9),
    )
  })

  it('agrees with summing over every strength of the other sheet and every gap of the other press', () => {
    const [here, otherSheet, otherPress] = [run('p', 's'), run('p', 't'), run('q', 's')]
    const { log: got } = evidenceForPair([here, otherSheet, otherPress], 'p', 's')
    const ofClass = logOfClass('small-hand', { isAllThereIs: false, unsureMm: 0 })
    const brute = (row: number, column: number): number => {
      let sheets = 0
      for (let other = 0; other < STRENGTHS; other++)
        sheets += Math.exp(logAt(otherSheet.log, row, other) + logNormal(logStrengthAt(other), 0, 0.2))
      let presses = 0
      for (let other = 100; other < 1200; other++)
        presses += Math.exp(logAt(otherPress.log, other, column) + ofClass(other))
      return logAt(here.log, row, column) + Math.log(sheets) + Math.log(presses)
    }
    const constant = brute(466, 10) - logAt(got, 466, 10)
    for (let row = got.firstRow; row <= lastRowOf(got); row += 5)
      for (let column = 0; column < STRENGTHS; column += 4)
        expect(logAt(got, row, column)).toBeCloseTo(brute(row, column) - constant, 3)
  })

  it('says nothing where no run speaks of either', () => {
    const { log, pieces } = evidenceForPair([run('q', 't')], 'p', 's')
    expect(Array.from(log.log).every((value) => value === 0)).toBe(true)
    expect(pieces).toEqual({})
  })

  it('does not depend on the order of the runs', () => {
    const runs = [run('p', 's'), run('p', 't'), run('q', 's'), run('p', 't')]
    const one = evidenceForPair(runs, 'p', 's').log
    const other = evidenceForPair([...runs].reverse(), 'p', 's').log
    Array.from(one.log).forEach((value, cell) => expect(other.log[cell]).toBeCloseTo(value, 9))
  })

  it('is less sure where the runs had plates that are not measured well, unless all had the same', () => {
    const on = (id: string): RunEvidence => ({
      ...run('p', 's'),
      log: bump({ mm: 14, spreadMm: 0.1 }),
      pieces: { [id]: { count: 1, spreadMm: 0.3 } },
    })
    const drop = (runs: RunEvidence[]): number => {
      const { log } = evidenceForPair(runs, 'p', 's')
      return logAt(log, Math.round(14 / 0.03), 10) - logAt(log, Math.round(14.3 / 0.03), 10)
    }
    expect(drop([on('one'), on('other')])).toBeLessThan(0.6 * drop([on('one'), on('one')]))
    expect(gapMmOf(1)).toBe(0.03)
    expect(overRows(on('one').log, 0, 1).log).toHaveLength(2 * STRENGTHS)
  })
})
