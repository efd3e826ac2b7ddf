import { jsPDF } from 'jspdf'
import { type ChartLayout, type ChartPaper, type ChartTile, layOutChart } from './layout.js'

/** A cell in print: the number of its base in its shape, and three lines beside and below; or only words where it has no base. */
export interface PrintedCell {
  /** From 1; undefined where no base serves it. */
  readonly base?: number | undefined
  readonly lines: readonly string[]
  /** Whether a caution goes with it, and whether another stack is better for it alone. */
  readonly caution: boolean
  readonly better: boolean
}

/** How a layer is told apart in black: by what it is filled with. */
export type Fill = 'wood' | 'slant' | 'dots' | 'cross' | 'plus' | 'waves' | 'lines'

export interface PrintedLayer {
  readonly name: string
  /** As it is printed, with its unit. */
  readonly thickness: string
  /** To scale; 0 for dies and sheets, which have a place but no height of their own here. */
  readonly mm: number
  readonly fill: Fill
}

export interface PrintedChart {
  readonly title: string
  /** Press, leaf, date, basis: a line. */
  readonly basis: string
  readonly rows: readonly string[]
  /** Name, and thickness, of each column. */
  readonly columns: readonly (readonly [name: string, thickness: string])[]
  readonly cells: readonly (readonly PrintedCell[])[]
  readonly bases: readonly { readonly title: string; readonly layers: readonly PrintedLayer[] }[]
  readonly basesTitle: string
  /** How to read it, line by line. */
  readonly legend: readonly string[]
  /** At the foot of every page: the booklet first. */
  readonly foot: string
  readonly page: (page: number, of: number) => string
}

/** Corners of the shapes that tell the bases apart, so that neither colour nor a letter is needed: a circle, then polygons. */
const SHAPES = [0, 4, 3, 6, 5, 8] as const

const shapeOf = (doc: jsPDF, base: number, x: number, y: number, radius: number): void => {
  const corners = SHAPES[(base - 1) % SHAPES.length] as number
  if (corners === 0) {
    doc.circle(x, y, radius, 'S')
    return
  }
  const turn = corners === 4 ? Math.PI / 4 : -Math.PI / 2
  const reach = corners === 3 ? 1.75 * radius : corners === 4 ? 1.25 * radius : 1.12 * radius
  const lower = corners === 3 ? 0.28 * radius : 0
  for (let at = 0; at <= corners; at++) {
    const angle = turn + (2 * Math.PI * at) / corners
    const [px, py] = [x + reach * Math.cos(angle), y + lower + reach * Math.sin(angle)]
    if (at === 0) doc.moveTo(px, py)
    else doc.lineTo(px, py)
  }
  doc.close().stroke()
}

/** The number of a base in its shape, its middle at x, y. */
const numberIn = (doc: jsPDF, base: number, x: number, y: number, layout: ChartLayout): void => {
  doc.setLineWidth(0.35).setLineDashPattern([], 0)
  shapeOf(doc, base, x, y, 0.52 * layout.lineMm)
  doc.setFont('helvetica', 'bold')
  // A triangle is widest below its middle.
  const lower = SHAPES[(base - 1) % SHAPES.length] === 3 ? 0.16 * layout.lineMm : 0
  doc.text(`${base}`, x, y + lower, { align: 'center', baseline: 'middle' })
  doc.setFont('helvetica', 'normal')
}

/** A text cut so that it fits into so many mm. */
const fitting = (doc: jsPDF, text: string, mm: number): string => {
  if (doc.getTextWidth(text) <= mm) return text
  let cut = text
  while (cut.length > 1 && doc.getTextWidth(`${cut}…`) > mm) cut = cut.slice(0, -1)
  return `${cut.trimEnd()}…`
}

