import { boxAround, type Polyline, type TemplateLine, type TemplatePart } from '@bold-heron/core'
import { jsPDF } from 'jspdf'
import { type Paper, papers } from '../template/paper.js'
import { partsIn, strokes, type TemplateWords } from '../template/strokes.js'

/** mm. What printers leave blank at the edges. From memory. */
const MARGIN_MM = 8
/** mm. Foot of each page with the legend and the check bars. */
const FOOT_MM = 38
/** mm. How far neighbouring pages repeat one another, so that they can be laid over their marks. */
const OVERLAP_MM = 10
const CHECK_MM = 100
/** mm. Four inches. */
const CHECK_INCHES_MM = 101.6

/** A page's own part of the template, mm from the template's top left corner. */
export interface Tile {
  readonly column: number
  readonly row: number
  readonly fromX: number
  readonly fromY: number
}

/** The size of a page as it lies, mm. */
interface Page {
  readonly widthMm: number
  readonly heightMm: number
}

const tilesOn = (page: Page, widthMm: number, heightMm: number) => {
  const tileW = page.widthMm - 2 * MARGIN_MM
  const tileH = page.heightMm - 2 * MARGIN_MM - FOOT_MM
  const count = (size: number, tile: number): number =>
    size <= tile + 1e-6 ? 1 : Math.ceil((size - OVERLAP_MM - 1e-6) / (tile - OVERLAP_MM))
  const [columns, rows] = [count(widthMm, tileW), count(heightMm, tileH)]
  const tiles = Array.from({ length: columns * rows }, (_, at): Tile => {
    const [column, row] = [at % columns, Math.floor(at / columns)]
    return { column, row, fromX: column * (tileW - OVERLAP_MM), fromY: row * (tileH - OVERLAP_MM) }
  })
  return { page, tileW, tileH, columns, rows, tiles }
}

/**
 * How a template of a size is cut up into pages; one where it fits. Pages lie on their side where that takes fewer of them. Lengths in mm.
 */
export const tilesFor = (widthMm: number, heightMm: number, paper: Paper) => {
  const upright: Page = papers[paper]
  const lying: Page = { widthMm: upright.heightMm, heightMm: upright.widthMm }
  const [one, other] = [tilesOn(upright, widthMm, heightMm), tilesOn(lying, widthMm, heightMm)]
  return other.tiles.length < one.tiles.length ? other : one
}

const setStroke = (doc: jsPDF, part: TemplatePart): void => {
  const { widthMm, dashes } = strokes[part]
  doc.setLineWidth(widthMm).setLineDashPattern([...dashes], 0)
}

const stroke = (doc: jsPDF, line: Polyline, dx: number, dy: number): void => {
  for (let at = 0; at + 1 < line.length; at += 2) {
    const [x, y] = [(line[at] as number) + dx, (line[at + 1] as number) + dy]
    if (at === 0) doc.moveTo(x, y)
    else doc.lineTo(x, y)
  }
  doc.stroke()
}

/** A bar with a tick at either end and its length beside it. */
const bar = (doc: jsPDF, x: number, y: number, lengthMm: number, said: string): void => {
  doc.setLineDashPattern([], 0).setLineWidth(0.4)
  stroke(doc, [x, y, x + lengthMm, y], 0, 0)
  for (const end of [x, x + lengthMm]) stroke(doc, [end, y - 1.5, end, y + 1.5], 0, 0)
  doc.text(said, x + lengthMm + 3, y + 1)
}

/** Crosses that the neighbouring page has at the same place, where the overlap begins. */
const joinMarks = (doc: jsPDF, tile: Tile, layout: ReturnType<typeof tilesFor>): void => {
  const { tileW, tileH, columns, rows } = layout
  const xs = [tile.column > 0 ? OVERLAP_MM / 2 : -1, tile.column < columns - 1 ? tileW - OVERLAP_MM / 2 : -1]
  const ys = [tile.row > 0 ? OVERLAP_MM / 2 : -1, tile.row < rows - 1 ? tileH - OVERLAP_MM / 2 : -1]
  doc.setLineDashPattern([], 0).setLineWidth(0.2)
  const cross = (x: number, y: number): void => {
    stroke(doc, [x - 3, y, x + 3, y], MARGIN_MM, MARGIN_MM)
    stroke(doc, [x, y - 3, x, y + 3], MARGIN_MM, MARGIN_MM)
  }
  for (const x of xs) if (x >= 0) [tileH * 0.25, tileH * 0.75].forEach((y) => cross(x, y))
  for (const y of ys) if (y >= 0) [tileW * 0.25, tileW * 0.75].forEach((x) => cross(x, y))
}

const foot = (doc: jsPDF, parts: readonly TemplatePart[], words: TemplateWords, page: Page, said: string): void => {
  const top = page.heightMm - MARGIN_MM - FOOT_MM + 5
  doc.setFontSize(9)
  doc.text(`${words.title} · ${words.seen}${said}`, MARGIN_MM, top)
  parts.forEach((part, at) => {
    const [x, y] = [MARGIN_MM + (at % 3) * 64, top + 5 + Math.floor(at / 3) * 5]
    setStroke(doc, part)
    stroke(doc, [x, y, x + 16, y], 0, 0)
    doc.text(words.parts[part], x + 18, y + 1)
  })
  const barY = page.heightMm - MARGIN_MM - 7
  bar(doc, MARGIN_MM, barY, CHECK_MM, '100 mm')
  bar(doc, MARGIN_MM, barY + 5, CHECK_INCHES_MM, '4 in')
  doc.text(words.check, MARGIN_MM + CHECK_INCHES_MM + 18, barY + 3)
}

/**
 * Writes a template as a PDF of true size on A4 or Letter, in pages that overlap by 10 mm where it is larger, each with its legend and
 * with bars of 100 mm and 4 in to check the printer by.
 */
export const writeTemplatePdf = (lines: readonly TemplateLine[], words: TemplateWords, paper: Paper): ArrayBuffer => {
  const box = boxAround(lines.map(({ line }) => line)) ?? { fromX: 0, fromY: 0, toX: 0, toY: 0 }
  const layout = tilesFor(box.toX - box.fromX, box.toY - box.fromY, paper)
  const { widthMm, heightMm } = layout.page
  const orientation = widthMm > heightMm ? 'landscape' : 'portrait'
  const doc = new jsPDF({
    unit: 'mm',
    format: [widthMm, heightMm],
    orientation,
    putOnlyUsedFonts: true,
    compress: false,
  })
  doc.setProperties({ title: words.title })
  const parts = partsIn(lines)
  layout.tiles.forEach((tile, at) => {
    if (at > 0) doc.addPage([widthMm, heightMm], orientation)
    doc.saveGraphicsState()
    doc.rect(MARGIN_MM, MARGIN_MM, layout.tileW, layout.tileH, null).clip().discardPath()
    const [dx, dy] = [MARGIN_MM - box.fromX - tile.fromX, MARGIN_MM - box.fromY - tile.fromY]
    for (const part of parts) {
      setStroke(doc, part)
      for (const each of lines) if (each.part === part) stroke(doc, each.line, dx, dy)
    }
    doc.restoreGraphicsState()
    joinMarks(doc, tile, layout)
    const many = layout.tiles.length > 1
    foot(doc, parts, words, layout.page, many ? ` · ${at + 1}/${layout.tiles.length} · ${words.join}` : '')
  })
  return doc.output('arraybuffer')
}
