import { describe, expect, it } from 'vitest'
import { heightOf, type Stack } from '../layers/stack.js'
import { assessStack } from '../planner/model-plan.js'
import { SimulatedResponses } from '../planner/simulated-responses.js'
import { aCut, aDie, aPlate, aPress, aKnownGood, plateLayer } from '../testing/makers.js'
import { jobLayer } from '../job/cut-context.js'
import { beds } from '../testing/shapes.js'
import { ResponseOfRecord, recordOf } from './response-record.js'
import { computedOf } from '../techniques/computed-of.js'

const known = aKnownGood({ plates: [aPlate({ id: 'platform', kind: 'platform', mm: 7.35 }), aPlate(), aPlate()] })
const responses = new SimulatedResponses()

describe('a stack that is laid far too tight by hand', () => {
  it.each(['thin-outline', 'thin-lace'] as const)('is told to stop the handle, however far it is: %s', (dieClass) => {
    const cut = aCut({ press: aPress({ knownGood: [known] }), dies: [aDie({ dieClass })] })
    for (const squeezeMm of [3.5, 6, 10, 15]) {
      const rest: Stack = [
        plateLayer(aPlate(), 'bed'),
        jobLayer('sheets', cut),
        jobLayer('dies', cut),
        plateLayer(aPlate()),
      ]
      const gapMm = responses.gapOf(cut.press).gapMm
      const platform = aPlate({ id: 'tall', kind: 'platform', mm: gapMm + squeezeMm - heightOf(rest).valueMm })
      const { prediction, ledger } = assessStack(
        { technique: 'cut', region: 'all', cut, shelf: [], workedBefore: [] },
        [plateLayer(platform, 'platform'), ...rest],
        responses,
      )
      expect(ledger.squeezeMm).toBeCloseTo(squeezeMm, 6)
      expect(prediction?.stops ?? 1, `${squeezeMm} mm`).toBeGreaterThan(0.95)
    }
  })

  it('is heavier the tighter it is, where it was simulated and where it was kept', () => {
    const cut = aCut()
    const goal = computedOf({ technique: 'cut' })
    const response = responses.of(goal, cut, beds.pad)
    const kept = new ResponseOfRecord(recordOf(response, cut.rules))
    for (const each of [response, kept]) {
      const efforts = [0.6, 1.2, 2.4, 4, 7].map((mm) => each.effortAt(mm))
      efforts.slice(1).forEach((effort, at) => expect(effort).toBeGreaterThan(efforts[at]!))
      expect(efforts.at(-1)).toBeGreaterThan(1)
    }
  })
})