const head = (doc: jsPDF, chart: PrintedChart, layout: ChartLayout, said: string): void => {
  const { marginMm, lineMm, points, widthMm, heightMm } = layout
  doc.setFont('helvetica', 'bold').setFontSize(1.5 * points)
  doc.text(fitting(doc, chart.title, widthMm - 2 * marginMm - 30), marginMm, marginMm + 1.3 * lineMm)
  doc.setFont('helvetica', 'normal').setFontSize(points)
  doc.text(said, widthMm - marginMm, marginMm + 1.3 * lineMm, { align: 'right' })
  doc.text(fitting(doc, chart.basis, widthMm - 2 * marginMm), marginMm, marginMm + 2.6 * lineMm)
  doc.text(fitting(doc, chart.foot, widthMm - 2 * marginMm), marginMm, heightMm - marginMm - 0.3 * lineMm)
}

const grid = (doc: jsPDF, chart: PrintedChart, layout: ChartLayout, tile: ChartTile): void => {
  const { marginMm, headMm, rowHeadMm, columnHeadMm, cellMm, lineMm } = layout
  const [wide, high] = cellMm
  const left = marginMm + rowHeadMm
  const top = marginMm + headMm + columnHeadMm
  const right = left + (tile.toColumn - tile.fromColumn) * wide
  const bottom = top + (tile.toRow - tile.fromRow) * high
  doc.setLineDashPattern([], 0)
  for (let column = tile.fromColumn; column < tile.toColumn; column++) {
    const x = left + (column - tile.fromColumn) * wide
    const [name, thickness] = chart.columns[column] as readonly [string, string]
    const lines = (doc.splitTextToSize(name, wide - 1.5) as string[])
      .slice(0, 2)
      .map((line) => fitting(doc, line, wide - 1.5))
    doc.setFont('helvetica', 'normal')
    lines.forEach((line, at) =>
      doc.text(line, x + wide / 2, top - (lines.length - at + 0.75) * lineMm, { align: 'center' }),
    )
    doc.setFont('helvetica', 'bold').text(thickness, x + wide / 2, top - 0.45 * lineMm, { align: 'center' })
  }
  for (let row = tile.fromRow; row < tile.toRow; row++) {
    const y = top + (row - tile.fromRow) * high
    const lines = (
      doc.setFont('helvetica', 'bold').splitTextToSize(chart.rows[row] as string, rowHeadMm - 2) as string[]
    ).slice(0, 2)
    lines.forEach((line, at) =>
      doc.text(
        fitting(doc, line, rowHeadMm - 2),
        marginMm,
        y + high / 2 + (at - (lines.length - 1) / 2 + 0.32) * lineMm,
      ),
    )
    doc.setFont('helvetica', 'normal')
    for (let column = tile.fromColumn; column < tile.toColumn; column++) {
      const x = left + (column - tile.fromColumn) * wide
      cellIn(doc, chart.cells[row]?.[column] as PrintedCell, x, y, layout)
    }
  }
  doc.setLineWidth(0.15)
  for (let row = tile.fromRow; row <= tile.toRow; row++) {
    const y = top + (row - tile.fromRow) * high
    doc.line(marginMm, y, right, y)
  }
  for (let column = tile.fromColumn; column <= tile.toColumn; column++) {
    const x = left + (column - tile.fromColumn) * wide
    doc.line(x, top, x, bottom)
  }
  doc.setLineWidth(0.5).line(marginMm, top, right, top)
  doc.line(left, top, left, bottom)
}

