import { describe, expect, it } from 'vitest'
import type { z } from 'zod'
import { borderOfRun } from './border-of-run.js'
import { buildInput } from './build.js'
import { dieInput } from './die.js'
import { eveningInput } from './evening.js'
import { jobInput } from './job.js'
import { offcutInput } from './offcut.js'
import { placementInput } from './placement.js'
import { plateInput } from './plate.js'
import { pressInput } from './press.js'
import { runInput } from './run.js'
import { plainRun } from '../stored/runs-of-job.js'

const uuid = (digit: number): string => `00000000-0000-4000-8000-00000000000${digit}`

const plate = {
  name: 'Pad',
  kind: 'cutting-pad',
  count: 2,
  thicknessMm: 3,
  measuredBy: 'caliper',
  material: '',
  lengthMm: 230,
  widthMm: 155,
  fullThicknessWidthMm: 150,
  magnetic: false,
  reservedForSteel: false,
  faceA: 'fresh',
  faceB: 'lined',
  note: '',
}
const die = {
  name: 'Gull',
  dieClass: 'thin-outline',
  lengthMm: 60,
  widthMm: 40,
  heightMm: 1,
  heightMeasuredBy: 'caliper',
  bladeHeightMm: 0.6,
  fitForFoam: false,
  note: '',
}
const press = { name: 'Press', pressClass: 'a4-hand', throatMm: 235, numbers: [], knownGood: [], note: '' }
const run = { ...plainRun, dieIds: [uuid(1)], sheetId: uuid(2), sheetCount: 1, bladeSide: 'down' }
const job = { name: 'Gulls', pressId: uuid(3), wanted: 4, runs: [run] }
const round = { passes: 2, seen: 'clean', feel: 'light' }
const layer = { is: 'plate', name: 'Pad', thicknessMm: 3 }
const logged = {
  ...{ jobId: uuid(4), pressId: uuid(3), dieIds: [uuid(1)], sheetId: uuid(2), sheetCount: 1, bladeSide: 'down' },
  at: '2026-06-20T10:00:00.000Z',
  layers: [layer, { ...layer, is: 'dies' }, { ...layer, is: 'sheets' }],
  squeezeMm: 0.8,
  rounds: [round],
  pieces: 1,
}
const build = {
  name: 'Kite card',
  wanted: 10,
  frontWidthMm: 105,
  frontHeightMm: 148,
  layers: [
    { id: 'a', name: '', jobId: null, sheetId: uuid(2), each: 1, sheets: 1, join: 'tape', joinMm: null, lies: 'on' },
  ],
}
const evening = {
  name: 'Friday',
  presses: [{ pressId: uuid(3), personId: 'ann' }],
  people: [{ id: 'ann', name: 'Ann' }],
  jobs: [{ jobId: uuid(4) }],
}
const offcut = { name: 'Corner', sheetId: uuid(2), loops: [[0, 0, 40, 0, 40, 30, 0, 30, 0, 0]] }
const placement = {
  card: { widthMm: 105, heightMm: 148, fold: { runs: 'upright', atMm: 50 } },
  runs: [],
  runInHand: 0,
}
const border = { pitchMm: 10, dieLengthMm: 150, stripLengthMm: 600, stripWidthMm: 40 }

