import { describe, expect, it } from 'vitest'
import { aCut, aDie, aPress, aSheet } from '../testing/makers.js'
import { rectangle } from '../geometry/rectangle.js'
import { methodOf, type PressedHow } from './method.js'

const square = (from: number, to: number) => rectangle({ fromX: from, fromY: from, toX: to, toY: to })
const die = (sideMm: number, lines = [square(0, sideMm)]) =>
  aDie({ lengthMm: sideMm, widthMm: sideMm, outline: { source: 'drawing', lines } })
const codesOf = (how: PressedHow, more: Parameters<typeof aCut>[0]) =>
  methodOf(how)
    .ofJob(aCut({ press: aPress({ throatMm: 300 }), ...more }))
    .filter(({ code }) => /sheet$/.test(code))
    .map(({ code, severity }) => `${severity} ${code}`)
const cut: PressedHow = { technique: 'cut', region: 'all' }
const sheet = (sizeMm?: readonly [number, number]) => aSheet(sizeMm ? { sizeMm } : {})

describe('a die and its sheet', () => {
  it('has nothing to say where it fits, also turned, or where the sheet’s size is not known', () => {
    expect(codesOf(cut, { dies: [die(80)], sheet: sheet([100, 90]) })).toEqual([])
    const long = { ...die(80), lengthMm: 140, widthMm: 10 }
    expect(codesOf(cut, { dies: [long], sheet: sheet([60, 145]) })).toEqual([])
    expect(codesOf(cut, { dies: [die(200)], sheet: sheet() })).toEqual([])
  })

  it('is warned of where it is larger, and stopped where no closed line fits', () => {
    const some = die(150, [square(0, 60), square(0, 150)])
    expect(codesOf(cut, { dies: [some], sheet: sheet([100, 100]) })).toEqual(['caution die-larger-than-sheet'])
    expect(codesOf(cut, { dies: [die(150)], sheet: sheet([100, 100]) })).toEqual(['stop no-line-on-sheet'])
  })

  it('may run off where it is a border of open lines, or only a part is pressed', () => {
    const border = die(150, [[0, 0, 150, 0]] as never)
    expect(codesOf(cut, { dies: [border], sheet: sheet([100, 40]) })).toEqual([])
    expect(codesOf({ technique: 'cut', region: 'to-line' }, { dies: [die(150)], sheet: sheet([100, 100]) })).toEqual([])
  })

  it('warns of a sheet that is larger than its folder', () => {
    const folder = aDie({ dieClass: 'flat-folder', lengthMm: 150, widthMm: 110 })
    const press = { technique: 'folder', region: 'all' } as const
    expect(codesOf(press, { dies: [folder], sheet: sheet([210, 148]) })).toEqual(['caution folder-smaller-than-sheet'])
    expect(codesOf(press, { dies: [folder], sheet: sheet([105, 148]) })).toEqual([])
  })
})