const cellIn = (doc: jsPDF, cell: PrintedCell, x: number, y: number, layout: ChartLayout): void => {
  const { cellMm, lineMm } = layout
  const [wide] = cellMm
  const [first, ...rest] = cell.lines
  if (cell.base !== undefined) {
    numberIn(doc, cell.base, x + 0.85 * lineMm, y + 0.8 * lineMm, layout)
    doc.setFont('helvetica', 'bold').text(first ?? '', x + 1.75 * lineMm, y + 0.8 * lineMm, { baseline: 'middle' })
    doc.setFont('helvetica', 'normal')
  } else doc.text(fitting(doc, first ?? '', wide - 1), x + wide / 2, y + 1.1 * lineMm, { align: 'center' })
  rest.forEach((line, at) => {
    doc.text(fitting(doc, line, wide - 1), x + wide / 2, y + (at + 2.05) * lineMm, { align: 'center' })
  })
  if (cell.caution)
    doc
      .setFont('helvetica', 'bold')
      .text('!', x + wide - 0.9, y + 1.05 * lineMm, { align: 'right' })
      .setFont('helvetica', 'normal')
  if (cell.better)
    doc.text('*', x + wide - 0.9 - (cell.caution ? 0.5 * lineMm : 0), y + 1.2 * lineMm, { align: 'right' })
}

/** Fills a box in black and white, each kind of layer its own way. */
const fillBox = (doc: jsPDF, fill: Fill, x: number, y: number, wide: number, high: number): void => {
  doc.saveGraphicsState()
  doc.rect(x, y, wide, high, null).clip().discardPath()
  doc.setLineWidth(0.12).setLineDashPattern([], 0)
  const step = fill === 'cross' || fill === 'lines' ? 1.2 : 2.4
  const slants = (ways: readonly (1 | -1)[]): void => {
    for (let at = -high; at < wide + high; at += step)
      for (const way of ways) doc.line(x + at, way === 1 ? y : y + high, x + at + high, way === 1 ? y + high : y)
  }
  if (fill === 'slant') slants([1])
  else if (fill === 'cross') slants([1, -1])
  else if (fill === 'lines' || fill === 'wood')
    for (let at = 0.6; at < high; at += fill === 'wood' ? 1.6 : 0.7)
      doc.line(x, y + at, x + wide, y + at + (fill === 'wood' ? 0.5 : 0))
  else
    for (let down = 0.7; down < high; down += 1.5)
      for (let along = (Math.round(down / 1.5) % 2) + 0.8; along < wide; along += step)
        if (fill === 'dots') doc.circle(x + along, y + down, 0.16, 'F')
        else if (fill === 'plus') {
          doc.line(x + along - 0.4, y + down, x + along + 0.4, y + down)
          doc.line(x + along, y + down - 0.4, x + along, y + down + 0.4)
        } else doc.line(x + along, y + down, x + along + 0.9, y + down + 0.4)
  doc.restoreGraphicsState()
}

/** mm on paper for a mm of plate, so that thin plates can be told apart. */
const BASE_SCALE = 2

