import { describe, expect, it } from 'vitest'
import { circle, die, heron, simulation, write } from './testing/calls.js'

interface Answer {
  squeezeMm: number
  passes: { peakForceN: number; cutFraction: number; feel: string; handleForceN: number | null }[]
}

describe('simulate', () => {
  it('answers a reference point of the press model', async () => {
    const { status, stdout, faults } = await heron('simulate', write('a.json', simulation))
    expect([status, faults]).toEqual([0, []])
    const { squeezeMm, passes } = JSON.parse(stdout) as Answer
    // Base 0.20 over two sheets of 0.30: 668 N, clean in the second pass.
    expect(squeezeMm).toBeCloseTo(0.8, 9)
    expect(passes.map((pass) => pass.cutFraction >= 0.985)).toEqual([false, true, true])
    expect(Math.abs(passes[0]!.peakForceN / 668 - 1)).toBeLessThan(0.005)
    expect(passes[0]!.feel).toBe('free')
  })

  it('takes a die from a file beside it, and turns it about its middle', async () => {
    write('bar.svg', circle.replace(/<circle.*\/>/, '<path d="M0 0h60v10h-60z"/>'))
    const turned = { file: 'bar.svg', ...die, rotationDeg: 90 }
    const { status, stdout } = await heron('simulate', write('b.json', { ...simulation, dies: [turned] }))
    expect(status).toBe(0)
    const across = (JSON.parse(stdout) as Answer).passes[0]!.peakForceN
    const along = await heron('simulate', write('c.json', { ...simulation, dies: [{ ...turned, rotationDeg: 0 }] }))
    // Two long edges parallel to the rollers are the hardest moment.
    expect(across).toBeGreaterThan(1.5 * (JSON.parse(along.stdout) as Answer).passes[0]!.peakForceN)
  })

  it('tells a motor by its stall', async () => {
    const { handle: _, ...press } = simulation.press
    const motor = { ...simulation, press: { ...press, motor: { stallForceN: 400 } } }
    const { passes } = JSON.parse((await heron('simulate', write('d.json', motor))).stdout) as Answer
    expect(passes[0]).toMatchObject({ feel: 'stop', handleForceN: null })
  })

  it('names every fault in a line of its own and ends with 2', async () => {
    const broken = {
      ...simulation,
      press: { ...simulation.press, gapMm: -3, bearingSpanMm: 100 },
      sheet: { ...simulation.sheet, caliperMm: '0.3' },
      passes: 0,
    }
    const { status, stdout, faults } = await heron('simulate', write('e.json', broken))
    expect([status, stdout]).toEqual([2, ''])
    expect(faults.map((line) => line.split(' ')[0]).sort()).toEqual([
      'passes',
      'press.bearingSpanMm',
      'press.gapMm',
      'sheet.caliperMm',
    ])
  })

  it.each([
    ['a die out of the throat', { dies: [{ svg: circle, ...die, yMm: 20 }] }, 'outside the throat'],
    ['a die without drawing', { dies: [die] }, 'dies.0.svg'],
    ['a die with a script', { dies: [{ svg: circle.replace('<circle', '<script/><circle'), ...die }] }, 'script'],
    ['a missing file', { dies: [{ file: 'nowhere.svg', ...die }] }, 'cannot be read'],
    ['another version', { version: 3 }, '1, 2'],
    ['version 2 without a technique', { version: 2 }, 'cut, crease, raise, folder'],
  ])('%s is refused', async (_, change, words) => {
    const { status, faults } = await heron('simulate', write('f.json', { ...simulation, ...change }))
    expect(status).toBe(2)
    expect(faults.join(' ')).toContain(words)
  })
})

const { dies: _, sheet: __, bed: ___, ...around } = simulation
const formed = { caliperMm: 0.3, count: 1, shearStrengthMPa: 40, yieldShare: 0.12, keptShare: 0.7, setPerPass: 0.65 }
const thinMat = { thicknessMm: 1, ridgeStiffnessNPerMm2: 3.2, modulusMPa: 2 }
const version2 = { ...around, version: 2, passes: 2 }
const middle = { xMm: 65, yMm: 82.5 }

// The reference points of pressing into mats, from an independent implementation: forces within 5 %.
describe('simulate, version 2', () => {
  it('cuts as version 1', async () => {
    const first = await heron('simulate', write('v1.json', simulation))
    const second = await heron('simulate', write('v2.json', { ...simulation, version: 2, technique: 'cut' }))
    expect(second).toEqual(first)
  })

  it.each([
    [
      'crease',
      {
        dies: [{ svg: circle, ...die }],
        sheet: formed,
        mat: thinMat,
        bed: { softnessMmPerMPa: 0.12 },
        otherLayersMm: 13.2,
      },
      { force: 80, kept: 0.256, least: undefined },
    ],
    [
      'raise',
      {
        shape: { svg: circle.replaceAll('35', '25').replaceAll('70', '50'), heightMm: 0.6, ...middle, rotationDeg: 0 },
        sheet: formed,
        mat: { thicknessMm: 3, modulusMPa: 2, lengthMm: 130, widthMm: 120, ...middle },
        bed: { softnessMmPerMPa: 0.05 },
        otherLayersMm: 13.9,
      },
      { force: 154, kept: 0.369, least: undefined },
    ],
    [
      'folder',
      {
        folder: { kind: 'flat', thicknessMm: 2.2, modulusMPa: 30, lengthMm: 140, widthMm: 114, xMm: 70, yMm: 82.5 },
        sheet: formed,
        otherLayersMm: 12.25,
      },
      { force: 1168, kept: undefined, least: 0.87 },
    ],
  ])('answers a reference point of a %s', async (technique, fields, wanted) => {
    const { status, stdout, faults } = await heron('simulate', write('m.json', { ...version2, technique, ...fields }))
    expect([status, faults]).toEqual([0, []])
    const { passes } = JSON.parse(stdout) as { passes: Record<string, number>[] }
    expect(Math.abs(passes[0]!['peakForceN']! / wanted.force - 1)).toBeLessThan(0.015)
    if (wanted.kept !== undefined) expect(Math.abs(passes[1]!['keptMm']! - wanted.kept)).toBeLessThan(0.005)
    else expect(Math.abs(passes[0]!['leastFormedShare']! - wanted.least)).toBeLessThan(0.01)
  })

  it.each([
    [
      'a shape that is not closed',
      'raise',
      {
        shape: { svg: circle.replace(/<circle.*\/>/, '<path d="M0 0h60v10"/>'), heightMm: 0.6, ...middle },
        sheet: formed,
        mat: { ...thinMat, lengthMm: 130, widthMm: 120, ...middle },
        bed: { softnessMmPerMPa: 0.05 },
      },
      'shape has no closed outline',
    ],
    [
      'a folder out of the throat',
      'folder',
      { folder: { thicknessMm: 2.2, modulusMPa: 30, lengthMm: 140, widthMm: 114, xMm: 70, yMm: 30 }, sheet: formed },
      'folder.yMm',
    ],
    [
      'a crease without a mat',
      'crease',
      { dies: [{ svg: circle, ...die }], sheet: formed, bed: { softnessMmPerMPa: 0.12 } },
      'mat',
    ],
  ])('%s is refused', async (_, technique, fields, words) => {
    const { status, faults } = await heron('simulate', write('n.json', { ...version2, technique, ...fields }))
    expect(status).toBe(2)
    expect(faults.join(' ')).toContain(words)
  })
})
