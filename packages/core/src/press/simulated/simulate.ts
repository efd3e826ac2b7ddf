import { boxAround } from '../../geometry/box.js'
import type { Polyline } from '../../geometry/polyline.js'
import { placeLines } from '../../geometry/place-lines.js'
import { rectangle } from '../nip/area-cells.js'
import { type CreasePassTold, type CreasePressing, simulateCrease } from './crease.js'
import { type CutPassTold, type CutPressing, simulateCut } from './cut.js'
import { type FolderPassTold, type FolderPressing, simulateFolder } from './folder.js'
import type { Pressed } from './press-through.js'
import { type RaisePassTold, type RaisePressing, simulateRaise } from './raise.js'

/** Everything a simulated pressing needs, free of shelves and jobs. */
export type SimulatedPressing = CutPressing | CreasePressing | RaisePressing | FolderPressing
/** A pass of any of them, by the name that declarations elsewhere call it. @public */
export type PressingPass = CutPassTold | CreasePassTold | RaisePassTold | FolderPassTold
export type PressingResult = Pressed<PressingPass>

/** Presses a pressing pass by pass. */
export const simulatePressing = (pressing: SimulatedPressing): PressingResult => {
  switch (pressing.technique) {
    case 'cut':
      return simulateCut(pressing)
    case 'crease':
      return simulateCrease(pressing)
    case 'raise':
      return simulateRaise(pressing)
    case 'folder':
      return simulateFolder(pressing)
  }
}

/** mm. What reaches out of the throat by less than this does so by rounding. */
const ROUNDING_MM = 1e-6

/** The things of a pressing that are to lie in the throat, each by the field that says where it lies. */
const thingsOf = (pressing: SimulatedPressing): { readonly path: string; readonly lines: readonly Polyline[] }[] => {
  switch (pressing.technique) {
    case 'raise':
      return [{ path: 'shape.yMm', lines: placeLines(pressing.shape.lines, pressing.shape) }]
    case 'folder': {
      const { xMm, yMm, lengthMm, widthMm } = pressing.folder
      return [{ path: 'folder.yMm', lines: [rectangle(xMm, yMm, lengthMm, widthMm)] }]
    }
    default:
      return pressing.dies.map((die, at) => ({ path: `dies.${at}.yMm`, lines: placeLines(die.lines, die) }))
  }
}

/** What reaches out of the throat, and so would be pressed in part without anyone having asked for it: from and to, mm across. */
export const outOfThroat = (
  pressing: SimulatedPressing,
): { readonly path: string; readonly fromMm: number; readonly toMm: number }[] =>
  thingsOf(pressing).flatMap(({ path, lines }) => {
    const box = boxAround(lines)
    return box && (box.fromY < -ROUNDING_MM || box.toY > pressing.press.throatMm + ROUNDING_MM)
      ? [{ path, fromMm: box.fromY, toMm: box.toY }]
      : []
  })
