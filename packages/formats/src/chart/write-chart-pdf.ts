import { jsPDF } from 'jspdf'
import { type ChartLayout, type ChartPaper, type ChartTile, layOutChart, measureChart, mostLines } from './layout.js'

/** A cell in print: the number of its base in its shape, and lines beside and below; or only words where it has no base. */
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
  /** Base stacks, in section below the grid. */
  readonly bases: readonly { readonly title: string; readonly layers: readonly PrintedLayer[] }[]
  /** How to read it, sentence by sentence. */
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
  const reach = corners === 3 ? 1.7 * radius : corners === 4 ? 1.25 * radius : 1.12 * radius
  const lower = corners === 3 ? 0.3 * radius : 0
  for (let at = 0; at <= corners; at++) {
    const angle = turn + (2 * Math.PI * at) / corners
    const [px, py] = [x + reach * Math.cos(angle), y + lower + reach * Math.sin(angle)]
    if (at === 0) doc.moveTo(px, py)
    else doc.lineTo(px, py)
  }
  doc.close().stroke()
}

/** The number of a base in its shape, its middle at x, y. */
const numberIn = (doc: jsPDF, base: number, x: number, y: number, lineMm: number): void => {
  doc.setLineWidth(0.35).setLineDashPattern([], 0)
  shapeOf(doc, base, x, y, 0.52 * lineMm)
  doc.setFont('helvetica', 'bold')
  // A triangle is widest below its middle.
  const lower = SHAPES[(base - 1) % SHAPES.length] === 3 ? 0.16 * lineMm : 0
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

/** A chart as it is set: every text in the lines that it takes in the width that it has. */
interface SetChart {
  readonly chart: PrintedChart
  readonly legend: readonly string[]
  readonly rows: readonly (readonly string[])[]
  readonly columns: readonly { readonly name: readonly string[]; readonly thickness: readonly string[] }[]
  /** The lines of each cell; a line that none in its row has is left out. */
  readonly cells: readonly (readonly (readonly string[])[])[]
}

/** A text in lines of so many mm, at most so many; what does not fit is cut. */
const linesOf = (doc: jsPDF, text: string, mm: number, most: number): string[] => {
  const lines = doc.splitTextToSize(text, mm) as string[]
  const kept = lines.slice(0, most)
  if (lines.length > most) kept[most - 1] = `${kept[most - 1]} …`
  return kept.map((line) => fitting(doc, line.trim(), mm))
}

/** Room at either side of a text in its column, mm. */
const BESIDE_MM = 0.75

const set = (doc: jsPDF, chart: PrintedChart, measures: ReturnType<typeof measureChart>): SetChart => {
  const { rowHeadMm, cellMm, legendMm } = measures
  const most = mostLines(measures)
  const inCell = cellMm - 2 * BESIDE_MM
  const bold = doc.setFont('helvetica', 'bold')
  const rows = chart.rows.map((name) => linesOf(bold, name, rowHeadMm - 2, most.row))
  const thicknesses = chart.columns.map(([, thickness]) => linesOf(bold, thickness, inCell, 3))
  doc.setFont('helvetica', 'normal')
  return {
    chart,
    legend: chart.legend.flatMap((line) => linesOf(doc, line, legendMm, most.columnHead)),
    rows,
    columns: chart.columns.map(([name], at) => ({
      name: linesOf(doc, name, inCell, most.columnHead - 3),
      thickness: thicknesses[at] as string[],
    })),
    cells: chart.cells.map((row) => {
      const isUsed = (line: number): boolean => row.some(({ lines }) => (lines[line] ?? '') !== '')
      return row.map(({ base, lines }) =>
        base === undefined
          ? lines.filter((line) => line !== '').flatMap((line) => linesOf(doc, line, inCell, 3))
          : lines.filter((_, line) => isUsed(line)),
      )
    }),
  }
}

/** Title and basis, how to read it beside them, and at the foot the booklet and the page. */
const head = (doc: jsPDF, { chart, legend }: SetChart, layout: ChartLayout, page: string): void => {
  const { marginMm, lineMm, points, widthMm, heightMm, legendMm } = layout
  const titleMm = widthMm - 2 * marginMm - legendMm - 3
  doc.setFont('helvetica', 'bold').setFontSize(1.5 * points)
  doc.text(fitting(doc, chart.title, titleMm), marginMm, marginMm + 1.3 * lineMm)
  doc.setFont('helvetica', 'normal').setFontSize(points)
  linesOf(doc, chart.basis, titleMm, 2).forEach((line, at) => doc.text(line, marginMm, marginMm + (at + 2.4) * lineMm))
  legend.forEach((line, at) => doc.text(line, widthMm - marginMm - legendMm, marginMm + (at + 0.8) * lineMm))
  const foot = heightMm - marginMm - 0.3 * lineMm
  doc.text(page, widthMm - marginMm, foot, { align: 'right' })
  doc.text(fitting(doc, chart.foot, widthMm - 2 * marginMm - doc.getTextWidth(page) - 3), marginMm, foot)
}

const columnHeads = (
  doc: jsPDF,
  { columns }: SetChart,
  layout: ChartLayout,
  { fromColumn, toColumn }: ChartTile,
): void => {
  const { marginMm, headMm, rowHeadMm, columnHeadMm, cellMm, lineMm } = layout
  const top = marginMm + headMm + columnHeadMm
  for (const [at, { name, thickness }] of columns.slice(fromColumn, toColumn).entries()) {
    const x = marginMm + rowHeadMm + (at + 0.5) * cellMm
    const texts = [
      ...name.map((text) => ({ text, font: 'normal' })),
      ...thickness.map((text) => ({ text, font: 'bold' })),
    ]
    texts.forEach(({ text, font }, line) =>
      doc
        .setFont('helvetica', font)
        .text(text, x, top - (texts.length - line - 1 + 0.45) * lineMm, { align: 'center' }),
    )
  }
}

const grid = (doc: jsPDF, its: SetChart, layout: ChartLayout, tile: ChartTile): void => {
  const { marginMm, headMm, rowHeadMm, columnHeadMm, cellMm, rowMm, lineMm } = layout
  const left = marginMm + rowHeadMm
  const top = marginMm + headMm + columnHeadMm
  const right = left + (tile.toColumn - tile.fromColumn) * cellMm
  doc.setLineDashPattern([], 0)
  columnHeads(doc, its, layout, tile)
  doc.setLineWidth(0.5).line(marginMm, top, right, top)
  let y = top
  for (let row = tile.fromRow; row < tile.toRow; row++) {
    const high = rowMm[row] as number
    const lines = its.rows[row] as readonly string[]
    doc.setFont('helvetica', 'bold')
    lines.forEach((line, at) => doc.text(line, marginMm, y + high / 2 + (at - (lines.length - 1) / 2 + 0.32) * lineMm))
    doc.setFont('helvetica', 'normal')
    for (let column = tile.fromColumn; column < tile.toColumn; column++)
      cellIn(
        doc,
        its.chart.cells[row]?.[column] as PrintedCell,
        its.cells[row]?.[column] as readonly string[],
        left + (column - tile.fromColumn) * cellMm,
        y,
        layout,
      )
    y += high
    doc.setLineWidth(0.15).line(marginMm, y, right, y)
  }
  for (let column = tile.fromColumn; column <= tile.toColumn; column++) {
    const x = left + (column - tile.fromColumn) * cellMm
    doc.setLineWidth(column === tile.fromColumn ? 0.5 : 0.15).line(x, top, x, y)
  }
}

const cellIn = (
  doc: jsPDF,
  cell: PrintedCell,
  [first, ...rest]: readonly string[],
  x: number,
  y: number,
  { cellMm, lineMm }: ChartLayout,
): void => {
  const middle = x + cellMm / 2
  if (cell.base !== undefined) {
    numberIn(doc, cell.base, x + 1.05 * lineMm, y + 0.82 * lineMm, lineMm)
    doc.setFont('helvetica', 'bold').text(first ?? '', x + 1.95 * lineMm, y + 0.82 * lineMm, { baseline: 'middle' })
    doc.setFont('helvetica', 'normal')
  } else doc.text(first ?? '', middle, y + 1.1 * lineMm, { align: 'center' })
  rest.forEach((line, at) =>
    doc.text(fitting(doc, line, cellMm - 2 * BESIDE_MM), middle, y + (at + 2.05) * lineMm, { align: 'center' }),
  )
  const marks = `${cell.better ? '*' : ''}${cell.caution ? '!' : ''}`
  doc
    .setFont('helvetica', 'bold')
    .text(marks, x + cellMm - 0.9, y + 1.1 * lineMm, { align: 'right' })
    .setFont('helvetica', 'normal')
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

/** mm on paper for a mm of plate: as much as there is room for, so that thin plates can be told apart. */
const BASE_SCALES = { most: 2, least: 1 } as const

const saidOf = ({ name, thickness }: PrintedLayer): string => (thickness ? `${name}  ${thickness}` : name)

/** A base stack in section, its layers named beside it, from a corner down. */
const baseIn = (
  doc: jsPDF,
  layers: readonly PrintedLayer[],
  [x, y]: readonly [number, number],
  { drawnMm, scale, lineMm }: { readonly drawnMm: number; readonly scale: number; readonly lineMm: number },
): void => {
  const stackHigh = layers.reduce((sum, { mm }) => sum + scale * mm, 0)
  let from = y + Math.max(stackHigh, layers.length * 1.1 * lineMm)
  let label = from - 0.25 * lineMm
  for (const layer of layers) {
    const its = scale * layer.mm
    doc.setLineWidth(0.3).setLineDashPattern([], 0)
    if (its > 0) {
      fillBox(doc, layer.fill, x, from - its, drawnMm, its)
      doc.rect(x, from - its, drawnMm, its, 'S')
    } else doc.setLineDashPattern([0.8, 0.6], 0).line(x, from, x + drawnMm, from)
    doc.setLineDashPattern([], 0).setLineWidth(0.12)
    const middle = from - its / 2
    const labelY = Math.min(label, middle + 0.32 * lineMm)
    doc.line(x + drawnMm, middle, x + drawnMm + 1.4 * lineMm, labelY - 0.3 * lineMm)
    doc.text(saidOf(layer), x + drawnMm + 1.7 * lineMm, labelY)
    label = labelY - 1.1 * lineMm
    from -= its
  }
}

/** The base stacks in section, to scale, below the grid; on a page of their own where there is no room, and further ones. */
const bases = (doc: jsPDF, chart: PrintedChart, layout: ChartLayout, newPage: () => void): void => {
  if (chart.bases.length === 0) return
  const { marginMm, lineMm, widthMm, heightMm, footMm, headMm } = layout
  const bottom = heightMm - marginMm - footMm
  const drawnMm = 5 * lineMm
  const wideOf = ({ title, layers }: PrintedChart['bases'][number]): number =>
    Math.max(
      doc.getTextWidth(title) + 2 * lineMm,
      drawnMm + 1.7 * lineMm + Math.max(0, ...layers.map((layer) => doc.getTextWidth(saidOf(layer)))),
    ) +
    2 * lineMm
  // Side by side, in as many lines as it takes.
  const lines: { readonly at: number; readonly x: number }[][] = []
  let x = marginMm
  for (const [at, base] of chart.bases.entries()) {
    const wide = wideOf(base)
    if (at === 0 || x + wide > widthMm - marginMm + 2 * lineMm) {
      lines.push([])
      x = marginMm
    }
    lines.at(-1)?.push({ at, x })
    x += wide
  }
  // Names of thin layers stand above them.
  const headOf = 2.1 * lineMm
  const highOf = (scale: number): number =>
    Math.max(
      ...chart.bases.map(({ layers }) =>
        Math.max(
          layers.reduce((sum, { mm }) => sum + scale * mm, 0),
          layers.length * 1.1 * lineMm,
        ),
      ),
    ) +
    headOf +
    0.6 * lineMm
  const scaleFor = (roomMm: number): number | undefined => {
    for (let scale: number = BASE_SCALES.most; scale >= BASE_SCALES.least; scale -= 0.1)
      if (lines.length * highOf(scale) <= roomMm) return scale
    return undefined
  }
  let y = layout.endMm + 0.7 * lineMm
  let scale = scaleFor(bottom - y)
  if (scale === undefined) {
    newPage()
    y = marginMm + headMm
    scale = scaleFor(bottom - y) ?? BASE_SCALES.least
  }
  for (const line of lines) {
    if (y + highOf(scale) > bottom + 1e-6 && y > marginMm + headMm) {
      newPage()
      y = marginMm + headMm
    }
    for (const { at, x: left } of line) {
      const { title, layers } = chart.bases[at] as PrintedChart['bases'][number]
      numberIn(doc, at + 1, left + 0.9 * lineMm, y + 0.75 * lineMm, lineMm)
      doc.text(title, left + 1.9 * lineMm, y + 0.75 * lineMm, { baseline: 'middle' })
      baseIn(doc, layers, [left, y + headOf], { drawnMm, scale, lineMm })
    }
    y += highOf(scale)
  }
}

/** The longest of a cell's lines, in ems, with what stands beside it; words of a cell without base may break. */
const cellEmOf = ({ base, lines }: PrintedCell, emOf: (text: string) => number): number =>
  base === undefined
    ? Math.max(0, ...lines.flatMap((line) => line.split(' ')).map(emOf))
    : Math.max(0, ...lines.map((line, at) => emOf(line) + (at === 0 ? 3.6 : 0.3)))

/** Writes a wall chart as a PDF in black, lying, in as many pages as it takes for its figures to be read from where they hang. */
export const writeChartPdf = (chart: PrintedChart, paper: ChartPaper): ArrayBuffer => {
  const measuring = new jsPDF({ unit: 'mm' }).setFont('helvetica', 'bold').setFontSize(100)
  const emOf = (text: string): number => measuring.getTextWidth(text) / (100 * (25.4 / 72))
  const measures = measureChart(paper, chart.columns.length, {
    cellEm: Math.min(11, Math.max(0, ...chart.cells.flat().map((cell) => cellEmOf(cell, emOf)))),
    rowEm: Math.min(18, Math.max(0, ...chart.rows.map((row) => emOf(row) / 1.6))),
  })
  const { widthMm, heightMm, points } = measures
  const doc = new jsPDF({
    unit: 'mm',
    format: [widthMm, heightMm],
    orientation: 'landscape',
    putOnlyUsedFonts: true,
    compress: false,
  })
  doc.setProperties({ title: chart.title })
  doc.setFontSize(points)
  const its = set(doc, chart, measures)
  const layout = layOutChart(measures, chart.columns.length, {
    legend: its.legend.length,
    columnHead: Math.max(0, ...its.columns.map(({ name, thickness }) => name.length + thickness.length)),
    rows: its.rows.map((name, row) => Math.max(name.length, ...(its.cells[row] ?? []).map((lines) => lines.length))),
  })
  const newPage = (): void => {
    doc.addPage([widthMm, heightMm], 'landscape')
    doc.setFontSize(points)
  }
  layout.tiles.forEach((tile, at) => {
    if (at > 0) newPage()
    grid(doc, its, layout, tile)
  })
  bases(doc, chart, layout, newPage)
  const pages = doc.getNumberOfPages()
  for (let page = 1; page <= pages; page++) {
    doc.setPage(page)
    head(doc, its, layout, pages > 1 ? chart.page(page, pages) : '')
  }
  return doc.output('arraybuffer')
}
