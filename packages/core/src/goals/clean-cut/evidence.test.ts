import { describe, expect, it } from 'vitest'
import type { Round } from '../looks.js'
import { bruteLogChance } from '../../testing/brute-evidence.js'
import { aCut, aDie } from '../../testing/makers.js'
import { beds } from '../../testing/shapes.js'
import { CELLS, logStrengthAt, OFFSETS, offsetMmAt, STRENGTHS } from '../../learning/axes.js'
import { cutEvidence } from './cut-evidence.js'
import { marginalsOf, momentsOf, normalized, priorGrid, together } from '../../learning/posterior.js'
import type { Pressed } from '../../learning/pressed.js'

const look = (more: Partial<Round>): Round => ({
  passes: 2,
  seen: 'clean',
  hangingShare: null,
  hangingPlace: null,
  feel: 'light',
  ...more,
})
const cut = aCut()
const pressed = (squeezeMm: number, ...looks: Partial<Round>[]): Pressed => ({
  cut,
  rounds: looks.map((more) => ({ bed: beds.pad, nominalSqueezeMm: squeezeMm, look: look(more) })),
  heightSpreadMm: 0.05,
})
const offsetAfter = (evidence: Pressed) => {
  const { offsets } = marginalsOf(normalized(together(priorGrid(), logEvidenceOf(evidence))))
  return momentsOf(offsets, offsetMmAt)
}

const cases: [string, Pressed][] = [
  ['a clean cut', pressed(0.6, { feel: 'free' })],
  [
    'half of it hanging, then clean',
    pressed(0.45, { seen: 'hanging', hangingShare: 0.5 }, { seen: 'clean', passes: 1 }),
  ],
  ['a handle that stopped', pressed(0.9, { feel: 'stopped', seen: 'dented' })],
]

const { logEvidenceOf, spreadAfterAnother } = cutEvidence

describe('what rounds say of the press', () => {
  it.each(cases)('agrees with simulating every cell of the grid by itself: %s', (_, evidence) => {
    const fast = logEvidenceOf(evidence)
    // Where a cut turns clean within a tenth of a millimetre, straight lines between the lattice's points are off by some; the mean is not.
    // Every fourth offset and third strength; both sides have a constant of their own, so the greatest is set to 0.
    const cells: number[] = []
    for (let row = 8; row < OFFSETS - 8; row += 4)
      for (let column = 0; column < STRENGTHS; column += 3) cells.push(row * STRENGTHS + column)
    const slow = cells.map((cell) =>
      bruteLogChance(evidence, offsetMmAt(Math.floor(cell / STRENGTHS)), logStrengthAt(cell % STRENGTHS)),
    )
    const most = Math.max(...slow)
    const mostFast = Math.max(...cells.map((cell) => fast[cell]!))
    cells.forEach((cell, at) => {
      const [one, other] = [Math.exp(fast[cell]! - mostFast), Math.exp(slow[at]! - most)]
      expect(Math.abs(one - other), `cell ${cell}`).toBeLessThan(0.15)
    })
    const mean = (weights: number[]) =>
      weights.reduce((sum, weight, at) => sum + weight * offsetMmAt(Math.floor(cells[at]! / STRENGTHS)), 0) /
      weights.reduce((sum, weight) => sum + weight, 0)
    const difference = mean(cells.map((cell) => Math.exp(fast[cell]!))) - mean(slow.map(Math.exp))
    expect(Math.abs(difference)).toBeLessThan(0.03)
  })

  it('is finite everywhere and 0 at its greatest', () => {
    const log = logEvidenceOf(pressed(0.6, {}))
    expect(log).toHaveLength(CELLS)
    expect(Math.max(...log)).toBe(0)
    expect(log.every(Number.isFinite)).toBe(true)
  })

  it('takes a loose look for a wider gap and a tight one for a narrower', () => {
    const untouched = offsetAfter(pressed(0.5, { seen: 'untouched', feel: 'free' }))
    const clean = offsetAfter(pressed(0.5, { seen: 'clean', feel: 'light' }))
    const deep = offsetAfter(pressed(0.5, { seen: 'cut-into-pad', feel: 'light' }))
    expect(untouched.mean).toBeGreaterThan(clean.mean + 0.2)
    expect(deep.mean).toBeLessThan(clean.mean - 0.1)
  })

  it('knows more after a look than before it', () => {
    for (const seen of ['untouched', 'dented', 'clean', 'cut-into-pad'] as const)
      expect(offsetAfter(pressed(0.6, { seen })).spread).toBeLessThan(0.35)
  })

  it('learns less of the gap from a stack whose height is not known well', () => {
    const sure = offsetAfter(pressed(0.6, {}))
    const unsure = offsetAfter({ ...pressed(0.6, {}), heightSpreadMm: 0.4 })
    expect(unsure.spread).toBeGreaterThan(sure.spread)
  })

  it('takes a heavy handle over dense lace for a hard sheet or a narrow gap', () => {
    const lace = aCut({ dies: [aDie({ dieClass: 'thin-lace' })] })
    const after = (feel: Round['feel']) =>
      marginalsOf(normalized(together(priorGrid(), logEvidenceOf({ ...pressed(0.6, { feel }), cut: lace }))))
    const strength = (feel: Round['feel']) => momentsOf(after(feel).strengths, logStrengthAt).mean
    expect(strength('hard')).toBeGreaterThan(strength('free'))
  })
})

describe('what another round would be worth', () => {
  const before = normalized(priorGrid())
  const spreadBefore = momentsOf(marginalsOf(before).offsets, offsetMmAt).spread

  it('is some of the doubt, never more than there was', () => {
    const after = spreadAfterAnother(before, pressed(0.6, {}))
    expect(after).toBeLessThan(0.75 * spreadBefore)
    expect(after).toBeGreaterThan(0.05)
  })

  it('is nothing where the stack is so loose that it tells nothing', () => {
    expect(spreadAfterAnother(before, pressed(-3, {}))).toBeCloseTo(spreadBefore, 2)
  })

  it('is less where the height of the stack is not known well', () => {
    const after = spreadAfterAnother(before, { ...pressed(0.6, {}), heightSpreadMm: 0.3 })
    const sharper = spreadAfterAnother(before, { ...pressed(0.6, {}), heightSpreadMm: 0.02 })
    expect(sharper).toBeLessThan(after)
    expect(after).toBeLessThan(spreadBefore)
  })
})
