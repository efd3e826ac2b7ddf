import { describe, expect, it } from 'vitest'
import type { Round } from '../looks.js'
import { bruteLogChance } from '../../testing/brute-evidence.js'
import { aCut, aDie } from '../../testing/makers.js'
import { beds } from '../../testing/shapes.js'
import { gapMmOf, logStrengthAt, rowOf, STRENGTHS } from '../../learning/axes.js'
import { logOfClass } from '../../learning/class-prior.js'
import { gridOver, lastRowOf, logAt, together } from '../../learning/gap-grid.js'
import { cutEvidence } from './cut-evidence.js'
import { gapsOf, logNormal, logStrengthMoments, momentsOf, normalized, strengthsOf } from '../../learning/posterior.js'
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
const GAP_MM = 14
const pressed = (squeezeMm: number, ...looks: Partial<Round>[]): Pressed => ({
  cut,
  rounds: looks.map((more) => ({ bed: beds.pad, heightMm: GAP_MM + squeezeMm, look: look(more) })),
  pieces: {},
  ownSpreadMm: 0.05,
})
const prior = gridOver(rowOf(4), rowOf(34), logOfClass('small-hand', { isAllThereIs: true, unsureMm: 0 }), (column) =>
  logNormal(logStrengthAt(column), 0, 0.2),
)
const { logEvidenceOf, spreadAfterAnother } = cutEvidence
const after = (evidence: Pressed) => normalized(together(prior, logEvidenceOf(evidence)))
const gapAfter = (evidence: Pressed) => momentsOf(gapsOf(after(evidence)))

const cases: [string, Pressed][] = [
  ['a clean cut', pressed(0.6, { feel: 'free' })],
  [
    'half of it hanging, then clean',
    pressed(0.45, { seen: 'hanging', hangingShare: 0.5 }, { seen: 'clean', passes: 1 }),
  ],
  ['a handle that stopped', pressed(0.9, { feel: 'stopped', seen: 'dented' })],
]

describe('what rounds say of the press', () => {
  it.each(cases)('agrees with simulating every cell of the grid by itself: %s', (_, evidence) => {
    const fast = logEvidenceOf(evidence)
    // Where a cut turns clean within a tenth of a millimetre, straight lines between the lattice's points are off by some; the mean is not.
    // Every fourth row and third strength that is not quite unlikely; both sides have a constant of their own, so the greatest is set to 0.
    const cells: (readonly [row: number, column: number])[] = []
    for (let row = rowOf(GAP_MM - 1); row < rowOf(GAP_MM + 1); row += 4)
      for (let column = 4; column < STRENGTHS - 4; column += 3) cells.push([row, column])
    const quick = cells.map(([row, column]) => logAt(fast, row, column))
    const slow = cells.map(([row, column]) => bruteLogChance(evidence, gapMmOf(row), logStrengthAt(column)))
    const [most, mostQuick] = [Math.max(...slow), Math.max(...quick)]
    cells.forEach((cell, at) => {
      const [one, other] = [Math.exp(quick[at]! - mostQuick), Math.exp(slow[at]! - most)]
      expect(Math.abs(one - other), `cell ${cell.join()}`).toBeLessThan(0.4)
    })
    const mean = (logs: number[]) => {
      const weights = logs.map(Math.exp)
      return (
        weights.reduce((sum, weight, at) => sum + weight * gapMmOf(cells[at]![0]), 0) /
        weights.reduce((sum, weight) => sum + weight, 0)
      )
    }
    expect(Math.abs(mean(quick) - mean(slow))).toBeLessThan(0.03)
  })

  it('is finite everywhere and 0 at its greatest', () => {
    const { log } = logEvidenceOf(pressed(0.6, {}))
    expect(Math.max(...Array.from(log))).toBe(0)
    expect(Array.from(log).every(Number.isFinite)).toBe(true)
  })

  it('reaches from untouched to far too hard, and is the same at its ends as a step before', () => {
    const said = logEvidenceOf(pressed(0.6, { seen: 'hanging', feel: 'firm' }))
    expect(gapMmOf(lastRowOf(said))).toBeGreaterThan(GAP_MM + 0.6)
    expect(gapMmOf(said.firstRow)).toBeLessThan(GAP_MM - 0.5)
    for (const [end, before] of [
      [said.firstRow, said.firstRow + 1],
      [lastRowOf(said), lastRowOf(said) - 1],
    ] as const)
      expect(Math.abs(logAt(said, end, 10) - logAt(said, before, 10))).toBeLessThan(0.02)
    expect(logAt(said, rowOf(30), 10)).toBe(logAt(said, lastRowOf(said), 10))
    expect(logAt(said, rowOf(8), 10)).toBe(logAt(said, said.firstRow, 10))
  })

  it('takes a loose look for a wider gap and a tight one for a narrower', () => {
    const untouched = gapAfter(pressed(0.5, { seen: 'untouched', feel: 'free' }))
    const clean = gapAfter(pressed(0.5, { seen: 'clean', feel: 'light' }))
    const deep = gapAfter(pressed(0.5, { seen: 'cut-into-pad', feel: 'light' }))
    expect(untouched.mean).toBeGreaterThan(clean.mean + 0.2)
    expect(deep.mean).toBeLessThan(clean.mean - 0.1)
  })

  it('knows more after a look than before it', () => {
    for (const seen of ['untouched', 'dented', 'clean', 'cut-into-pad'] as const)
      expect(gapAfter(pressed(0.6, { seen })).spread).toBeLessThan(0.35)
  })

  it('learns less of the gap from a stack whose height is not known well', () => {
    const sure = gapAfter(pressed(0.6, {}))
    const unsure = gapAfter({ ...pressed(0.6, {}), ownSpreadMm: 0.4 })
    expect(unsure.spread).toBeGreaterThan(sure.spread)
  })

  it('takes a heavy handle over dense lace for a hard sheet or a narrow gap', () => {
    const lace = aCut({ dies: [aDie({ dieClass: 'thin-lace' })] })
    const strength = (feel: Round['feel']) =>
      logStrengthMoments(strengthsOf(after({ ...pressed(0.6, { feel }), cut: lace }))).mean
    expect(strength('hard')).toBeGreaterThan(strength('free'))
  })
})

describe('what another round would be worth', () => {
  const before = normalized(prior)
  const spreadBefore = momentsOf(gapsOf(before)).spread

  it('is some of the doubt, never more than there was', () => {
    const spread = spreadAfterAnother(before, pressed(0.6, {}))
    expect(spread).toBeLessThan(0.75 * spreadBefore)
    expect(spread).toBeGreaterThan(0.05)
  })

  it('is nothing where the stack is so loose that it tells nothing', () => {
    expect(spreadAfterAnother(before, pressed(-3, {}))).toBeCloseTo(spreadBefore, 2)
  })

  it('is less where the height of the stack is not known well', () => {
    const unsure = spreadAfterAnother(before, { ...pressed(0.6, {}), ownSpreadMm: 0.3 })
    const sharper = spreadAfterAnother(before, { ...pressed(0.6, {}), ownSpreadMm: 0.02 })
    expect(sharper).toBeLessThan(unsure)
    expect(unsure).toBeLessThan(spreadBefore)
  })
})
