import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { aDie, aPlate, aSheet, plateLayer } from '../testing/makers.js'
import type { Layer } from './layer.js'
import { ledgerOf } from './ledger.js'
import { bladeSideOf, heightOf, landingOf } from './stack.js'

const platform = aPlate({ id: 'platform', kind: 'platform', mm: 7 })
const pad = aPlate({ mm: 3 })
const sheets: Layer = { is: 'sheets', sheet: aSheet({ mm: 0.3 }), count: 2 }
const die = (blade: 'up' | 'down'): Layer => ({ is: 'dies', dies: [aDie()], blade })
const bladeDown = [plateLayer(platform), plateLayer(pad), sheets, die('down'), plateLayer(pad)]

describe('height', () => {
  it('is the plain sum of the layers', () => {
    expect(heightOf(bladeDown).valueMm).toBeCloseTo(7 + 3 + 0.6 + 1 + 3, 12)
  })

  it('adds the spread of two pieces of one entry straight, of different entries in quadrature', () => {
    expect(heightOf([plateLayer(pad), plateLayer(pad)]).spreadMm).toBeCloseTo(0.04, 12)
    expect(heightOf([plateLayer(pad), plateLayer(platform)]).spreadMm).toBeCloseTo(Math.hypot(0.02, 0.02), 12)
  })

  it('does not depend on the order', () => {
    fc.assert(
      fc.property(fc.shuffledSubarray(bladeDown, { minLength: 5 }), (shuffled) => {
        expect(heightOf(shuffled).valueMm).toBeCloseTo(heightOf(bladeDown).valueMm, 12)
        expect(heightOf(shuffled).spreadMm).toBeCloseTo(heightOf(bladeDown).spreadMm, 12)
      }),
    )
  })

  it('takes several dies as high as the tallest', () => {
    const tall = aDie({ id: 'tall', height: { valueMm: 1.2, spreadMm: 0.02 } })
    expect(heightOf([{ is: 'dies', dies: [aDie(), tall], blade: 'up' }]).valueMm).toBe(1.2)
  })
})

describe('where the blade lands', () => {
  it('is the pad under the sheets when the blade looks down', () => {
    expect(bladeSideOf(bladeDown)).toBe('down')
    expect(landingOf(bladeDown)).toEqual({ bedIndex: 1, throughSheet: true })
  })

  it('is the pad over the sheets when the blade looks up', () => {
    const stack = [plateLayer(platform), plateLayer(pad), die('up'), sheets, plateLayer(pad)]
    expect(landingOf(stack)).toEqual({ bedIndex: 4, throughSheet: true })
  })

  it('is the bare pad on the wrong side when the die is turned over', () => {
    expect(landingOf([plateLayer(pad), sheets, die('up'), plateLayer(pad)])).toEqual({
      bedIndex: 3,
      throughSheet: false,
    })
  })

  it('is the roller where nothing is left', () => {
    expect(landingOf([plateLayer(pad), die('up'), sheets])).toEqual({ bedIndex: undefined, throughSheet: true })
    expect(landingOf([plateLayer(pad)])).toBeUndefined()
  })
})

describe('ledger', () => {
  it('runs up to the total and takes the gap off it', () => {
    const ledger = ledgerOf(bladeDown, 14)
    expect(ledger.lines.map((line) => Number(line.runningMm.toFixed(9)))).toEqual([7, 10, 10.6, 11.6, 14.6])
    expect(ledger.total.valueMm).toBeCloseTo(14.6, 12)
    expect(ledger.squeezeMm).toBeCloseTo(0.6, 12)
  })

  it('shows a negative squeeze for a stack that passes untouched', () => {
    expect(ledgerOf([plateLayer(pad)], 14).squeezeMm).toBeCloseTo(-11, 12)
  })
})
