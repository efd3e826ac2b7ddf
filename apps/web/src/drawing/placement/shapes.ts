import { type Box, boxAround, type Die, linesOnCard, type PlacedRun, type Polyline } from '@bold-heron/core'

/** A shape about its own middle, ready to be moved and turned: its path, and the size of its box, mm. */
export interface Shape {
  readonly d: string
  readonly widthMm: number
  readonly heightMm: number
}

/** Micrometres are enough for a drawing. */
const number = (mm: number): string => mm.toFixed(3)

export const pathOf = (line: Polyline): string => {
  let d = ''
  for (let at = 0; at + 1 < line.length; at += 2)
    d += `${at === 0 ? 'M' : 'L'}${number(line[at] as number)} ${number(line[at + 1] as number)}`
  return d
}

const shapes = new WeakMap<Die, Map<PlacedRun['face'], Shape>>()

/** A die's lines about their middle, as they cut into a face of the card; worked out once for each. */
export const shapeOfDie = (die: Die, face: PlacedRun['face']): Shape => {
  const known = shapes.get(die) ?? new Map<PlacedRun['face'], Shape>()
  shapes.set(die, known)
  const found = known.get(face)
  if (found) return found
  const lines = linesOnCard(die, { xMm: 0, yMm: 0, rotationDeg: 0 }, face)
  const box = boxAround(lines)
  const made: Shape = {
    d: lines.map(pathOf).join(''),
    widthMm: box ? box.toX - box.fromX : 0,
    heightMm: box ? box.toY - box.fromY : 0,
  }
  known.set(face, made)
  return made
}

/** The upright box of a turned rectangle about its middle, mm. */
export const turnedBox = (
  { xMm, yMm, rotationDeg }: { readonly xMm: number; readonly yMm: number; readonly rotationDeg: number },
  widthMm: number,
  heightMm: number,
): Box => {
  const angle = (rotationDeg * Math.PI) / 180
  const [cos, sin] = [Math.abs(Math.cos(angle)), Math.abs(Math.sin(angle))]
  const [w, h] = [widthMm * cos + heightMm * sin, widthMm * sin + heightMm * cos]
  return { fromX: xMm - w / 2, fromY: yMm - h / 2, toX: xMm + w / 2, toY: yMm + h / 2 }
}
