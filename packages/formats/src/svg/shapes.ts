import { Refusal } from '../fault.js'
import { readNumber } from './length.js'

export type Attributes = Readonly<Record<string, string>>

const points = (text: string, closed: boolean, path: string): string => {
  const numbers = text.trim() === '' ? [] : text.trim().split(/[\s,]+/)
  for (const number of numbers)
    if (!Number.isFinite(Number(number))) throw new Refusal('number-broken', path, number.slice(0, 40))
  if (numbers.length < 4) return ''
  return `M${numbers.join(' ')}${closed ? 'Z' : ''}`
}

const ellipse = (cx: number, cy: number, rx: number, ry: number): string =>
  rx > 0 && ry > 0 ? `M${cx - rx} ${cy}A${rx} ${ry} 0 1 1 ${cx + rx} ${cy}A${rx} ${ry} 0 1 1 ${cx - rx} ${cy}Z` : ''

const rectangle = (x: number, y: number, w: number, h: number, rx: number, ry: number): string => {
  if (!(w > 0 && h > 0)) return ''
  if (rx <= 0 || ry <= 0) return `M${x} ${y}h${w}v${h}h${-w}Z`
  const arc = `a${rx} ${ry} 0 0 1`
  return (
    `M${x + rx} ${y}h${w - 2 * rx}${arc} ${rx} ${ry}v${h - 2 * ry}${arc} ${-rx} ${ry}` +
    `h${2 * rx - w}${arc} ${-rx} ${-ry}v${2 * ry - h}${arc} ${rx} ${-ry}Z`
  )
}

/** A shape element as path data; empty where it has no extent, undefined where the element is no shape. */
export const shapeAsPath = (name: string, attributes: Attributes, path: string): string | undefined => {
  const number = (key: string, otherwise = 0) => readNumber(attributes[key], otherwise, `${path} ${key}`)
  switch (name) {
    case 'path':
      return attributes['d'] ?? ''
    case 'rect': {
      const [w, h] = [number('width'), number('height')]
      // One radius given counts for both; none is larger than half the side.
      const rx = Math.min(number('rx', number('ry')), w / 2)
      const ry = Math.min(number('ry', number('rx')), h / 2)
      return rectangle(number('x'), number('y'), w, h, rx, ry)
    }
    case 'circle':
      return ellipse(number('cx'), number('cy'), number('r'), number('r'))
    case 'ellipse':
      return ellipse(number('cx'), number('cy'), number('rx'), number('ry'))
    case 'line':
      return `M${number('x1')} ${number('y1')}L${number('x2')} ${number('y2')}`
    case 'polyline':
      return points(attributes['points'] ?? '', false, path)
    case 'polygon':
      return points(attributes['points'] ?? '', true, path)
    default:
      return undefined
  }
}
