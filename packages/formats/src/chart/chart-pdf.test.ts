import { describe, expect, it } from 'vitest'
import {
  chartPapers,
  chartPaperNames,
  FIGURE_SHARE,
  layOutChart,
  measureChart,
  mostLines,
  pointsFor,
} from './layout.js'
import { type PrintedChart, writeChartPdf } from './write-chart-pdf.js'

const chartOf = (rows: number, columns: number): PrintedChart => ({
  title: 'Library press: cutting',
  basis: 'Library press · cutting · 27 November 2026 · based on 41 runs',
  rows: Array.from({ length: rows }, (_, at) => `Die number ${at + 1}`),
  columns: Array.from({ length: columns }, (_, at) => [`Sheet ${at + 1}`, `0.${10 + at} mm`]),
  cells: Array.from({ length: rows }, (_, row) =>
    Array.from({ length: columns }, (__, column) => ({
      base: (row + column) % 7 === 0 ? undefined : 1 + (column % 2),
      lines: (row + column) % 7 === 0 ? ['too stiff'] : ['2×', '+0.10 +0.31', 'firm 94 %'],
      caution: column === 1,
      better: column === 2,
    })),
  ),
  bases: [
    {
      title: '23 cells, 12.9 mm',
      layers: [
        { name: 'Board', thickness: '7.00 mm', mm: 7, fill: 'wood' },
        { name: 'Pad', thickness: '3.00 mm', mm: 3, fill: 'dots' },
        { name: 'sheets and dies', thickness: '', mm: 0, fill: 'lines' },
        { name: 'Pad', thickness: '3.00 mm', mm: 3, fill: 'dots' },
      ],
    },
  ],
  legend: ['A number: the base stack.', 'The maker’s booklet comes first.'],
  foot: 'The maker’s booklet comes first.',
  page: (page, of) => `page ${page} of ${of}`,
})

const textOf = (pdf: ArrayBuffer): string => Buffer.from(pdf).toString('latin1')
/** Sizes of all fonts that the pages set, in points. */
const sizesOf = (pdf: ArrayBuffer): number[] =>
  [...textOf(pdf).matchAll(/\/F\d+ ([\d.]+) Tf/g)].map(([, size]) => Number(size))
/** Sizes of the pages, mm. */
const pagesOf = (pdf: ArrayBuffer): [number, number][] =>
  [...textOf(pdf).matchAll(/\/MediaBox \[0 0 ([\d.]+) ([\d.]+)\]/g)].map(([, w, h]) => [
    (Number(w) * 25.4) / 72,
    (Number(h) * 25.4) / 72,
  ])

describe('a printed chart', () => {
  it.each(chartPaperNames)('on %s has figures as high as it takes to read them from where they hang', (paper) => {
    const pdf = writeChartPdf(chartOf(8, 6), paper)
    // Height of Helvetica's figures by Adobe's metrics of the core fonts: 703 thousandths of an em.
    const smallestMm = Math.min(...sizesOf(pdf)) * (25.4 / 72) * 0.703
    expect(FIGURE_SHARE).toBe(0.703)
    expect(smallestMm).toBeGreaterThanOrEqual(chartPapers[paper].figureMm - 1e-6)
    expect(smallestMm).toBeLessThan(chartPapers[paper].figureMm * 1.02)
    for (const [wide, high] of pagesOf(pdf)) {
      expect(wide).toBeCloseTo(chartPapers[paper].widthMm, 1)
      expect(high).toBeCloseTo(chartPapers[paper].heightMm, 1)
    }
  })

  it('takes more pages where the grid does not fit, and never smaller figures', () => {
    const [small, large] = [writeChartPdf(chartOf(4, 4), 'a4'), writeChartPdf(chartOf(30, 20), 'a4')]
    expect(pagesOf(large).length).toBeGreaterThan(pagesOf(small).length)
    expect(Math.min(...sizesOf(large))).toBe(Math.min(...sizesOf(small)))
  })

  it('has every cell on one of its pages, and every cell inside the margins', () => {
    for (const paper of chartPaperNames)
      for (const [rows, columns] of [
        [1, 1],
        [20, 12],
        [60, 30],
      ] as const) {
        const measures = measureChart(paper, columns, { cellEm: 6, rowEm: 10 })
        const layout = layOutChart(measures, columns, {
          legend: 4,
          columnHead: mostLines(measures).columnHead,
          rows: Array.from({ length: rows }, (_, at) => (at % 5 === 0 ? 5 : at === 1 ? mostLines(measures).row : 2)),
        })
        const { tiles, marginMm, rowHeadMm, cellMm, rowMm, headMm, columnHeadMm, footMm, widthMm, heightMm } = layout
        const seen = new Set<string>()
        for (const { fromRow, toRow, fromColumn, toColumn } of tiles) {
          for (let row = fromRow; row < toRow; row++)
            for (let column = fromColumn; column < toColumn; column++) seen.add(`${row} ${column}`)
          expect(marginMm + rowHeadMm + (toColumn - fromColumn) * cellMm).toBeLessThanOrEqual(widthMm - marginMm + 1e-6)
          const high = rowMm.slice(fromRow, toRow).reduce((sum, mm) => sum + mm, 0)
          expect(marginMm + headMm + columnHeadMm + high).toBeLessThanOrEqual(heightMm - marginMm - footMm + 1e-6)
        }
        expect(seen.size).toBe(rows * columns)
      }
  })

  it('tells every name of a long row, in as many lines as it takes', () => {
    const names = Array.from({ length: 18 }, (_, at) => `Harbour die number ${at + 1}`)
    const text = textOf(writeChartPdf({ ...chartOf(3, 3), rows: [names.join(', '), 'Gull', 'Kite'] }, 'a4'))
    const told = [...text.matchAll(/\(([^)]*)\) Tj/g)].map(([, each]) => each).join(' ')
    for (const name of names) expect(told).toContain(name.split(' ').at(-1))
    expect(told).not.toContain('…')
  })

  it('puts bases below the grid where there is room, so that a chart of a dozen rows and eight columns is one page', () => {
    const short = chartOf(11, 8)
    const cells = short.cells.map((row) =>
      row.map((cell) => (cell.base ? { ...cell, lines: ['2×', '', 'firm 94 %'] } : cell)),
    )
    for (const paper of ['a4', 'letter'] as const)
      expect(pagesOf(writeChartPdf({ ...short, cells }, paper))).toHaveLength(1)
  })

  it('draws nothing but black', () => {
    const text = textOf(writeChartPdf(chartOf(5, 5), 'a4'))
    const colours = [...text.matchAll(/([\d.]+) ([\d.]+) ([\d.]+) (?:rg|RG)\b/g)].map(([, ...rgb]) => rgb.map(Number))
    const greys = [...text.matchAll(/(?:^|\s)([\d.]+) [gG]\b/g)].map(([, grey]) => Number(grey))
    for (const rgb of colours) expect(rgb).toEqual([0, 0, 0])
    for (const grey of greys) expect(grey).toBe(0)
    expect(pointsFor(2.2)).toBeGreaterThan(8.8)
  })
})
