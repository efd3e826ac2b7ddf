import { type Box, boxAround, type Die, type EdgeLine, linesOnCard, type PlacedRun } from '@bold-heron/core'
import { pathOfAll } from '../../paths/line-path.js'

/** A shape about its own middle, ready to be moved and turned: its path, and the size of its box, mm. */
export interface Shape {
  readonly d: string
  readonly widthMm: number
  readonly heightMm: number
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
    d: pathOfAll(lines),
    widthMm: box ? box.toX - box.fromX : 0,
    heightMm: box ? box.toY - box.fromY : 0,
  }
  known.set(face, made)
  return made
}

/** mm. Half the length that a pencil line is drawn to; farther than any card. */
const PENCIL_MM = 600

/** A pencil line as path data, from far on one side of the card to far on the other. */
export const pencilPath = ({ xMm, yMm, angleDeg }: EdgeLine): string => {
  const angle = (angleDeg * Math.PI) / 180
  const [dx, dy] = [PENCIL_MM * Math.cos(angle), PENCIL_MM * Math.sin(angle)]
  return `M${xMm - dx} ${yMm - dy}L${xMm + dx} ${yMm + dy}`
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
