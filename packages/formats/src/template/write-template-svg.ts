import {
  boxAround,
  isClosed,
  type Polyline,
  type TemplateLine,
  type TemplatePart,
  templateParts,
} from '@bold-heron/core'
import { strokes, type TemplateWords } from './strokes.js'

const MARGIN_MM = 6
const LEGEND_LINE_MM = 6

const number = (value: number): string => String(Number(value.toFixed(3)))
const safe = (text: string): string => text.replace(/[<>&"]/g, ' ')

const pathOf = (line: Polyline): string => {
  const closed = isClosed(line)
  const last = closed ? line.length - 2 : line.length
  let data = ''
  for (let at = 0; at < last; at += 2)
    data += `${at === 0 ? 'M' : 'L'}${number(line[at] as number)} ${number(line[at + 1] as number)}`
  return closed ? `${data}Z` : data
}

const styleOf = (part: TemplatePart): string => {
  const { widthMm, dashes } = strokes[part]
  return `fill="none" stroke="#000" stroke-width="${widthMm}"${dashes.length > 0 ? ` stroke-dasharray="${dashes.join(' ')}"` : ''}`
}

/** The parts that a template has lines of, in their order. */
export const partsIn = (lines: readonly TemplateLine[]): TemplatePart[] =>
  templateParts.filter((part) => lines.some((each) => each.part === part))

/** Writes a template as an SVG drawing of true size, a group a part, with a legend in words and a bar of 100 mm. */
export const writeTemplateSvg = (lines: readonly TemplateLine[], words: TemplateWords): string => {
  const box = boxAround(lines.map(({ line }) => line)) ?? { fromX: 0, fromY: 0, toX: 0, toY: 0 }
  const parts = partsIn(lines)
  const [x, y] = [box.fromX - MARGIN_MM, box.fromY - MARGIN_MM]
  const legendY = box.toY + MARGIN_MM
  const w = Math.max(box.toX - box.fromX, 104) + 2 * MARGIN_MM
  const h = legendY - y + (parts.length + 3) * LEGEND_LINE_MM
  const legend = parts.map((part, at) => {
    const atY = legendY + (at + 0.5) * LEGEND_LINE_MM
    return `<path ${styleOf(part)} d="M${number(box.fromX)} ${number(atY)}h20"/><text x="${number(box.fromX + 23)}" y="${number(atY + 1.2)}">${safe(words.parts[part])}</text>`
  })
  const barY = legendY + (parts.length + 1) * LEGEND_LINE_MM
  return [
    '<?xml version="1.0" encoding="UTF-8"?>',
    `<svg xmlns="http://www.w3.org/2000/svg" width="${number(w)}mm" height="${number(h)}mm" viewBox="${[x, y, w, h].map(number).join(' ')}">`,
    `<title>${safe(words.title)}</title>`,
    ...parts.map(
      (part) =>
        `<g id="${part}" ${styleOf(part)}>${lines
          .filter((each) => each.part === part)
          .map(({ line }) => `<path d="${pathOf(line)}"/>`)
          .join('')}</g>`,
    ),
    `<g id="legend" font-family="sans-serif" font-size="3.5">${legend.join('')}`,
    `<path fill="none" stroke="#000" stroke-width="0.5" d="M${number(box.fromX)} ${number(barY)}h100"/><text x="${number(box.fromX)}" y="${number(barY + 5)}">100 mm · ${safe(words.check)} · ${safe(words.seen)}</text></g>`,
    '</svg>',
    '',
  ].join('\n')
}