/** A thing that can be taken, each with changes that break one of its own rules, and the field that each is told at. */
const rules: readonly (readonly [string, z.ZodType, object, readonly (readonly [string, object, string])[]])[] = [
  [
    'a plate',
    plateInput,
    plate,
    [
      ['an edge wider than the plate', { fullThicknessWidthMm: 156 }, 'fullThicknessWidthMm'],
      ['kept for the hard plate without being a pad', { kind: 'shim', reservedForSteel: true }, 'reservedForSteel'],
      ['thicker than anything goes through', { thicknessMm: 61 }, 'thicknessMm'],
    ],
  ],
  [
    'a die',
    dieInput,
    die,
    [
      ['blades taller than the die', { bladeHeightMm: 1.1 }, 'bladeHeightMm'],
      [
        'a line with half a point',
        { outline: { source: 'file', fileName: 'a.svg', lines: [[0, 0, 1]] } },
        'outline.lines.0',
      ],
    ],
  ],
  [
    'a press',
    pressInput,
    press,
    [
      [
        'a number out of all range',
        { numbers: [{ name: 'gearRatio', value: 1000, from: 'guess' }] },
        'numbers.0.value',
      ],
      [
        'a number named twice',
        {
          numbers: [
            { name: 'gearRatio', value: 1, from: 'guess' },
            { name: 'gearRatio', value: 2, from: 'guess' },
          ],
        },
        'numbers',
      ],
    ],
  ],
  [
    'a job',
    jobInput,
    job,
    [
      ['a run in hand that is none', { runInHand: 1 }, 'runInHand'],
      ['two runs of one name', { runs: [{ ...run, finishes: false }, run] }, 'runs.1.id'],
      ['no run that finishes', { runs: [{ ...run, finishes: false }] }, 'runs.0.finishes'],
      ['two that do', { runs: [run, { ...run, id: 'other' }] }, 'runs.1.finishes'],
      ['a card that nothing is laid on', { card: placement.card && { card: placement.card } }, 'runs.0.placed'],
      ['a stack without sheets', { runs: [{ ...run, layers: [{ is: 'dies' }] }] }, 'runs.0.layers'],
    ],
  ],
  [
    'a run in the log',
    runInput,
    logged,
    [
      ['an end before its beginning', { beganAt: '2026-06-20T10:00:00Z', endedAt: '2026-06-20T09:00:00Z' }, 'endedAt'],
      ['a share of hanging where nothing hung', { rounds: [{ ...round, hangingShare: 0.2 }] }, 'rounds.0.seen'],
      ['no round at all', { rounds: [] }, 'rounds'],
    ],
  ],
  [
    'a build',
    buildInput,
    build,
    [
      ['two layers of one name', { layers: [build.layers[0], build.layers[0]] }, 'layers.1.id'],
      [
        'more pieces than a job takes',
        { wanted: 10_000, layers: [{ ...build.layers[0], jobId: uuid(4), each: 12 }] },
        'layers.0.each',
      ],
    ],
  ],
  [
    'an evening',
    eveningInput,
    evening,
    [
      ['two people of one name', { people: [evening.people[0], evening.people[0]] }, 'people.1.id'],
      ['a press that nobody stands at', { presses: [{ pressId: uuid(3), personId: 'bob' }] }, 'presses.0.personId'],
      ['a press named twice', { presses: [evening.presses[0], evening.presses[0]] }, 'presses.1.pressId'],
      ['a job named twice', { jobs: [evening.jobs[0], evening.jobs[0]] }, 'jobs.1.jobId'],
    ],
  ],
  [
    'a leftover',
    offcutInput,
    offcut,
    [
      ['no area', { loops: [[0, 0, 40, 0, 40, 0, 0, 0, 0, 0]] }, 'loops'],
      ['half a point', { loops: [[0, 0, 40, 0, 40, 30, 0, 30, 0]] }, 'loops.0'],
    ],
  ],
  [
    'a border',
    borderOfRun,
    border,
    [
      ['a strip narrower than anybody cuts', { stripWidthMm: 1 }, 'stripWidthMm'],
      ['margins that leave nothing', { marginStartMm: 400, marginEndMm: 300 }, 'marginEndMm'],
    ],
  ],
]

describe.each(rules)('%s', (_, schema, plain, breaking) => {
  it('is taken as it stands', () => {
    expect(schema.safeParse(plain).error?.issues ?? []).toEqual([])
  })

  it.each(breaking)('with %s is refused at that field', (_what, change, path) => {
    const issues = schema.safeParse({ ...plain, ...change }).error?.issues ?? []
    expect(issues.map((issue) => issue.path.join('.'))).toContain(path)
  })
})

it('a fold lies on its card', () => {
  const folded = (atMm: number) =>
    placementInput.safeParse({ ...placement, card: { ...placement.card, fold: { runs: 'upright', atMm } } })
  const paths = (atMm: number) => folded(atMm).error?.issues.map((issue) => issue.path.join('.')) ?? []
  expect(paths(105)).toContain('card.fold.atMm')
  expect(paths(52.5)).not.toContain('card.fold.atMm')
})
