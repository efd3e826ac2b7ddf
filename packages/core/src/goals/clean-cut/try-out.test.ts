import { describe, expect, it } from 'vitest'
import { aCut, aDie } from '../../testing/makers.js'
import { PLAIN_LAYING } from '../laying.js'
import { simulatePasses, standardRun } from './figures.js'
import { limitOf, tryOut } from './try-out.js'

const cut = aCut({ dies: [aDie({ dieClass: 'thin-lace' })], sheetCount: 2 })
const bed = { indentStiffness: 110, softness: 0 }

describe('a try-out', () => {
  it('tells of its last pass what the prediction of all passes tells', () => {
    const { passes } = simulatePasses(standardRun(cut), cut, bed, 1, { least: 3, most: 3 })
    for (const count of [1, 2, 3]) {
      const { map, load, solved, ...figures } = tryOut(cut, bed, 1, count, PLAIN_LAYING)
      expect(figures).toEqual(passes[count - 1])
      expect(solved).toBe(true)
      expect(map.starts.length).toBe(map.states.length + 1)
      expect(Math.max(...load.loadN)).toBeCloseTo(figures.handleForceN!, 9)
    }
  })

  it('draws the die’s whole line, whatever it is cut', () => {
    const { map } = tryOut(cut, bed, 1, 1, PLAIN_LAYING)
    const drawn = map.states.reduce((sum, _, chain) => {
      for (let point = map.starts[chain]! + 1; point < map.starts[chain + 1]!; point++)
        sum += Math.hypot(
          map.points[2 * point]! - map.points[2 * point - 2]!,
          map.points[2 * point + 1]! - map.points[2 * point - 1]!,
        )
      return sum
    }, 0)
    const line = cut.dies[0]!.outline.lines.reduce((sum, polyline) => {
      for (let at = 2; at < polyline.length; at += 2)
        sum += Math.hypot(polyline[at]! - polyline[at - 2]!, polyline[at + 1]! - polyline[at - 1]!)
      return sum
    }, 0)
    expect(drawn / line).toBeCloseTo(1, 3)
  })

  it('takes the limit of the drive there is, less what the user’s hand cannot give', () => {
    const { press, rules } = cut
    const drive = press.drive
    if (drive.by !== 'hand') throw new Error('the plain press of the tests is turned by hand')
    expect(limitOf({ ...cut, rules: { ...rules, handShare: 0.5 } })).toBe(drive.limitN / 2)
    const motor = { ...press, drive: { by: 'motor', stallN: 9000 } as const }
    expect(limitOf({ ...cut, press: motor })).toBe(9000 * rules.handShare)
  })
})
