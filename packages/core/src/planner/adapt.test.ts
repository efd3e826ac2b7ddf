import { describe, expect, it } from 'vitest'
import { aCut, aDie, aKnownGood, aPlate, aPress } from '../testing/makers.js'
import { factsOfPressClass } from '../press/press-class.js'
import { PLAIN_LAYING } from '../goals/laying.js'
import { bedOfStack } from '../goals/clean-cut/cut-setup.js'
import { adaptSteps, type ProvenCut } from './adapt.js'
import { cleanCutComputed } from '../goals/clean-cut/computed.js'
import { planSteps } from './model-plan.js'
import type { PlanRequest } from './plan.js'
import { SimulatedResponses } from './simulated-responses.js'
import { finish } from '../numerics/steps.js'
import { tryOut } from '../goals/clean-cut/try-out.js'

const shelf = [
  aPlate({ id: 'platform', name: 'Board', kind: 'platform', mm: 7, count: 1 }),
  aPlate({ id: 'large', name: 'Large board', kind: 'platform', mm: 9, count: 1 }),
  aPlate({ id: 'pad', name: 'Pad', count: 2 }),
  aPlate({ id: 'paper', name: 'Paper', kind: 'shim', mm: 0.1, count: 10 }),
  aPlate({ id: 'card', name: 'Card', kind: 'shim', mm: 0.3, count: 4 }),
]
const [platform, large, pad, paper, card] = shelf as [(typeof shelf)[0], ...typeof shelf]
const small = aPress({ knownGood: [aKnownGood({ plates: [platform, pad!, pad!, card!] })] })
const a4Facts = factsOfPressClass('a4-hand')
const a4 = aPress({
  id: 'a4',
  pressClass: 'a4-hand',
  throatMm: a4Facts.throatMm,
  frame: a4Facts,
  drive: a4Facts.drive,
  knownGood: [aKnownGood({ plates: [large!, pad!, pad!, card!, paper!] })],
})

describe('a cut carried over from the small press to the A4 press', () => {
  const responses = new SimulatedResponses()
  const dies = [aDie({ lengthMm: 70, widthMm: 60 })]
  const requestOn = (press: typeof small): PlanRequest => ({
    technique: 'cut',
    region: 'all',
    cut: aCut({ press, dies }),
    shelf,
    workedBefore: [],
  })
  const home = finish(planSteps(requestOn(small), responses)).best!
  const proven: ProvenCut = {
    cut: requestOn(small).cut,
    stack: home.stack,
    squeezeMm: home.ledger.squeezeMm,
    passes: home.passes.passes,
  }
  const adapted = finish(adaptSteps(proven, requestOn(a4), responses))
  const cleanShare = ({ cut, stack, squeezeMm, passes }: ProvenCut): number =>
    tryOut(cut, bedOfStack(stack)!, squeezeMm, passes, PLAIN_LAYING).cutFraction

  it('comes out as clean there, by a simulation on the fine grid', () => {
    const there = adapted.plan.best!
    const cleanThere = cleanShare({
      cut: requestOn(a4).cut,
      stack: there.stack,
      squeezeMm: there.ledger.squeezeMm,
      passes: there.passes.passes,
    })
    expect(cleanThere).toBeGreaterThanOrEqual(cleanShare(proven) - 0.005)
    expect((adapted.here as { cutFraction: number }).cutFraction).toBeCloseTo(cleanShare(proven), 6)
  })

  it('keeps the reserve over the squeeze that just comes clean', () => {
    const bed = bedOfStack(adapted.plan.best!.stack)!
    const leastThere = responses.of(cleanCutComputed, requestOn(a4).cut, bed).goodFrom(proven.passes)
    const leastHere = responses.of(cleanCutComputed, proven.cut, bedOfStack(proven.stack)!).goodFrom(proven.passes)
    expect(adapted.reserveMm).toBeCloseTo(proven.squeezeMm - leastHere, 9)
    expect(adapted.squeezeThereMm! - leastThere).toBeCloseTo(adapted.reserveMm, 9)
  })

  it('carried to its own press stays where it was', () => {
    const same = finish(adaptSteps(proven, requestOn(small), responses))
    expect(same.squeezeThereMm).toBeCloseTo(proven.squeezeMm, 9)
  })

  it('without a bed that can be simulated still plans there, and says nothing of here', () => {
    const bare = finish(adaptSteps({ ...proven, stack: [] }, requestOn(a4), responses))
    expect(bare).toMatchObject({ reserveMm: 0, here: undefined })
    expect(bare.plan.best).toBeDefined()
  })
})
