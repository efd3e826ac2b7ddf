import { describe, expect, it } from 'vitest'
import { aCut, aKnownGood, aPlate, aPress } from '../testing/makers.js'
import { planSteps } from './model-plan.js'
import type { PlanRequest } from './plan.js'
import { SimulatedResponses } from './simulated-responses.js'
import { finish } from '../numerics/steps.js'
import { surerBy } from './surer.js'

const platform = aPlate({ id: 'platform', kind: 'platform', mm: 7, count: 1 })
const pad = aPlate({ id: 'pad', count: 2 })
const card = aPlate({ id: 'card', kind: 'shim', mm: 0.3, count: 4 })
const known = [aKnownGood({ plates: [platform, pad, pad, card] })]

const bestOf = (press: PlanRequest['cut']['press'], shelf = [platform, pad, card]) => {
  const cut = aCut({ press })
  const plan = finish(
    planSteps({ technique: 'cut', region: 'all', cut, shelf, workedBefore: [] }, new SimulatedResponses()),
  )
  return surerBy(plan.best!, cut)
}

describe('what would make a stack surer', () => {
  it('is feeling the gap out, on a press that is known by its class only', () => {
    expect(bestOf(aPress())).toEqual({ by: 'feeling-gap' })
  })

  it('is the thickness that is most of the doubt, where the gap is known', () => {
    const rough = { ...platform, id: 'rough', thickness: { valueMm: 7, spreadMm: 0.4 } }
    const asked = bestOf(aPress({ knownGood: known }), [rough, pad, card])
    expect(asked).toEqual({ by: 'measuring', layerIndex: 0 })
  })

  it('is nothing where it is sure already, and a look where nothing stands out', () => {
    const certainty = { chance: 0.99, spreadMm: 0.05, doubtMm: 0.05, worstLayer: undefined }
    const cut = aCut()
    const window = { lowMm: 0, midMm: 1, highMm: 2, scaleMm: 1, gapMm: 9, gapSpreadMm: 0.01 } as never
    expect(surerBy({ certainty, window, prediction: undefined }, cut)).toBeUndefined()
    expect(surerBy({ certainty: { ...certainty, chance: 0.8 }, window, prediction: undefined }, cut)).toEqual({
      by: 'looking',
    })
  })
})
