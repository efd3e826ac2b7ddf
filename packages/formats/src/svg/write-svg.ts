import { boxAround, isClosed, type Polyline } from '@bold-heron/core'

/** mm. Finer than any die is made. */
const DECIMALS = 3

const number = (value: number): string => String(Number(value.toFixed(DECIMALS)))

const pathOf = (line: Polyline): string => {
  const closed = isClosed(line)
  const last = closed ? line.length - 2 : line.length
  let data = ''
  for (let at = 0; at < last; at += 2)
    data += `${at === 0 ? 'M' : 'L'}${number(line[at] as number)} ${number(line[at + 1] as number)}`
  return closed ? `${data}Z` : data
}

/** Writes lines (mm) as an SVG drawing of true size, a millimetre of margin around them. */
export const writeSvg = (lines: readonly Polyline[], title: string): string => {
  const box = boxAround(lines) ?? { fromX: 0, fromY: 0, toX: 0, toY: 0 }
  const [x, y] = [box.fromX - 1, box.fromY - 1]
  const [w, h] = [box.toX - box.fromX + 2, box.toY - box.fromY + 2]
  const safe = title.replace(/[<>&"]/g, ' ')
  return [
    '<?xml version="1.0" encoding="UTF-8"?>',
    `<svg xmlns="http://www.w3.org/2000/svg" width="${number(w)}mm" height="${number(h)}mm" viewBox="${[x, y, w, h].map(number).join(' ')}">`,
    `<title>${safe}</title>`,
    '<g fill="none" stroke="#000" stroke-width="0.2">',
    ...lines.map((line) => `<path d="${pathOf(line)}"/>`),
    '</g>',
    '</svg>',
    '',
  ].join('\n')
}
