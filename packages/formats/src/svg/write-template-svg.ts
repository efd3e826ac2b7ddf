import { boxAround, type TemplateLine, type TemplatePart } from '@bold-heron/core'
import { pathData, plainXml, shortNumber } from './path-data.js'
import { partsIn, strokes, type TemplateWords } from '../template/strokes.js'

const MARGIN_MM = 6
const LEGEND_LINE_MM = 6

const styleOf = (part: TemplatePart): string => {
  const { widthMm, dashes } = strokes[part]
  return `fill="none" stroke="#000" stroke-width="${widthMm}"${dashes.length > 0 ? ` stroke-dasharray="${dashes.join(' ')}"` : ''}`
}

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
    return `<path ${styleOf(part)} d="M${shortNumber(box.fromX)} ${shortNumber(atY)}h20"/><text x="${shortNumber(box.fromX + 23)}" y="${shortNumber(atY + 1.2)}">${plainXml(words.parts[part])}</text>`
  })
  const barY = legendY + (parts.length + 1) * LEGEND_LINE_MM
  return [
    '<?xml version="1.0" encoding="UTF-8"?>',
    `<svg xmlns="http://www.w3.org/2000/svg" width="${shortNumber(w)}mm" height="${shortNumber(h)}mm" viewBox="${[x, y, w, h].map(shortNumber).join(' ')}">`,
    `<title>${plainXml(words.title)}</title>`,
    ...parts.map(
      (part) =>
        `<g id="${part}" ${styleOf(part)}>${lines
          .filter((each) => each.part === part)
          .map(({ line }) => `<path d="${pathData(line)}"/>`)
          .join('')}</g>`,
    ),
    `<g id="legend" font-family="sans-serif" font-size="3.5">${legend.join('')}`,
    `<path fill="none" stroke="#000" stroke-width="0.5" d="M${shortNumber(box.fromX)} ${shortNumber(barY)}h100"/><text x="${shortNumber(box.fromX)}" y="${shortNumber(barY + 5)}">100 mm · ${plainXml(words.check)} · ${plainXml(words.seen)}</text></g>`,
    '</svg>',
    '',
  ].join('\n')
}
