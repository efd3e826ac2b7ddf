import {
  borderMarks,
  boxAround,
  circleAt,
  envelopeFor,
  envelopeTemplate,
  planBorder,
  type TemplateLine,
  templateParts,
} from '@bold-heron/core'
import { describe, expect, it } from 'vitest'
import { readDxf } from '../dxf/read-dxf.js'
import { readSvg } from '../svg/read-svg.js'
import type { TemplateWords } from './strokes.js'
import { writeTemplateDxf } from '../dxf/write-template-dxf.js'
import { tilesFor, writeTemplatePdf } from '../pdf/write-template-pdf.js'
import { writeTemplateSvg } from '../svg/write-template-svg.js'

const words: TemplateWords = {
  title: 'Window',
  parts: Object.fromEntries(templateParts.map((part) => [part, part])) as TemplateWords['parts'],
  check: 'measure these',
  seen: 'seen on the front',
  join: 'lay the crosses over one another',
}

const card = (widthMm: number, heightMm: number): TemplateLine[] => [
  { part: 'card', line: [0, 0, widthMm, 0, widthMm, heightMm, 0, heightMm, 0, 0] },
  { part: 'die', line: circleAt(40, 30, 20, 0.01) },
  { part: 'pencil', line: [0, 33.3, widthMm, 33.3] },
]

/** mm in a PDF's point. */
const POINT_MM = 25.4 / 72

/** Every straight piece that the pages draw, page by page, mm from the page's top left corner. */
const piecesOf = (pdf: ArrayBuffer, pageHeightMm: number): number[][][] => {
  const text = Buffer.from(pdf).toString('latin1')
  return [...text.matchAll(/stream\r?\n([\s\S]*?)endstream/g)]
    .map((match) => match[1] as string)
    .filter((stream) => / m\s/.test(stream) || / m\n/.test(stream))
    .map((stream) => {
      const lines: number[][] = []
      for (const [, x, y, operator] of stream.matchAll(/(-?[\d.]+) (-?[\d.]+) ([ml])\b/g)) {
        const point = [Number(x) * POINT_MM, pageHeightMm - Number(y) * POINT_MM]
        if (operator === 'm') lines.push(point)
        else lines.at(-1)?.push(...point)
      }
      return lines
    })
}

describe('a template as PDF', () => {
  it('has every line where the placement has it, to a twentieth of a millimetre', () => {
    const template = card(100, 80)
    const [page] = piecesOf(writeTemplatePdf(template, words, 'a4'), 297)
    const printed = template.map(({ line }) => line.length)
    // Drawn in the order of the parts: card, die, pencil.
    const drawn = page!.filter((line) => printed.includes(line.length)).slice(0, 3)
    template.forEach(({ line }, at) => {
      const met = drawn.find((each) => each.length === line.length && !drawn.slice(0, at).includes(each))!
      line.forEach((mm, which) => expect(Math.abs(met[which]! - 8 - mm)).toBeLessThan(0.05))
    })
  })

  it('carries a bar of 100 mm and one of 4 in', () => {
    const [page] = piecesOf(writeTemplatePdf(card(100, 80), words, 'letter'), 279.4)
    const lengths = page!.map((line) => Math.abs(line[line.length - 2]! - line[0]!))
    expect(lengths.some((mm) => Math.abs(mm - 100) < 0.01)).toBe(true)
    expect(lengths.some((mm) => Math.abs(mm - 4 * 25.4) < 0.01)).toBe(true)
  })

  it('is cut up into pages that overlap where it is larger, and every place is on one of them', () => {
    const [widthMm, heightMm] = [420, 300]
    const { tiles, tileW, tileH } = tilesFor(widthMm, heightMm, 'a4')
    // Lying pages take four, upright ones six.
    expect(tiles).toHaveLength(4)
    for (let x = 0; x <= widthMm; x += 7)
      for (let y = 0; y <= heightMm; y += 7)
        expect(
          tiles.some(
            (tile) => x >= tile.fromX && x <= tile.fromX + tileW && y >= tile.fromY && y <= tile.fromY + tileH,
          ),
        ).toBe(true)
    expect(piecesOf(writeTemplatePdf(card(widthMm, heightMm), words, 'a4'), 210)).toHaveLength(4)
  })

  it('fits on one page as long as the paper allows', () => {
    expect(tilesFor(194, 243, 'a4').tiles).toHaveLength(1)
    expect(tilesFor(195, 243, 'a4').tiles).toHaveLength(2)
    // Wider than an upright page, and no taller than one that lies.
    expect(tilesFor(210, 148, 'a4')).toMatchObject({ columns: 1, rows: 1, page: { widthMm: 297, heightMm: 210 } })
  })
})

