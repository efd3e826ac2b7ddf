import type { ChartAnswer, ChartCellAnswer, ComputedChart } from '@bold-heron/schema'
import i18next from 'i18next'
import { describe, expect, it } from 'vitest'
import '../../../testing/speaking.js'
import { lengthsIn } from '../../../text/lengths.js'
import { printedChart, tableOfChart } from './printed-chart.js'
import { sayCell, sayColumn, sayRow } from './said.js'

const t = i18next.getFixedT(null, 'app')
const mm = lengthsIn({ unit: 'mm', denominator: 16 })
const inches = lengthsIn({ unit: 'in', denominator: 16 })

const figures = { passes: 2, chance: 0.973, effort: 0.31, squeezeMm: 0.512, cautions: [], basedOn: 0 }
const cell = (more: object): ChartCellAnswer =>
  ({ is: 'base', base: 0, shimIds: [], better: [], figures, ...more }) as unknown as ChartCellAnswer
const stack = [
  { is: 'plate', plateId: 'board', role: 'platform' },
  { is: 'plate', plateId: 'steel', role: 'bed' },
  { is: 'sheets' },
  { is: 'dies' },
  { is: 'plate', plateId: 'gone', role: 'pad' },
]
const chart = {
  pressName: 'Library press',
  technique: 'cut',
  basedOnRuns: 28,
  plates: [
    { id: 'board', name: 'Board', kind: 'platform', thicknessMm: 7 },
    { id: 'steel', name: 'Steel bed', kind: 'hard-plate', thicknessMm: 1 },
    { id: 'card', name: 'Card', kind: 'shim', thicknessMm: 0.31 },
  ],
  rows: [
    { id: 'gull', name: 'Gull trio', dieClass: 'thin-outline' },
    { id: 'usual thin-lace', name: 'whatever', dieClass: 'thin-lace' },
  ],
  columns: [
    { id: 'ivory', name: 'Ivory', thicknessMm: 0.31 },
    { id: 'card 0.30', name: 'x', thicknessMm: 0.3 },
  ],
  bases: [{ stack, cells: 3, heightMm: 8 }],
  cells: [
    [
      cell({}),
      cell({ shimIds: ['card'], better: ['chance'], figures: { ...figures, chance: 0.9999, cautions: ['bows'] } }),
    ],
    [
      cell({ is: 'own', base: undefined, stack }),
      cell({ is: 'empty', base: undefined, why: 'foam', figures: undefined }),
    ],
  ],
} as unknown as ChartAnswer
const at = '2026-06-20T10:00:00.000Z'
const printed = printedChart(t, mm, 'Cutting', { chart, at } as unknown as ComputedChart)

describe('a chart as it is printed', () => {
  it('says in each cell how often, with which shims, and how sure; never that it is certain', () => {
    expect(printed.cells[0]![0]!.lines).toEqual(['2×', '', 'light 97 %'])
    expect(printed.cells[0]![1]!.lines).toEqual(['2×', '+0.31', 'light >99 %'])
    expect(JSON.stringify(printed)).not.toContain('100 %')
  })

  it('marks what is to be minded, and what is better alone', () => {
    expect(printed.cells[0]!.map(({ caution, better }) => [caution, better])).toEqual([
      [false, false],
      [true, true],
    ])
    expect(printed.cells.flat().map(({ base }) => base)).toEqual([1, 1, undefined, undefined])
  })

  it('draws a base stack with what is pressed between its plates; a plate that is gone is left out', () => {
    expect(printed.bases[0]!.layers.map(({ name, fill }) => [name, fill])).toEqual([
      ['Board', 'wood'],
      ['Steel bed', 'cross'],
      [t('wall.pressed'), 'lines'],
    ])
    expect(printed.bases[0]!.title).toContain('3 cells')
  })

  it('names rows and columns as people do, in the unit of the house', () => {
    expect(printed.rows).toEqual(['Gull trio', 'thin lace die'])
    expect(chart.columns.map((column) => sayColumn(t, column, mm))).toEqual([
      ['Ivory', '0.31 mm'],
      ['card', '0.30 mm'],
    ])
    expect(sayColumn(t, chart.columns[0]!, inches)[1]).toBe('0.012 in')
    expect(chart.rows.map((row) => sayRow(t, row))).toEqual(printed.rows)
  })

  it('tells its shims and what it rests on', () => {
    expect(printed.basis).toContain('Library press · cut · 20 Jun 2026')
    expect(printed.legend.join(' ')).toContain('0.31 Card')
  })
})

describe('rows and columns that say the same', () => {
  const sure = (chance: number) => cell({ figures: { ...figures, chance } })
  const alike = {
    ...chart,
    rows: ['Pier letter E', 'Pier letter I', 'Gull trio'].map((name) => ({ id: name, name, dieClass: 'thin-outline' })),
    columns: [
      { id: 'ivory', name: 'Ivory', thicknessMm: 0.31 },
      { id: 'white', name: 'White', thicknessMm: 0.3 },
      { id: 'kraft', name: 'Kraft', thicknessMm: 0.38 },
    ],
    cells: [
      [sure(0.97), sure(0.99), cell({ shimIds: ['card'] })],
      [sure(0.96), sure(0.98), cell({ shimIds: ['card'] })],
      [sure(0.97), sure(0.97), cell({ is: 'empty', base: undefined, why: 'not-sure', figures: undefined })],
    ],
  } as unknown as ChartAnswer
  const paper = printedChart(t, mm, 'Cutting', { chart: alike, at } as unknown as ComputedChart)

  it('are one row and one column, which promises no more than the least sure of them', () => {
    expect(paper.rows).toEqual(['Pier letter E, I', 'Gull trio'])
    expect(paper.columns).toEqual([
      ['Ivory, White', '0.30, 0.31 mm'],
      ['Kraft', '0.38 mm'],
    ])
    expect(paper.cells.map((row) => row.map(({ lines }) => lines[2] ?? lines[0]))).toEqual([
      ['light 96 %', 'light 97 %'],
      ['light 97 %', t('wall.whyShort.not-sure')],
    ])
  })
})

describe('a cell read aloud', () => {
  it('is one sentence', () => {
    expect(sayCell(t, chart, chart.cells[0]![1]!, mm)).toBe('Base stack 1 +0.31, 2 passes, light >99 %')
    expect(sayCell(t, chart, chart.cells[1]![0]!, mm)).toContain('2 passes, light 97 %')
  })
})

describe('a chart as a table', () => {
  const [head, ...lines] = tableOfChart(t, chart)

  it('has a line a cell, each as long as its head', () => {
    expect(lines).toHaveLength(4)
    for (const line of lines) expect(line).toHaveLength(head!.length)
  })

  it('writes figures for a machine, and the stack from the bottom', () => {
    const row = Object.fromEntries(head!.map((name, place) => [name, lines[1]![place]]))
    expect(row).toMatchObject({ die: 'Gull trio', base_stack: '1', shims: 'Card', chance: '1.000', squeeze_mm: '0.51' })
    const own = Object.fromEntries(head!.map((name, place) => [name, lines[2]![place]]))
    expect(own['stack_bottom_to_top']).toBe('Board / Steel bed / sheets / dies / ')
    expect(lines[3]![head!.indexOf('state')]).toBe('foam')
  })
})
