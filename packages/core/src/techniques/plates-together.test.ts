import { describe, expect, it } from 'vitest'
import { defaultHouseRules } from '../job/house-rules.js'
import { quickPlan } from '../planner/plan.js'
import type { Plate } from '../layers/plate.js'
import { aCut, aDie, aPlate, aPress, layByHand } from '../testing/makers.js'
import type { LaidLayer } from './give-roles.js'
import { inspectStack } from './inspect.js'
import { methodOf, methods } from './method.js'

const platform = aPlate({ id: 'platform', kind: 'platform', mm: 6.5, count: 1 })
const magnet = aPlate({ id: 'magnet', kind: 'platform', mm: 6.5, magnetic: true })
const steel = aPlate({ id: 'steel', kind: 'hard-plate', mm: 1, count: 1 })
const pad = aPlate({ id: 'pad', count: 3 })
const card = aPlate({ id: 'card', kind: 'shim', mm: 0.3, count: 5 })
const lace = aCut({ press: aPress(), dies: [aDie({ dieClass: 'thin-lace' })], bladeSide: 'up' })

describe('steel', () => {
  it('is never outermost: bare against a roller it bends for good', () => {
    const method = methodOf({ technique: 'cut', region: 'all' })
    const laid = (plate: Plate) => ({ is: 'plate', plate }) as const
    const layers: LaidLayer[] = [
      laid(platform),
      laid(pad),
      { is: 'dies', dies: lace.dies, blade: 'up' },
      { is: 'sheets', sheet: lace.sheet, count: 1 },
      laid(steel),
    ]
    const bare = layByHand(lace, layers)
    expect(inspectStack(method, bare, lace).map(({ severity, code }) => `${severity} ${code}`)).toContain(
      'stop steel-outermost',
    )
    const covered = layByHand(lace, [...layers, laid(pad)])
    expect(inspectStack(method, covered, lace).map(({ code }) => code)).not.toContain('steel-outermost')
    expect(inspectStack(method, covered, lace).map(({ code }) => code)).not.toContain('unusual-order')
  })

  it('is offered for lace with the blade up as pad, die, sheet, steel, pad', () => {
    const plan = quickPlan({
      technique: 'cut',
      region: 'all',
      cut: lace,
      shelf: [platform, steel, pad, card],
      workedBefore: [],
    })
    const offered = [plan.best!, ...plan.alternatives].map(({ stack }) =>
      stack.map((layer) => (layer.is === 'plate' ? layer.plate.id : layer.is)),
    )
    const withSteel = offered.filter((ids) => ids.includes('steel'))
    expect(withSteel.length).toBeGreaterThan(0)
    for (const ids of withSteel) expect(ids.slice(-5)).toEqual(['pad', 'dies', 'sheets', 'steel', 'pad'])
    for (const ids of offered) expect(ids.filter((id, at) => id === 'pad' && ids[at - 1] === 'pad')).toEqual([])
  })

  it.each([...methods])('with a magnet obeys the house rule in $technique $region, too', (how) => {
    const method = methodOf(how)
    expect(method.ofPair(magnet, steel, lace)).toMatchObject([{ severity: 'stop', code: 'hard-plate-with-magnet' }])
    const allowing = { ...lace, rules: { ...defaultHouseRules, hardPlateWithMagnet: 'allowed' as const } }
    expect(method.ofPair(magnet, steel, allowing)).toMatchObject([{ severity: 'caution' }])
  })
})