it('a template as SVG reads back where it was', () => {
  const read = readSvg(writeTemplateSvg(card(100, 80), words))
  if (!read.ok) throw new Error(read.fault.code)
  const [outline] = read.value.lines.filter((line) => line.length === 10)
  const origin = [outline![0]!, outline![1]!]
  card(100, 80).forEach(({ line }) => {
    const met = read.value.lines.find((each) => each.length === line.length)!
    line.forEach((mm, at) => expect(Math.abs(met[at]! - origin[at % 2]! - mm)).toBeLessThan(0.05))
  })
})

it('a template as DXF reads back where it was, a layer a part, y up', () => {
  const text = writeTemplateDxf(card(100, 80))
  expect(text).toContain('pencil')
  const read = readDxf(text)
  if (!read.ok) throw new Error(read.fault.code)
  const round = card(100, 80)[1]!.line
  const met = read.value.lines.find((line) => line.length === round.length)!
  round.forEach((mm, at) => expect(Math.abs((at % 2 === 1 ? -met[at]! : met[at]!) - mm)).toBeLessThan(0.05))
})

/** The points of a line, as they lie from somewhere. */
const pairsOf = (line: ArrayLike<number>, fromX: number, fromY: number): [number, number][] =>
  Array.from({ length: line.length / 2 }, (_, at) => [line[2 * at]! - fromX, line[2 * at + 1]! - fromY])

describe('templates of borders and envelopes', () => {
  const wave = Array.from({ length: 301 }, (_, at) => [at / 2, 5 - 2 * Math.cos((Math.PI * at) / 10)]).flat()
  const { cuts } = planBorder({
    dieLengthMm: 150,
    pitchMm: 10,
    stripLengthMm: 640,
    marginStartMm: 0,
    marginEndMm: 0,
    stretch: 0.004,
    feed: 'joined-end',
  })
  const marks = borderMarks(
    { lengthMm: 640, widthMm: 30, wantedEndMm: 640 },
    { cuts, lines: [wave], isTurned: false },
    'start',
  )
  const envelope = envelopeTemplate(envelopeFor(215.9, 127, 'in'))

  it.each([
    ['the marks of a border', marks],
    ['an envelope', envelope],
  ])('%s read back from SVG and DXF as they were, to a twentieth of a millimetre', (_, lines) => {
    const card = boxAround([lines[0]!.line])!
    const svg = readSvg(writeTemplateSvg(lines, words))
    const dxf = readDxf(writeTemplateDxf(lines))
    if (!svg.ok || !dxf.ok) throw new Error('not read back')
    const upwards = dxf.value.lines.map((line) => Array.from(line, (mm, at) => (at % 2 === 1 ? -mm : mm)))
    for (const read of [svg.value.lines, upwards]) {
      // Where the card's own corner came to lie.
      const at = read
        .flatMap((line) => boxAround([line]) ?? [])
        .find(
          (box) =>
            Math.abs(box.toX - box.fromX - (card.toX - card.fromX)) < 0.05 &&
            Math.abs(box.toY - box.fromY - (card.toY - card.fromY)) < 0.05,
        )!
      const points = read.flatMap((line) => pairsOf(line, at.fromX - card.fromX, at.fromY - card.fromY))
      for (const [x, y] of lines.flatMap(({ line }) => pairsOf(line, 0, 0)))
        expect(points.some(([px, py]) => Math.abs(px - x) < 0.05 && Math.abs(py - y) < 0.05)).toBe(true)
    }
  })

  it('are cut up into pages where they are longer than the paper, each mark where it was on one of them', () => {
    const pages = piecesOf(writeTemplatePdf(marks, words, 'a4'), 210)
    expect(pages.length).toBeGreaterThan(1)
    const upright = pages.map((page) =>
      page.filter((line) => line.length === 4 && Math.abs(line[0]! - line[2]!) < 0.01),
    )
    // The marks stand 120 mm apart wherever two of them are on one page.
    const [one] = upright.map((page) => page.map((line) => line[0]!))
    const apart = one!.flatMap((x) => one!.map((y) => Math.abs(x - y)))
    expect(apart.some((mm) => Math.abs(mm - 120) < 0.05)).toBe(true)
  })
})
