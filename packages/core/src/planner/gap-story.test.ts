import { describe, expect, it } from 'vitest'
import { CELLS, offsetMmAt, STRENGTHS } from '../learning/axes.js'
import { logNormal } from '../learning/posterior.js'
import { aKnownGood, aPlate, aPress } from '../testing/makers.js'
import { gapStoryOf } from './gap-story.js'
import { Responses } from './responses.js'

const responses = new Responses()
const runsAt = (mm: number) => ({
  log: Float64Array.from({ length: CELLS }, (_, cell) => logNormal(offsetMmAt(Math.floor(cell / STRENGTHS)), mm, 0.08)),
  pressRuns: 5,
  sheetRuns: 0,
  pieces: {},
})

describe('the story of a gap', () => {
  it('of a press known by its class is the prior, and another run would tell much', () => {
    const story = gapStoryOf(aPress(), undefined, responses)
    story.now.forEach((chance, at) => expect(chance).toBeCloseTo(story.prior[at]!, 12))
    expect(story.gapMm).toBeCloseTo(14, 6)
    expect(story.spreadAfterAnotherMm).toBeLessThan(0.75 * story.spreadMm)
  })

  it('moves with known stacks and runs, and each makes it surer', () => {
    const plates = [aPlate({ id: 'platform', kind: 'platform', mm: 7 }), aPlate({}), aPlate({})]
    const known = gapStoryOf(aPress({ knownGood: [aKnownGood({ plates })] }), undefined, responses)
    const both = gapStoryOf(aPress({ knownGood: [aKnownGood({ plates })] }), runsAt(-0.2), responses)
    expect(known.spreadMm).toBeLessThan(0.35)
    expect(both.spreadMm).toBeLessThan(known.spreadMm)
    const [low, high] = both.ninetyMm
    expect(low).toBeLessThan(both.gapMm)
    expect(high).toBeGreaterThan(both.gapMm)
    expect(both.spreadAfterAnotherMm).toBeLessThanOrEqual(both.spreadMm)
  })

  it('agrees with the gap that plans are made from', () => {
    const runs = runsAt(0.25)
    expect(gapStoryOf(aPress(), runs, responses).gapMm).toBeCloseTo(responses.gapOf(aPress(), runs).gapMm, 9)
  })
})
