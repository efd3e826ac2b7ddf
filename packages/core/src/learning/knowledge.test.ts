import { describe, expect, it } from 'vitest'
import { aPress } from '../testing/makers.js'
import { CELLS, logStrengthAt, offsetMmAt, STRENGTHS } from './axes.js'
import { knowledgeOf } from './knowledge.js'
import { learntGap } from './learnt-gap.js'
import { REPEAT_SPREAD_MM } from './repeat-spread.js'
import { intervalOf, logNormal, marginalsOf, momentsOf, normalized, priorGrid } from './posterior.js'

const tilted = Float64Array.from({ length: CELLS }, (_, cell) => {
  const [mm, log] = [offsetMmAt(Math.floor(cell / STRENGTHS)), logStrengthAt(cell % STRENGTHS)]
  return logNormal(mm + 0.5 * log, 0.2, 0.1) + logNormal(log, 0.1, 0.2)
})

describe('the prior', () => {
  it('has the spreads of the calibration notes', () => {
    const { offsets, strengths } = marginalsOf(normalized(priorGrid()))
    expect(momentsOf(offsets, offsetMmAt).spread).toBeCloseTo(0.35, 2)
    expect(momentsOf(strengths, logStrengthAt).spread).toBeCloseTo(0.2, 2)
    // 90 % of a normal value lie within 1.645 spreads (published tables of the normal distribution).
    const [low, high] = intervalOf(offsets, offsetMmAt, 0.9)
    expect(low).toBeCloseTo(-1.645 * 0.35, 2)
    expect(high).toBeCloseTo(1.645 * 0.35, 2)
  })
})

describe('what is believed, boiled down to nodes', () => {
  const chances = normalized(tilted)
  const knowledge = knowledgeOf(chances)
  it('keeps mean, spread, and how offset and strength hang together', () => {
    const { nodes, offsetMm, logStrength } = knowledge
    const sum = (value: (node: (typeof nodes)[number]) => number) =>
      nodes.reduce((total, node) => total + node.weight * value(node), 0)
    expect(sum(() => 1)).toBeCloseTo(1, 9)
    expect(sum((node) => node.shiftMm)).toBeCloseTo(0, 4)
    const variance = sum((node) => node.shiftMm ** 2 + offsetMm.spread ** 2 - node.lessVariance)
    expect(Math.sqrt(variance)).toBeCloseTo(offsetMm.spread, 2)
    const together = sum((node) => -node.shiftMm * (Math.log(node.strength) - logStrength.mean))
    const brute = chances.reduce(
      (total, chance, cell) =>
        total +
        chance *
          (offsetMmAt(Math.floor(cell / STRENGTHS)) - offsetMm.mean) *
          (logStrengthAt(cell % STRENGTHS) - logStrength.mean),
      0,
    )
    expect(together).toBeCloseTo(brute, 4)
  })
})

describe('the gap as the log tells it', () => {
  const unknown = { gapMm: 14, ownSpreadMm: 0.35, basis: 'press-class', witnesses: [] } as const
  it('is that of the class where there are no runs', () => {
    expect(learntGap(aPress(), unknown, undefined)).toMatchObject(unknown)
  })
  it('moves to where the runs say, and is surer', () => {
    const gap = learntGap(aPress(), unknown, { log: tilted, pressRuns: 3, sheetRuns: 3, pieces: {} })
    expect(gap.gapMm).toBeGreaterThan(14.08)
    expect(gap.ownSpreadMm).toBeLessThan(0.2)
  })
  it('leaves to the plates in the runs what is theirs, but never more than half', () => {
    const ownSpread = (spreadMm: number) =>
      learntGap(aPress(), unknown, {
        log: tilted,
        pressRuns: 3,
        sheetRuns: 3,
        pieces: { pad: { count: 2, spreadMm } },
      }).ownSpreadMm
    expect(ownSpread(0.03)).toBeLessThan(ownSpread(0))
    // The gap's own part is halved; what differs from one time to the next stays.
    const gapsOwn = (spreadMm: number) => Math.sqrt(ownSpread(spreadMm) ** 2 - REPEAT_SPREAD_MM ** 2)
    expect(gapsOwn(5)).toBeCloseTo(gapsOwn(0) / 2, 6)
  })
})
