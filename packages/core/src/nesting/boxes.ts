import { boxAround, heightOfBox, sizeOf, widthOf } from '../geometry/box.js'
import { contains } from '../geometry/nesting-depth.js'
import type { Polyline } from '../geometry/polyline.js'
import type { PieceForm } from './form.js'
import type { PlacedPiece } from './placed-piece.js'

/** Whether a segment has a point inside a rectangle (open: touching its side does not count). Source: Liang and Barsky's clipping. */
const entersBox = (
  ax: number,
  ay: number,
  bx: number,
  by: number,
  [fromX, fromY, toX, toY]: readonly [number, number, number, number],
): boolean => {
  let from = 0
  let to = 1
  for (const [start, delta, low, high] of [
    [ax, bx - ax, fromX, toX],
    [ay, by - ay, fromY, toY],
  ] as const) {
    if (delta === 0) {
      if (start <= low || start >= high) return false
      continue
    }
    const [one, other] = [(low - start) / delta, (high - start) / delta]
    from = Math.max(from, Math.min(one, other))
    to = Math.min(to, Math.max(one, other))
  }
  return to - from > 1e-12
}

/** Whether a rectangle lies on a sheet, clear of its outline and holes. */
export const onSheet = (loops: readonly Polyline[], box: readonly [number, number, number, number]): boolean => {
  const [x, y] = [(box[0] + box[2]) / 2, (box[1] + box[3]) / 2]
  if (loops.filter((loop) => contains(loop, x, y)).length % 2 === 0) return false
  return loops.every((loop) => {
    for (let at = 2; at + 1 < loop.length; at += 2)
      if (entersBox(loop[at - 2] as number, loop[at - 1] as number, loop[at] as number, loop[at + 1] as number, box))
        return false
    return true
  })
}

/** mm. The finest steps in which a row and a box in it look for room, and how many edges may be looked at altogether. */
const FINEST_STEP_MM = 0.5
const MOST_EDGES = 2e7
/** A hair, mm, that a box may lie over what it touches. */
const HAIR_MM = 1e-6

/** Rows of boxes over the sheet, each box as far left as it goes in its row; for one piece in one upright turn. */
const rowsOf = (
  loops: readonly Polyline[],
  [wide, high]: readonly [number, number],
  startMm: number,
  gapMm: number,
  edgeMm: number,
  most: number,
): [number, number][] => {
  const sheet = boxAround(loops)
  if (!sheet) return []
  const edges = loops.reduce((sum, loop) => sum + loop.length / 2, 0)
  const stepMm = Math.max(FINEST_STEP_MM, Math.sqrt((widthOf(sheet) * heightOfBox(sheet) * edges) / MOST_EDGES))
  const middles: [number, number][] = []
  let y = sheet.fromY + edgeMm + startMm
  while (y + high <= sheet.toY - edgeMm + HAIR_MM && middles.length < most) {
    let any = false
    let x = sheet.fromX + edgeMm
    while (x + wide <= sheet.toX - edgeMm + HAIR_MM && middles.length < most) {
      const inset = edgeMm - HAIR_MM
      if (onSheet(loops, [x - inset, y - inset, x + wide + inset, y + high + inset])) {
        middles.push([x + wide / 2, y + high / 2])
        any = true
        x += wide + gapMm
      } else x += stepMm
    }
    y += any ? high + gapMm : stepMm
  }
  return middles
}

/**
 * Pieces in rows by their boxes, as exact as the sheet itself: what a rectangle on a rectangular sheet wants, and never better than a rule of
 * thumb elsewhere. Of each piece alone; the best of what is tried. `startMm` is where the first row starts.
 */
export const inRows = (
  loops: readonly Polyline[],
  forms: readonly PieceForm[],
  pieces: readonly { readonly count: number; readonly turns: 'any' | 'half' | 'none' }[],
  { gapMm, edgeMm, startMm }: { readonly gapMm: number; readonly edgeMm: number; readonly startMm: number },
): PlacedPiece[] => {
  let best: PlacedPiece[] = []
  let bestArea = 0
  forms.forEach((form, piece) => {
    const [wide, high] = sizeOf(form.outline)
    const { count, turns } = pieces[piece] as (typeof pieces)[number]
    for (const rotationDeg of turns === 'any' ? [0, 90] : [0]) {
      const size = rotationDeg === 0 ? ([wide, high] as const) : ([high, wide] as const)
      const middles = rowsOf(loops, size, startMm, gapMm, edgeMm, count)
      if (middles.length * form.areaMm2 <= bestArea) continue
      bestArea = middles.length * form.areaMm2
      best = middles.map(([xMm, yMm]) => ({ piece, xMm, yMm, rotationDeg }))
    }
  })
  return best
}
