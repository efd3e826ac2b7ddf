import { describe, expect, it } from 'vitest'
import { bump, learntOf } from '../testing/grids.js'
import { aKnownGood, aPlate, aPress } from '../testing/makers.js'
import { gapStoryOf } from './gap-story.js'
import { SimulatedResponses } from './simulated-responses.js'

const responses = new SimulatedResponses()
const runsAt = (mm: number) => learntOf(bump({ mm, spreadMm: 0.08 }), 5)

describe('the story of a gap', () => {
  it('of a press known by its class is the prior, and another run would tell much', () => {
    const story = gapStoryOf(aPress(), undefined, responses)
    story.now.forEach((chance, at) => expect(chance).toBeCloseTo(story.prior[at]!, 12))
    expect(story.gapMm).toBeCloseTo(14, 3)
    expect(story.spreadAfterAnotherMm).toBeLessThan(0.75 * story.spreadMm)
  })

  it('moves with known stacks and runs, and each makes it surer', () => {
    const plates = [aPlate({ id: 'platform', kind: 'platform', mm: 7 }), aPlate({}), aPlate({})]
    const known = gapStoryOf(aPress({ knownGood: [aKnownGood({ plates })] }), undefined, responses)
    const both = gapStoryOf(aPress({ knownGood: [aKnownGood({ plates })] }), runsAt(13.8), responses)
    expect(known.spreadMm).toBeLessThan(0.35)
    expect(both.spreadMm).toBeLessThan(known.spreadMm)
    const [low, high] = both.ninetyMm
    expect(low).toBeLessThan(both.gapMm)
    expect(high).toBeGreaterThan(both.gapMm)
    expect(both.spreadAfterAnotherMm).toBeLessThanOrEqual(both.spreadMm)
  })

  it('agrees with the gap that plans are made from', () => {
    const runs = runsAt(14.25)
    expect(gapStoryOf(aPress(), runs, responses).gapMm).toBeCloseTo(responses.gapOf(aPress(), runs).gapMm, 2)
  })

  it('shows both gaps where two known stacks differ and neither is like the class', () => {
    const on = (mm: number) => aKnownGood({ plates: [aPlate({ id: `${mm}`, mm })] })
    const { gapsMm, now } = gapStoryOf(aPress({ knownGood: [on(9), on(17)] }), undefined, responses)
    const around = (mm: number) =>
      now.reduce((sum, chance, at) => sum + (Math.abs(gapsMm[at]! - mm) < 0.5 ? chance : 0), 0)
    expect(around(10)).toBeGreaterThan(0.1)
    expect(around(18)).toBeGreaterThan(0.1)
  })
})
