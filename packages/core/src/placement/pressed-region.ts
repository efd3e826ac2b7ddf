import { transformed } from '../geometry/affine.js'
import { boxAround } from '../geometry/box.js'
import { rectangle } from '../geometry/rectangle.js'
import type { Polyline } from '../geometry/polyline.js'
import type { Region } from '../geometry/region.js'
import { cosine, sine } from '../numerics/sine.js'
import type { Card } from './card.js'
import { placeLines } from '../geometry/place-lines.js'
import type { EdgeLine, LaidBlock, PlacedRun } from './placed-run.js'

/** mm. Farther out than any card reaches. */
const FAR_MM = 2000

/** A direction's component below this is none. */
const LEVEL = 1e-9
/** mm. What is off the card by less lies on its edge. */
const ON_EDGE_MM = 1e-9

/** Cosine of the angle within which two lines are parallel. */
export const PARALLEL = 0.9998

/** Unit vectors along a line and towards the side that is pressed. */
export const directionsOf = ({ angleDeg, presses }: EdgeLine) => {
  const angle = (angleDeg * Math.PI) / 180
  const [cos, sin] = [cosine(angle), sine(angle)]
  const side = presses === 'above' ? 1 : -1
  return { along: [cos, sin] as const, towards: [side * sin, -side * cos] as const }
}

/** Signed distance of a point from a line, mm: positive where it is pressed. */
export const beyondLine = (line: EdgeLine, x: number, y: number): number => {
  const { towards } = directionsOf(line)
  return (x - line.xMm) * towards[0] + (y - line.yMm) * towards[1]
}

/** How far lines reach over another to the side that is not pressed, mm; below 0 where they end short of it. */
export const reachOverLine = (line: EdgeLine, lines: readonly Polyline[]): number => {
  let overMm = -Infinity
  for (const each of lines)
    for (let at = 0; at + 1 < each.length; at += 2)
      overMm = Math.max(overMm, -beyondLine(line, each[at] as number, each[at + 1] as number))
  return overMm
}

/** The part of a line that lies on the card, from edge to edge in its direction; undefined where it misses the card. */
export const lineOnCard = (line: EdgeLine, { widthMm, heightMm }: Card): number[] | undefined => {
  const [ux, uy] = directionsOf(line).along
  let [from, to] = [-Infinity, Infinity]
  const limit = (start: number, step: number, high: number): void => {
    if (Math.abs(step) < LEVEL) {
      if (start < -ON_EDGE_MM || start > high + ON_EDGE_MM) to = -Infinity
      return
    }
    const [one, other] = [-start / step, (high - start) / step]
    from = Math.max(from, Math.min(one, other))
    to = Math.min(to, Math.max(one, other))
  }
  limit(line.xMm, ux, widthMm)
  limit(line.yMm, uy, heightMm)
  if (!(to > from)) return undefined
  return [line.xMm + from * ux, line.yMm + from * uy, line.xMm + to * ux, line.yMm + to * uy]
}

/** Everything on the pressed side of a line, as far as anything reaches. */
const halfPlane = (line: EdgeLine): number[] => {
  const { along, towards } = directionsOf(line)
  const corner = (a: number, b: number): number[] => [
    line.xMm + a * along[0] + b * towards[0],
    line.yMm + a * along[1] + b * towards[1],
  ]
  return [
    ...corner(-FAR_MM, 0),
    ...corner(FAR_MM, 0),
    ...corner(FAR_MM, 2 * FAR_MM),
    ...corner(-FAR_MM, 2 * FAR_MM),
    ...corner(-FAR_MM, 0),
  ]
}

/** A block's outline where it lies on the card. */
export const outlineOfBlock = (block: LaidBlock): number[][] => {
  const own: readonly Polyline[] = block.outline ?? [
    rectangle({ fromX: 0, fromY: 0, toX: block.widthMm, toY: block.heightMm }),
  ]
  return placeLines(own, block)
}

/** Where a run presses, seen on the card's front; undefined where it presses everywhere. */
export const pressedRegion = (run: PlacedRun): Region | undefined => {
  if (run.region === 'to-line' && run.line) return [halfPlane(run.line)]
  if (run.region === 'under-block') return run.blocks.flatMap(outlineOfBlock)
  return undefined
}

/** A pad where its full-thickness edge lies on a line. Lengths in mm. */
export interface PadOnLine {
  /** Its outline on the card, bevel included. */
  readonly outline: readonly number[]
  /** Width of the bevel that sticks out over the line. */
  readonly bevelMm: number
  /** How much longer the pad is, along the line and away from it, than what it has to cover; negative where it is too small. */
  readonly sparesAlongMm: number
  readonly sparesAcrossMm: number
}

/**
 * Lays a pad with its long edge on a line, centred on what is to be pressed. A pad's bevel runs along its long edges:
 * (its width − its full-thickness width) / 2.
 */
export const padOnLine = (
  pad: { readonly lengthMm: number; readonly widthMm: number; readonly fullThicknessWidthMm: number },
  line: EdgeLine,
  pressed: readonly Polyline[],
): PadOnLine => {
  const { along, towards } = directionsOf(line)
  // Coordinates along the line and away from it.
  const turned = pressed.map((each) =>
    transformed(each, [
      along[0],
      towards[0],
      along[1],
      towards[1],
      -(line.xMm * along[0] + line.yMm * along[1]),
      -(line.xMm * towards[0] + line.yMm * towards[1]),
    ]),
  )
  const box = boxAround(turned) ?? { fromX: 0, toX: 0, fromY: 0, toY: 0 }
  const bevelMm = (pad.widthMm - pad.fullThicknessWidthMm) / 2
  const middle = (box.fromX + box.toX) / 2
  const corner = (a: number, b: number): number[] => [
    line.xMm + a * along[0] + b * towards[0],
    line.yMm + a * along[1] + b * towards[1],
  ]
  const [from, to] = [middle - pad.lengthMm / 2, middle + pad.lengthMm / 2]
  return {
    outline: [
      ...corner(from, -bevelMm),
      ...corner(to, -bevelMm),
      ...corner(to, pad.widthMm - bevelMm),
      ...corner(from, pad.widthMm - bevelMm),
      ...corner(from, -bevelMm),
    ],
    bevelMm,
    sparesAlongMm: pad.lengthMm - (box.toX - box.fromX),
    sparesAcrossMm: pad.fullThicknessWidthMm - Math.max(0, box.toY),
  }
}
