import { spawnSync } from 'node:child_process'
import { readFileSync } from 'node:fs'
import { dirname, join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { chartAnswer, eveningAnswer, nestAnswer, orderAnswer, planAnswer } from '@bold-heron/schema'
import { describe, expect, it } from 'vitest'
import { circle, heron, simulation, write } from './testing/calls.js'

const root = join(dirname(fileURLToPath(import.meta.url)), '../../..')

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

describe('border', () => {
  const asked = {
    format: 'bold-heron/border',
    version: 1,
    dieLengthMm: 150,
    pitchMm: 10,
    stripLengthMm: 640,
    marginStartMm: 0,
    marginEndMm: 0,
    stretch: 0.004,
    feed: 'free-end',
  }

  it('answers as its page shows', async () => {
    const page = readFileSync(join(root, 'docs/border-file.md'), 'utf8')
    const [, file, answer] = page.split(/\n\n(?= {4}\{)/)
    const { status, stdout } = await heron('border', write('border.json', JSON.parse(file!.split('\n\n')[0]!)))
    expect(status).toBe(0)
    expect(JSON.parse(stdout)).toEqual(JSON.parse(answer!.split('\n\n')[0]!))
  })

  it('keeps margins clear from version 2 on, and says which strips meet them', async () => {
    const margins = { ...asked, stripLengthMm: 282, marginStartMm: 2, marginEndMm: 2 }
    const answerOf = async (file: object) =>
      JSON.parse((await heron('border', write('border.json', file))).stdout) as Record<string, unknown>
    const before = await answerOf(margins)
    expect(before).toMatchObject({ endMissMm: 2 })
    expect(before).not.toHaveProperty('exactLengthsMm')
    expect(await answerOf({ ...margins, version: 2 })).toMatchObject({ endMissMm: -8, exactLengthsMm: [274, 284] })
    expect(await answerOf({ ...margins, version: 2, margins: 'about' })).toMatchObject({ endMissMm: 2 })
    const { faults } = await heron('border', write('bad.json', { ...margins, version: 2, stripLengthMm: 120 }))
    expect(faults).toEqual([
      'stripLengthMm is 120; it must be at least 154 for one cut between its margins; take a shorter die, or smaller margins.',
    ])
  })

  it('names every field that cannot be', async () => {
    const bad = { ...asked, pitchMm: 0, leastOverlapMm: 30, mostOverlapMm: 20, feed: 'sideways' }
    expect(await heron('border', write('bad.json', bad))).toMatchObject({ status: 2 })
    const { faults } = await heron('border', write('bad.json', { ...bad, feed: 'free-end' }))
    expect(faults).toEqual([
      'pitchMm is 0; it must be at least 0.5.',
      'mostOverlapMm is 20; it must be at least the least overlap, 30.',
    ])
  })
})

describe('nest', () => {
  it('lays what its page asks for, in the time that is given', async () => {
    const page = readFileSync(join(root, 'docs/nest-file.md'), 'utf8')
    const file = JSON.parse(page.split(/\n\n(?= {4}\{)/)[1]!.split('\n\n')[0]!) as Record<string, unknown>
    const { status, stdout } = await heron('nest', write('nest.json', { ...file, secondsAtMost: 0.3 }))
    expect(status).toBe(0)
    const { placed, leftOutCounts } = nestAnswer.parse(JSON.parse(stdout))
    expect(placed.length).toBeGreaterThan(0)
    expect(placed.length + leftOutCounts[0]!).toBe(12)
  })

  it('refuses what has no area, by its place', async () => {
    const flat = {
      outline: [
        [0, 0],
        [10, 0],
        [20, 0],
      ],
      count: 0,
    }
    const file = {
      format: 'bold-heron/nest',
      version: 1,
      sheet: {
        outline: [
          [0, 0],
          [9, 9],
        ],
      },
      pieces: [flat],
    }
    const { status, faults } = await heron('nest', write('flat.json', file))
    expect(status).toBe(2)
    expect(faults).toEqual([
      'sheet.outline is "a list"; it must be at least 3 entries.',
      'pieces.0.outline is "a list"; it must be a closed outline with an area, at least three points that do not cross one another.',
      'pieces.0.count is 0; it must be at least 1.',
    ])
  })
})

/** The files that a page of docs shows, in their order. */
const filesOf = (name: string): Record<string, unknown>[] =>
  readFileSync(join(root, 'docs', name), 'utf8')
    .split(/\n\n(?= {4}\{)/)
    .slice(1)
    .map((part) => JSON.parse(part.split('\n\n')[0]!) as Record<string, unknown>)

describe('chart', () => {
  it('answers what its page asks: every cell’s stack, planned alone, does what the chart says', async () => {
    const [file] = filesOf('chart-file.md') as [Record<string, unknown> & { dies: unknown[]; sheets: unknown[] }]
    const { status, stdout } = await heron('chart', write('chart.json', file))
    expect(status).toBe(0)
    const chart = chartAnswer.parse(JSON.parse(stdout))
    expect(chart.proven).toBe(true)
    expect(chart.cells.flat().every(({ is }) => is === 'base')).toBe(true)
    for (const [column, cell] of chart.cells[0]!.entries()) {
      const { dies: _, sheets, perBase: __, withCandidates: ___, ...same } = file
      const plan = { ...same, format: 'bold-heron/plan', dies: file.dies, sheet: sheets[column], sheetCount: 1 }
      const { stdout: planned } = await heron('plan', write('plan.json', plan))
      const { best, alternatives } = planAnswer.parse(JSON.parse(planned))
      const ids = cell.stack!.map((layer) => (layer.is === 'plate' ? layer.plateId : layer.is)).join(' ')
      const its = [best!, ...alternatives].find(({ layers }) => layers.map(({ is, id }) => id ?? is).join(' ') === ids)
      expect(its, `the chart's stack for column ${column} is among the plan's`).toBeDefined()
      expect(its!.recommended).toBe(cell.figures!.passes)
      expect(its!.passes[cell.figures!.passes - 1]!.chance).toBeCloseTo(cell.figures!.chance, 9)
    }
  })

  it('names a plate that a known stack needs and the file lacks', async () => {
    const [file] = filesOf('chart-file.md')
    const { faults } = await heron(
      'chart',
      write('bad.json', { ...file, plates: (file!.plates as unknown[]).slice(0, 2) }),
    )
    expect(faults).toEqual(['press.knownGood.0.plateIds.1 is "paper"; it must be the id of a plate in the file.'])
  })
})

describe('evening', () => {
  it('plans what its page asks: all pieces, the dies of one sheet together', async () => {
    const [file] = filesOf('evening-file.md')
    const { status, stdout } = await heron('evening', write('evening.json', file))
    expect(status).toBe(0)
    const plan = eveningAnswer.parse(JSON.parse(stdout))
    expect(plan.unplaced).toEqual([])
    expect(plan.queues[0]!.runs.map(({ batchId }) => batchId).sort()).toEqual(['tags', 'tags+ovals'])
    expect(plan.jobs.map(({ jobId }) => jobId).sort()).toEqual(['ovals', 'tags'])
    expect(plan.proven).toBe(true)
  })

  const evening = async (file: object) => {
    const { stdout } = await heron('evening', write('evening.json', file))
    return eveningAnswer.parse(JSON.parse(stdout))
  }

  it('is late by every job’s own last piece, and cuts sheets up as many as a nest finds', async () => {
    const [file] = filesOf('evening-file.md') as [{ jobs: object[] }]
    const plan = await evening({ ...file, jobs: file.jobs.map((job) => ({ ...job, dueMin: 8 })) })
    const late = plan.jobs.map(({ doneMin }) => Math.max(0, doneMin - 8))
    expect(plan.lateMin).toBeCloseTo(late[0]! + late[1]!, 9)
    // Together until the ovals are done, then the tags; one after the other both are late.
    expect(plan.queues[0]!.runs.map(({ batchId }) => batchId)).toEqual(['tags+ovals', 'tags'])
    expect(plan.lateMin).toBeLessThan(3)
    expect(plan.proven).toBe(true)
    expect(plan.sheets[0]).toMatchObject({ blankMm: [106, 74], perSheet: 6 })
  })

  it('takes another stack where one is forbidden, then fewer sheets at once, and gives up only then', async () => {
    const [file] = filesOf('evening-file.md') as [{ presses: { knownGood: object[] }[] }]
    // A press on which there is little to choose from: its known stack takes two passes.
    for (const press of file.presses) press.knownGood = press.knownGood.map((known) => ({ ...known, passes: 2 }))
    const forbidden: string[] = []
    const sheets: number[] = []
    for (;;) {
      const { queues, unplaced } = await evening({ ...file, pins: { forbidden } })
      const [run] = queues[0]!.runs
      if (!run) {
        expect(unplaced.every(({ why }) => why === 'all-forbidden')).toBe(true)
        break
      }
      expect(forbidden).not.toContain(run.option.name)
      sheets.push(run.option.sheetCount)
      forbidden.push(...queues[0]!.runs.map(({ option }) => option.name))
    }
    expect(sheets).toEqual([3, 3, 3, 1])
  })

  it('puts batches in order, what is due first where that is in time', async () => {
    const [, file] = filesOf('evening-file.md')
    const { stdout } = await heron('evening', write('order.json', file))
    const order = orderAnswer.parse(JSON.parse(stdout))
    expect(order.queues).toEqual([
      {
        pressId: 'small',
        batches: [
          { id: 'lace', option: 0 },
          { id: 'tags', option: 0 },
        ],
      },
    ])
    // 2 layers, 20 min; then one out and one in, 12 min: 4 changes at 0.5 min, worth 1 more each; the minutes once more for the last.
    expect(order).toMatchObject({ changes: 4, lateMin: 0, lateBoundMin: 0, cost: 72, bound: 72, proven: true })
  })

  it('names the person and the die that a file lacks', async () => {
    const [file] = filesOf('evening-file.md') as [Record<string, unknown>]
    const bad = {
      ...file,
      people: [{ id: 'ann' }],
      dies: (file.dies as unknown[]).slice(0, 1),
      presses: (file.presses as object[]).map((press) => ({ ...press, personId: 'bo' })),
    }
    const { status, faults } = await heron('evening', write('bad.json', bad))
    expect(status).toBe(2)
    expect(faults).toEqual([
      'presses.0.personId is "bo"; it must be the id of one of the people.',
      'jobs.1.dieIds.0 is "oval"; it must be the id of a die in the file.',
    ])
  })
})
