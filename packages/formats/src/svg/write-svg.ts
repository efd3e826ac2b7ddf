import { boxAround, type Polyline } from '@bold-heron/core'
import { pathData, plainXml, shortNumber } from './path-data.js'

/** Writes lines (mm) as an SVG drawing of true size, a millimetre of margin around them. */
export const writeSvg = (lines: readonly Polyline[], title: string): string => {
  const box = boxAround(lines) ?? { fromX: 0, fromY: 0, toX: 0, toY: 0 }
  const [x, y] = [box.fromX - 1, box.fromY - 1]
  const [w, h] = [box.toX - box.fromX + 2, box.toY - box.fromY + 2]
  return [
    '<?xml version="1.0" encoding="UTF-8"?>',
    `<svg xmlns="http://www.w3.org/2000/svg" width="${shortNumber(w)}mm" height="${shortNumber(h)}mm" viewBox="${[x, y, w, h].map(shortNumber).join(' ')}">`,
    `<title>${plainXml(title)}</title>`,
    '<g fill="none" stroke="#000" stroke-width="0.2">',
    ...lines.map((line) => `<path d="${pathData(line)}"/>`),
    '</g>',
    '</svg>',
    '',
  ].join('\n')
}
