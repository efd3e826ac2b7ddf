import { describe, expect, it } from 'vitest'
import { seededRandom } from '../numerics/random.js'
import { CELLS, logStrengthAt, OFFSETS, offsetMmAt, STRENGTHS } from './axes.js'
import { logNormal, marginalsOf, normalized, priorGrid, together } from './posterior.js'
import { evidenceForPair, type RunEvidence } from './run-evidence.js'

const random = seededRandom(5)
/** Evidence as a tilted bump: what a run says of offset and strength together. */
const bump = (pressId: string, resist: string): RunEvidence => {
  const [mm, log, tilt] = [0.6 * random() - 0.3, 0.4 * random() - 0.2, 2 * random() - 1]
  return {
    pressId,
    resist,
    log: Float64Array.from({ length: CELLS }, (_, cell) => {
      const [x, y] = [offsetMmAt(Math.floor(cell / STRENGTHS)) - mm, logStrengthAt(cell % STRENGTHS) - log]
      return logNormal(x + tilt * 0.3 * y, 0, 0.2) + logNormal(y, 0, 0.3)
    }),
  }
}

describe('what all runs say of one press with one sheet', () => {
  it('is the product of the runs of the two together', () => {
    const runs = [bump('p', 's'), bump('p', 's')]
    const plain = together(...runs.map((run) => run.log))
    const got = evidenceForPair(runs, 'p', 's')
    got.forEach((value, cell) => expect(value - got[0]!).toBeCloseTo(plain[cell]! - plain[0]!, 9))
  })

  it('agrees with summing over every strength of the other sheet and every offset of the other press', () => {
    const [here, otherSheet, otherPress] = [bump('p', 's'), bump('p', 't'), bump('q', 's')]
    const pair = normalized(together(priorGrid(), evidenceForPair([here, otherSheet, otherPress], 'p', 's')))
    // The whole of four unknowns: both offsets and both strengths.
    const brute = new Float64Array(CELLS)
    const prior = priorGrid()
    for (let row = 0; row < OFFSETS; row++)
      for (let column = 0; column < STRENGTHS; column++) {
        let sheets = 0
        for (let other = 0; other < STRENGTHS; other++)
          sheets += Math.exp(otherSheet.log[row * STRENGTHS + other]! + logNormal(logStrengthAt(other), 0, 0.2))
        let presses = 0
        for (let other = 0; other < OFFSETS; other++)
          presses += Math.exp(otherPress.log[other * STRENGTHS + column]! + logNormal(offsetMmAt(other), 0, 0.35))
        const cell = row * STRENGTHS + column
        brute[cell] = prior[cell]! + here.log[cell]! + Math.log(sheets) + Math.log(presses)
      }
    normalized(brute).forEach((chance, cell) => expect(pair[cell]).toBeCloseTo(chance, 10))
  })

  it('says nothing where no run speaks of either', () => {
    expect(evidenceForPair([bump('q', 't')], 'p', 's').every((value) => value === 0)).toBe(true)
  })

  it('does not depend on the order of the runs', () => {
    const runs = [bump('p', 's'), bump('p', 't'), bump('q', 's'), bump('p', 't')]
    const { offsets } = marginalsOf(normalized(evidenceForPair(runs, 'p', 's')))
    const turned = marginalsOf(normalized(evidenceForPair([...runs].reverse(), 'p', 's'))).offsets
    offsets.forEach((chance, row) => expect(turned[row]).toBeCloseTo(chance, 12))
  })
})
