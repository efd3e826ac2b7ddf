import { spawnSync } from 'node:child_process'
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { dirname, join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { planAnswer } from '@bold-heron/schema'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { heron as call } from './heron.js'

const root = join(dirname(fileURLToPath(import.meta.url)), '../../..')

let folder: string
beforeAll(() => {
  folder = mkdtempSync(join(tmpdir(), 'heron-cli-'))
})
afterAll(() => rmSync(folder, { recursive: true, force: true }))

const heron = async (...args: string[]) => {
  const { status, stdout, stderr } = await call(args)
  return { status, stdout, faults: stderr.trim().split('\n').filter(Boolean) }
}
const write = (name: string, content: unknown): string => {
  const file = join(folder, name)
  writeFileSync(file, typeof content === 'string' ? content : JSON.stringify(content))
  return file
}

const circle = `<svg xmlns='http://www.w3.org/2000/svg' width='70mm' height='70mm' viewBox='0 0 70 70'><circle cx='35' cy='35' r='35'/></svg>`
const die = { heightMm: 1, bladeHeightMm: 0.6, bodyStripMm: 2.5, xMm: 60, yMm: 82.5, rotationDeg: 0 }
const simulation = {
  format: 'bold-heron/simulation',
  version: 1,
  press: {
    rollerDiameterMm: 28,
    bearingSpanMm: 190,
    throatMm: 165,
    rollerModulusMPa: 205_000,
    frameStiffnessNPerMm: 8000,
    gapMm: 14,
    handle: { limitN: 120, crankArmMm: 140, gearRatio: 1 },
  },
  dies: [{ svg: circle, ...die }],
  sheet: { caliperMm: 0.3, count: 2, shearStrengthMPa: 40, wedgeRatio: 0.15, squashModulusMPa: 3 },
  bed: { indentStiffnessNPerMm2: 110, softnessMmPerMPa: 0 },
  otherLayersMm: 13.2,
  passes: 3,
}

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

const plate = (id: string, kind: string, thicknessMm: number, count: number) => ({
  id,
  name: id,
  kind,
  count,
  thicknessMm,
  measuredBy: 'caliper',
  lengthMm: 200,
  widthMm: 150,
  fullThicknessWidthMm: 150,
})

const planInput = {
  format: 'bold-heron/plan',
  version: 1,
  press: {
    name: 'Small press',
    pressClass: 'small-hand',
    throatMm: 165,
    knownGood: [
      {
        from: 'booklet',
        dieClass: 'thin-outline',
        dieHeightMm: 1,
        sheetCaliperMm: 0.3,
        sheetCount: 1,
        plateIds: ['platform', 'pad', 'pad'],
      },
    ],
  },
  plates: [plate('platform', 'platform', 7.4, 1), plate('pad', 'cutting-pad', 3, 2), plate('paper', 'shim', 0.1, 12)],
  dies: [
    {
      name: 'Round',
      dieClass: 'thin-outline',
      lengthMm: 70,
      widthMm: 70,
      heightMm: 1,
      heightMeasuredBy: 'caliper',
      bladeHeightMm: 0.6,
      svg: circle,
    },
  ],
  sheet: {
    name: 'Card',
    kind: 'smooth-card',
    caliperMm: 0.3,
    caliperBy: 'caliper',
    lengthMm: 210,
    widthMm: 148,
    stock: 20,
  },
  sheetCount: 2,
}

describe('plan', () => {
  it('builds a stack whose sum adds up, and says how sure it is', async () => {
    const { status, stdout, faults } = await heron('plan', write('plan.json', planInput))
    expect([status, faults]).toEqual([0, []])
    const { best, alternatives } = planAnswer.parse(JSON.parse(stdout))
    const sum = best!.layers.reduce((total, layer) => total + layer.thicknessMm, 0)
    expect(sum).toBeCloseTo(best!.totalMm, 9)
    expect(best!.squeezeMm).toBeCloseTo(best!.totalMm - best!.gapMm, 9)
    expect(best!.squeezeMm).toBeGreaterThan(best!.window.lowMm)
    expect(best!.squeezeMm).toBeLessThan(best!.window.highMm)
    expect(best!.passes[best!.recommended - 1]!.chance).toBeGreaterThanOrEqual(0.9)
    expect(alternatives.length).toBeGreaterThan(0)
  })

  it('says what each plate is there for', async () => {
    const { best } = planAnswer.parse(JSON.parse((await heron('plan', write('plan.json', planInput))).stdout))
    expect(best!.layers.filter(({ is }) => is === 'plate').every(({ role }) => role !== undefined)).toBe(true)
    expect(best!.layers.filter(({ role }) => role === 'bed')).toHaveLength(1)
  })

  it.each([
    ['full-cut', { technique: 'cut', region: 'all' }],
    ['edge-partial', { technique: 'cut', region: 'to-line' }],
    ['block-partial', { technique: 'cut', region: 'under-block' }],
  ])('reads a file from when a technique was called %s', async (technique, now) => {
    const { technique: _, region: __, ...input } = { technique: '', region: '', ...planInput }
    const answers: string[] = []
    for (const each of [
      { ...input, technique },
      { ...input, ...now },
    ])
      answers.push((await heron('plan', write('older.json', each))).stdout)
    expect(answers[0]).toBe(answers[1])
    expect(planAnswer.safeParse(JSON.parse(answers[0]!)).success).toBe(true)
  })

  it('asks for a surer cut where the house rules do', async () => {
    const chanceWith = async (leastChance: number) => {
      const { stdout } = await heron('plan', write('sure.json', { ...planInput, houseRules: { leastChance } }))
      return planAnswer.parse(JSON.parse(stdout)).best!
    }
    const [sure, easy] = [await chanceWith(0.99), await chanceWith(0.5)]
    expect(sure.recommended).toBeGreaterThanOrEqual(easy.recommended)
  })

  it('names plates that are not in the file, and ids given twice', async () => {
    const [first, ...others] = planInput.plates
    const broken = { ...planInput, plates: [first, { ...first, name: 'again' }, ...others.slice(1)] }
    const { status, faults } = await heron('plan', write('broken.json', broken))
    expect(status).toBe(2)
    expect(faults.map((line) => line.split(' ')[0])).toEqual([
      'plates.1.id',
      'press.knownGood.0.plateIds.1',
      'press.knownGood.0.plateIds.2',
    ])
  })

  it('is validated too', async () => {
    expect(JSON.parse((await heron('validate', write('plan.json', planInput))).stdout)).toMatchObject({ valid: true })
  })
})

describe('card', () => {
  const asked = { format: 'bold-heron/card', version: 1, want: 'envelope', units: 'in', longMm: 215.9, shortMm: 127 }

  it('answers the square of an envelope, and what of it is printed in inches', async () => {
    const { status, stdout } = await heron('card', write('card.json', asked))
    expect(status).toBe(0)
    const answer = JSON.parse(stdout) as Record<string, number>
    expect(answer).toMatchObject({ squareIn: '10 3/4', scoreIn: '4 1/8' })
    expect(answer['squareMm']).toBeCloseTo(10.75 * 25.4, 9)
    expect(answer['scoreMm']).toBeCloseTo(4.125 * 25.4, 9)
    expect(answer['innerShortMm']).toBeCloseTo(4.125 * 25.4 * Math.SQRT2, 9)
    expect(answer['innerLongMm']).toBeCloseTo(6.625 * 25.4 * Math.SQRT2, 9)
  })

  it('speaks of no inches in mm, and takes another room', async () => {
    const { stdout } = await heron('card', write('mm.json', { ...asked, units: 'mm', clearanceMm: 10 }))
    expect(JSON.parse(stdout)).toMatchObject({ squareMm: 260, scoreMm: 97, squareIn: null, scoreIn: null })
  })

  it('names what is wrong, a line each, and is validated too', async () => {
    const { status, faults } = await heron('card', write('bad.json', { ...asked, units: 'ft', clearanceMm: -1 }))
    expect(status).toBe(2)
    expect(faults.map((line) => line.split(' ')[0]).sort()).toEqual(['clearanceMm', 'units'])
    const turned = await heron('validate', write('turned.json', { ...asked, longMm: 100 }))
    expect(turned.faults).toHaveLength(1)
    expect(turned.faults[0]).toMatch(/^shortMm/)
    expect((await heron('validate', write('good.json', asked))).status).toBe(0)
  })
})

describe('outline', () => {
  it('measures a drawing', async () => {
    const { stdout } = await heron(
      'outline',
      write('ring.svg', circle.replace('</svg>', `<circle cx='35' cy='35' r='5'/></svg>`)),
    )
    const measures = JSON.parse(stdout) as Record<string, number | string>
    expect(measures).toMatchObject({ format: 'bold-heron/outline', openings: 1, suggests: 'thin-outline' })
    expect(measures['lengthMm']).toBeCloseTo(70, 1)
    expect(Number(measures['lineMm']) / (2 * Math.PI * 40)).toBeCloseTo(1, 2)
  })

  it('refuses what is no drawing', async () => {
    expect((await heron('outline', write('x.dxf', 'hello'))).status).toBe(2)
    expect((await heron('outline', write('x.txt', 'hello'))).faults[0]).toContain('.svg or .dxf')
  })
})

describe('validate', () => {
  it('accepts what can be used and refuses what cannot', async () => {
    expect(JSON.parse((await heron('validate', write('a.json', simulation))).stdout)).toEqual({
      valid: true,
      format: 'bold-heron/simulation',
    })
    expect((await heron('validate', write('g.json', { format: 'something' }))).faults[0]).toContain('must be one of')
    expect((await heron('validate', write('h.json', '{'))).faults[0]).toContain('not JSON')
  })
})

describe('the command itself', () => {
  it.each([[[]], [['simulate']], [['fly', 'x.json']], [['simulate', 'a', 'b']]])(
    'called as %j says how to call it',
    async (args) => {
      const { status, faults } = await heron(...args)
      expect(status).toBe(2)
      expect(faults[0]).toContain('usage:')
    },
  )

  const byNpm = (...args: string[]) =>
    spawnSync('npm', ['run', '--silent', 'heron', '--', ...args], { cwd: root, encoding: 'utf8' })

  it('runs by npm, with nothing but its answer on standard output', () => {
    const { status, stdout } = byNpm('validate', write('a.json', simulation))
    expect(status).toBe(0)
    expect(JSON.parse(stdout)).toMatchObject({ valid: true })
  })

  it('ends with 2 and every fault on standard error', () => {
    const { status, stdout, stderr } = byNpm('simulate', write('bad.json', { ...simulation, passes: 0 }))
    expect([status, stdout]).toEqual([2, ''])
    expect(stderr).toContain('passes is 0')
  })
})
