import { type Box, boxAround, middleOf } from '../geometry/box.js'
import { isClosed, type Polyline } from '../geometry/polyline.js'
import type { Die } from '../dies/die.js'
import type { DiePose } from './place-die.js'
import { linesOnCard, type PlacedRun } from './placed-run.js'
import { EQUAL_WITHIN_MM } from './constants.js'

/** What is left of the card round a piece that is framed, mm on each side. */
export interface FrameMargins {
  readonly leftMm: number
  readonly rightMm: number
  readonly topMm: number
  readonly bottomMm: number
}

const holds = (outer: Box, inner: Box): boolean =>
  outer.fromX <= inner.fromX && outer.fromY <= inner.fromY && outer.toX >= inner.toX && outer.toY >= inner.toY

const areaOfBox = ({ fromX, fromY, toX, toY }: Box): number => (toX - fromX) * (toY - fromY)

/** The frame's innermost closed line that goes all round a piece, by their boxes; undefined where the piece lies in none. */
const lineRound = (frame: readonly Polyline[], piece: Box): Box | undefined =>
  frame
    .filter(isClosed)
    .flatMap((line) => boxAround([line]) ?? [])
    .filter((box) => holds(box, piece))
    .sort((one, other) => areaOfBox(one) - areaOfBox(other))[0]

/** The margins between a piece and the frame that is cut round it, both where they lie; undefined where the frame does not go round it. */
export const marginsRound = (piece: readonly Polyline[], frame: readonly Polyline[]): FrameMargins | undefined => {
  const inner = boxAround(piece)
  const outer = inner && lineRound(frame, inner)
  if (!inner || !outer) return undefined
  return {
    leftMm: inner.fromX - outer.fromX,
    rightMm: outer.toX - inner.toX,
    topMm: inner.fromY - outer.fromY,
    bottomMm: outer.toY - inner.toY,
  }
}

/** A run whose one die goes round a piece that an earlier run has cut: that piece, its run's place and the margins; undefined for any other. */
export const framedBy = (
  runs: readonly PlacedRun[],
  at: number,
  dieOf: (id: string) => Die | undefined,
): { readonly die: Die; readonly piece: readonly Polyline[]; readonly margins: FrameMargins } | undefined => {
  const run = runs[at]
  const [laid, ...others] = run?.dies ?? []
  const frame = laid && dieOf(laid.dieId)
  if (!run || !laid || !frame || others.length > 0 || run.region !== 'all') return undefined
  const round = linesOnCard(frame, laid, run.face)
  return runs.slice(0, at).flatMap(({ dies, face }) =>
    dies.flatMap((inner) => {
      const die = dieOf(inner.dieId)
      const piece = die && linesOnCard(die, inner, face)
      const margins = piece && marginsRound(piece, round)
      return die && piece && margins ? [{ die, piece, margins }] : []
    }),
  )[0]
}
/** Whether margins are equal to the eye, left to right and top to bottom. */
export const areEqual = ({ leftMm, rightMm, topMm, bottomMm }: FrameMargins): boolean =>
  Math.abs(leftMm - rightMm) < EQUAL_WITHIN_MM && Math.abs(topMm - bottomMm) < EQUAL_WITHIN_MM

/**
 * Where a frame die lies so that its margins round a piece that is already cut are equal, left to right and top to bottom: the middle of the
 * frame's line over the middle of the piece. `piece` where it lies; `frame` as the die is drawn, unturned. Undefined where the piece is too
 * large for it.
 */
export const frameRound = (piece: readonly Polyline[], frame: readonly Polyline[]): DiePose | undefined => {
  const inner = boxAround(piece)
  const whole = boxAround(frame)
  if (!inner || !whole) return undefined
  const [px, py] = middleOf(inner)
  const [wx, wy] = middleOf(whole)
  const half = { x: (inner.toX - inner.fromX) / 2, y: (inner.toY - inner.fromY) / 2 }
  const fits = frame
    .filter(isClosed)
    .flatMap((line) => boxAround([line]) ?? [])
    .filter((box) => box.toX - box.fromX >= 2 * half.x && box.toY - box.fromY >= 2 * half.y)
    .sort((one, other) => areaOfBox(one) - areaOfBox(other))[0]
  if (!fits) return undefined
  const [fx, fy] = middleOf(fits)
  return { xMm: px + wx - fx, yMm: py + wy - fy, rotationDeg: 0 }
}
