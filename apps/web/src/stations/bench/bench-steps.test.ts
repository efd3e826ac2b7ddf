import { techniqueOf } from '@bold-heron/core'
import { describe, expect, it } from 'vitest'
import { aCut, aPlate, layByHand, plateLayer } from '../../../../../packages/core/src/testing/makers.js'
import { stepsOfRound } from './bench-steps.js'
import type { RoundInHand } from './session.js'

const cut = aCut()
const pad = aPlate({ id: 'pad' })
const stack = layByHand(cut, [
  { is: 'plate', plate: aPlate({ id: 'platform', kind: 'platform', mm: 7 }) },
  { is: 'plate', plate: pad },
  { is: 'sheets', sheet: cut.sheet, count: 1 },
  { is: 'dies', dies: cut.dies, blade: 'down' },
  { is: 'plate', plate: pad },
])
const { guide } = techniqueOf('cut')
const round = (laying: RoundInHand['laying'], freshSheets = true): RoundInHand =>
  ({ laying, freshSheets, stack: [], passes: 2 }) as unknown as RoundInHand
const steps = (...asked: Parameters<typeof stepsOfRound>) => stepsOfRound(...asked).map(({ is }) => is)
const laid = (...asked: Parameters<typeof stepsOfRound>) =>
  stepsOfRound(...asked).flatMap((step) => (step.is === 'lay' ? [step.layer] : []))

describe('the steps of a round', () => {
  it('lay every layer, bottom first, and end with pressing, looking and telling', () => {
    expect(laid(stack, round('all'), guide)).toEqual([0, 1, 2, 3, 4])
    const met = steps(stack, round('all'), guide)
    expect(met[0]).toBe('check')
    expect(met.slice(met.indexOf('press'))).toEqual(['press', ...guide.finally, 'tell'])
  })

  it('hold the die right after it is laid', () => {
    const met = stepsOfRound(stack, round('all'), guide)
    const dies = met.findIndex((step) => step.is === 'lay' && stack[step.layer]!.is === 'dies')
    expect(met.slice(dies + 1, dies + 1 + guide.afterDies.length).map(({ is }) => is)).toEqual(guide.afterDies)
  })

  it('only change what changes in a stack that lies there', () => {
    expect(laid(stack, round('change'), guide)).toEqual([])
    expect(steps(stack, round('change'), guide).slice(0, 2)).toEqual(['change', 'fresh-sheets'])
    expect(steps(stack, round('change', false), guide)).not.toContain('fresh-sheets')
  })

  it('lay sheets and die alone onto plates that lie there from another run', () => {
    expect(laid(stack, round('onto'), guide)).toEqual([2, 3])
    expect(steps(stack, round('onto'), guide)).toContain('change')
    expect(laid(stack, round('things'), guide)).toEqual([2, 3])
    expect(steps(stack, round('things'), guide)).not.toContain('change')
    expect(steps(stack, round('things'), guide)).not.toContain('check')
  })

  it('go straight to the press where nothing is laid', () => {
    expect(steps(stack, round('nothing', false), guide)[0]).toBe('press')
    expect(steps(stack, round('nothing', true), guide)[0]).toBe('fresh-sheets')
  })

  it('lay waxed paper over card or die, whichever lies lower, and over fresh sheets', () => {
    const waxed = { isLaidOut: false, piece: 'any', waxed: true } as const
    const after = (laidFirst: 'dies' | 'sheets', of: typeof stack) => {
      const met = stepsOfRound(of, round('all'), guide, waxed)
      const at = met.findIndex((step) => step.is === 'lay' && of[step.layer]!.is === laidFirst)
      return met.slice(at + 1, at + 2 + guide.afterDies.length).map(({ is }) => is)
    }
    expect(after('sheets', stack)).toContain('waxed-paper')
    expect(after('dies', [...stack].reverse())).toContain('waxed-paper')
    const all = steps(stack, round('all'), guide, waxed)
    expect(all.filter((is) => is === 'waxed-paper')).toHaveLength(1)
    expect(steps(stack, round('change'), guide, waxed).slice(0, 3)).toEqual(['change', 'fresh-sheets', 'waxed-paper'])
    expect(steps(stack, round('nothing', false), guide, waxed)).not.toContain('waxed-paper')
  })

  it('lay the guide before the die and lift it once the die is held', () => {
    const met = stepsOfRound(stack, round('all'), guide, { isLaidOut: true, piece: 'only', guided: true })
    const dies = met.findIndex((step) => step.is === 'lay' && stack[step.layer]!.is === 'dies')
    expect(met[dies - 1]!.is).toBe('guide-lay')
    expect(met[dies + 1 + guide.afterDies.length]!.is).toBe('guide-lift')
    expect(steps(stack, round('all'), guide)).not.toContain('guide-lay')
  })

  it('cut sheets to size before any is laid, and again for fresh ones', () => {
    const how = { isLaidOut: true, piece: 'any', toSize: true } as const
    const all = steps(stack, round('all'), guide, how)
    expect(all.indexOf('to-size')).toBeLessThan(all.indexOf('lay-out'))
    expect(steps(stack, round('nothing'), guide, how)[0]).toBe('to-size')
    expect(steps(stack, round('nothing', false), guide, how)).not.toContain('to-size')
  })

  it('put a tray under it before anything is lifted, where counters are kept', () => {
    const met = steps(stack, round('nothing', false), guide, { isLaidOut: false, piece: 'any', keepsCounters: true })
    expect(met).toEqual(['press', 'tray', ...guide.finally, 'tell'])
  })

  it('put a folder’s sheet in by opening the folder, and never lay it by itself', () => {
    const folder = techniqueOf('folder').guide
    const met = stepsOfRound(stack, round('all'), folder)
    expect(met.filter((step) => step.is === 'lay' && stack[step.layer]!.is === 'sheets')).toEqual([])
    expect(met.map(({ is }) => is)).toContain('close-folder')
    expect(met.map(({ is }) => is)).not.toContain('look')
    expect(steps(stack, round('change'), folder).slice(0, 2)).toEqual(['change', 'close-folder'])
  })

  it('rehearse on scrap first where there is only one piece, and then put that in', () => {
    const how = { isLaidOut: false, piece: 'scrap' } as const
    expect(steps(stack, round('all'), guide, how)).toContain('rehearse')
    expect(steps(stack, round('all'), guide, { ...how, piece: 'only' })).toContain('one-piece')
    expect(steps(stack, round('change'), guide, { ...how, piece: 'only' }).slice(0, 2)).toEqual(['change', 'one-piece'])
  })

  it('lay out the card before anything is stacked', () => {
    const met = steps(stack, round('all'), guide, { isLaidOut: true, piece: 'any' })
    expect(met.indexOf('lay-out')).toBeLessThan(met.indexOf('lay'))
    expect(met.indexOf('lay-out')).toBeGreaterThan(-1)
  })

  it('mark a border’s strip first, and press it cut by cut', () => {
    const met = stepsOfRound(stack, round('all'), guide, { isLaidOut: false, piece: 'any', joins: 3 })
    const names = met.map(({ is }) => is)
    expect(names.indexOf('border-marks')).toBeLessThan(names.indexOf('lay'))
    expect(met.flatMap((step) => (step.is === 'border-cut' ? [step.join] : []))).toEqual([0, 1, 2])
    expect(names.slice(names.indexOf('press'), names.indexOf('press') + 4)).toEqual([
      'press',
      'border-cut',
      'border-cut',
      'border-cut',
    ])
  })

  it('of a stack without a plate lay nothing that is none', () => {
    expect(laid([plateLayer(pad)], round('things'), guide)).toEqual([])
  })
})
