import type { PlacementFinding, Suggestion } from '@bold-heron/core'
import i18next from 'i18next'
import { describe, expect, it } from 'vitest'
import { aDie, aPlate, aSheet, plateLayer } from '../../../../packages/core/src/testing/makers.js'
import { sayArea, sayPlacementFinding } from '../pressing/placed/say-placement-finding.js'
import { sayLie, turnedPads } from '../pressing/say-lie.js'
import { layerName } from '../pressing/stack/layer-name.js'
import { sayClock, sayDay, sayTime } from './dates.js'
import '../testing/speaking.js'
import { lengthsIn } from './lengths.js'
import { sayMethod } from './say-method.js'
import { sayPressed } from './say-pressed.js'
import { sayGain, sayProposal } from './say-suggestion.js'

const t = i18next.getFixedT(null, 'app')
const mm = lengthsIn({ unit: 'mm', denominator: 16 })
const inches = lengthsIn({ unit: 'in', denominator: 16 })

describe('lengths in the unit of the house', () => {
  it('tell a place to the hundredth, or as a fraction where it is one', () => {
    expect(mm.place(69.85)).toBe('69.85 mm')
    expect(mm.place(70)).toBe('70 mm')
    expect(inches.place(69.85)).toBe('2 3/4 in')
    expect(inches.place(25.4 / 32)).toBe('1/32 in')
    expect(inches.place(10)).toBe('0.394 in')
  })

  it('tell two sides with one unit, and figures for a column without', () => {
    expect(mm.area(96, 74)).toBe('96 × 74 mm')
    expect(mm.bare(0.305)).toBe(mm.thickness(0.305).replace(' mm', ''))
    expect(inches.bare(3)).not.toContain('in')
  })
})

describe('times', () => {
  const iso = new Date(2026, 5, 3, 9, 5).toISOString()

  it('are told as at the bench', () => {
    expect(sayDay(iso)).toBe('3 Jun 2026')
    expect(sayClock(iso)).toBe('09:05')
    expect(sayTime(iso)).toBe('3 Jun 2026, 09:05')
  })
})

describe('what is pressed', () => {
  it('is told in a line', () => {
    const told = { dieNames: ['Gull', 'Kite'], sheetCount: 2, sheetName: 'Ivory', pressName: 'Library' }
    expect(sayPressed(t, told)).toMatch(/Gull, Kite.*2 × Ivory.*Library/)
  })

  it('is called by what of the stack is pressed, else by the technique', () => {
    expect(sayMethod(t, 'cut', 'to-line')).toBe('edge partial')
    expect(sayMethod(t, 'folder', 'to-line')).toBe('folder')
  })

  it('names each layer with what matters of it', () => {
    const named = aSheet({ name: 'Silver foil', parts: [{ part: 'sheet' }, { part: 'folded' }] } as never)
    expect(layerName(t, { is: 'sheets', sheet: named, count: 1 })).toContain('Silver foil + folded')
    expect(layerName(t, { is: 'dies', dies: [aDie({ name: 'Gull' })], blade: 'up' })).toBe('Gull, blade up')
    expect(layerName(t, plateLayer(aPlate({ name: 'Board' })))).toBe('Board')
  })
})

describe('how a pad lies', () => {
  const pad = aPlate({ name: 'Clear pad', lie: { face: 'b', turned: true } })
  const turned = plateLayer(pad, 'bed')
  const plain = plateLayer(aPlate({ name: 'Other pad', lie: { face: 'a', turned: false } }), 'bed')

  it('is told where it matters, once a pad', () => {
    expect(sayLie(t, turned)).toContain('plain face')
    expect(sayLie(t, { is: 'dies', dies: [], blade: 'up' })).toBeUndefined()
    // No blade lands on what presses the die’s back.
    expect(sayLie(t, plateLayer(pad, 'pad'))).toBeUndefined()
    expect(turnedPads(t, [turned, plain, turned]).map(({ name }) => name)).toEqual(['Clear pad'])
  })
})

describe('findings on a placement', () => {
  it('tell places and areas in the unit of the house', () => {
    expect(sayArea(645.16, mm)).toBe('6.5 cm²')
    expect(sayArea(645.16, inches)).toBe('1.00 in²')
    const finding = {
      code: 'falls-out',
      severity: 'note',
      values: { name: 'Gull trio' },
    } as unknown as PlacementFinding
    expect(sayPlacementFinding(t, mm, finding).say).not.toContain('{{')
  })
})

describe('what would do better', () => {
  const gain = { passes: 0, effort: 0, chance: 0, harm: 0 }
  const said = (more: object) =>
    sayGain(t, { proposal: { code: 'turn' }, gain: { ...gain, ...more } } as unknown as Suggestion)

  it('is told only as far as anybody would act on it', () => {
    expect(said({ chance: 0.02, effort: -0.01 })).toBe(t('plan.gain.little'))
    expect(said({ passes: -1, effort: -0.2, chance: 0.08 }).split(', ')).toHaveLength(3)
    expect(said({ effort: 0.2 })).toBe(t('plan.gain.stiffer'))
    expect(said({ chance: -0.1 })).toContain('10')
  })

  it('is said in the unit of the house', () => {
    const shim = {
      proposal: { code: 'centre-shim', shim: 'Copy paper', thicknessMm: 0.1, widthMm: 25.4 },
    } as unknown as Suggestion
    expect(sayProposal(t, mm, shim)).toMatch(/25\.4 mm.*0\.10 mm/)
    expect(sayProposal(t, inches, shim)).toMatch(/1 in.*0\.004 in/)
  })
})