/** The base stacks in section, to scale, and how to read the chart; goes on to pages of its own where there is no room. */
const legend = (doc: jsPDF, chart: PrintedChart, layout: ChartLayout, newPage: () => void): void => {
  const { marginMm, lineMm, widthMm, heightMm, footMm, headMm } = layout
  const bottom = heightMm - marginMm - footMm
  const drawnWide = 7 * lineMm
  const wide = Math.min(widthMm - 2 * marginMm, drawnWide + 24 * lineMm)
  const high = Math.max(0, ...chart.bases.map(({ layers }) => Math.max(layers.length + 2.5, 0) * 1.15 * lineMm, 0))
  const tallest = Math.max(
    high,
    ...chart.bases.map(({ layers }) => layers.reduce((sum, { mm }) => sum + BASE_SCALE * mm, 2 * lineMm) + 2 * lineMm),
  )
  let [x, y] = [marginMm, layout.endMm + 1.6 * lineMm]
  const room = (needs: number): void => {
    if (y + needs <= bottom) return
    newPage()
    ;[x, y] = [marginMm, marginMm + headMm + lineMm]
  }
  const blocks = chart.bases.length > 0 ? 1.6 * lineMm + tallest : 0
  room(blocks + (chart.legend.length + 1) * 1.2 * lineMm)
  doc.setFont('helvetica', 'bold')
  if (chart.bases.length > 0) doc.text(chart.basesTitle, x, y)
  doc.setFont('helvetica', 'normal')
  y += 1.6 * lineMm
  for (const [at, base] of chart.bases.entries()) {
    if (x + wide > widthMm - marginMm + 1e-6 && x > marginMm) {
      x = marginMm
      y += tallest
    }
    room(tallest)
    numberIn(doc, at + 1, x + 0.8 * lineMm, y, layout)
    doc.text(base.title, x + 1.9 * lineMm, y, { baseline: 'middle' })
    const stackHigh = base.layers.reduce((sum, { mm }) => sum + BASE_SCALE * mm, 0)
    let from = y + 1.2 * lineMm + Math.max(stackHigh, base.layers.length * 1.1 * lineMm)
    let label = from - 0.25 * lineMm
    for (const layer of base.layers) {
      const its = BASE_SCALE * layer.mm
      doc.setLineWidth(0.3).setLineDashPattern([], 0)
      if (its > 0) {
        fillBox(doc, layer.fill, x, from - its, drawnWide, its)
        doc.rect(x, from - its, drawnWide, its, 'S')
      } else doc.setLineDashPattern([0.8, 0.6], 0).line(x, from, x + drawnWide, from)
      doc.setLineDashPattern([], 0).setLineWidth(0.12)
      const middle = from - its / 2
      const labelY = Math.min(label, middle + 0.32 * lineMm)
      doc.line(x + drawnWide, middle, x + drawnWide + 1.4 * lineMm, labelY - 0.3 * lineMm)
      doc.text(
        fitting(doc, `${layer.name}${layer.thickness ? `  ${layer.thickness}` : ''}`, wide - drawnWide - 2.4 * lineMm),
        x + drawnWide + 1.7 * lineMm,
        labelY,
      )
      label = labelY - 1.1 * lineMm
      from -= its
    }
    x += wide
  }
  ;[x, y] = [marginMm, y + tallest]
  for (const line of chart.legend) {
    room(1.2 * lineMm)
    doc.text(fitting(doc, line, widthMm - 2 * marginMm), x, y)
    y += 1.2 * lineMm
  }
}

/** Writes a wall chart as a PDF in black, lying, in as many pages as it takes for its figures to be read from where they hang. */
export const writeChartPdf = (chart: PrintedChart, paper: ChartPaper): ArrayBuffer => {
  const measuring = new jsPDF({ unit: 'mm' }).setFont('helvetica', 'bold').setFontSize(100)
  const emOf = (text: string): number => measuring.getTextWidth(text) / (100 * (25.4 / 72))
  const cellEm = Math.max(
    0,
    ...chart.cells
      .flat()
      .flatMap(({ base, lines }) => lines.map((line, at) => emOf(line) + (at === 0 && base !== undefined ? 3 : 0.3))),
  )
  const layout = layOutChart(paper, chart.rows.length, chart.columns.length, {
    cellEm: Math.min(11, cellEm),
    rowEm: Math.min(14, Math.max(0, ...chart.rows.map((row) => emOf(row) / 1.6))),
  })
  const { widthMm, heightMm } = layout
  const doc = new jsPDF({
    unit: 'mm',
    format: [widthMm, heightMm],
    orientation: 'landscape',
    putOnlyUsedFonts: true,
    compress: false,
  })
  doc.setProperties({ title: chart.title })
  doc.setFont('helvetica', 'normal').setFontSize(layout.points)
  layout.tiles.forEach((tile, at) => {
    if (at > 0) doc.addPage([widthMm, heightMm], 'landscape')
    doc.setFontSize(layout.points)
    grid(doc, chart, layout, tile)
  })
  legend(doc, chart, layout, () => {
    doc.addPage([widthMm, heightMm], 'landscape')
    doc.setFontSize(layout.points)
  })
  const pages = doc.getNumberOfPages()
  for (let page = 1; page <= pages; page++) {
    doc.setPage(page)
    head(doc, chart, layout, pages > 1 ? chart.page(page, pages) : '')
  }
  return doc.output('arraybuffer')
}
