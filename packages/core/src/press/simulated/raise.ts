import { isClosed, type Polyline } from '../../geometry/polyline.js'
import { placeLines } from '../../geometry/place-lines.js'
import type { DiePose } from '../../placement/place-die.js'
import type { MatLaw } from '../laws/mat.js'
import { type LaidMat, ReliefSimulation } from '../mats/relief-simulation.js'
import type { FormedSheet } from './crease.js'
import {
  type FineFeel,
  fineFeelOf,
  type PassTold,
  type Pressed,
  pressThrough,
  type SimulatedPress,
} from './press-through.js'

/** A shape that is raised or sunk: closed outlines (even-odd), and how high it is, mm. */
interface PressingShape extends DiePose {
  readonly lines: readonly Polyline[]
  readonly heightMm: number
}

/** A raised or sunk shape, free of shelves and jobs. Lengths in mm. */
export interface RaisePressing {
  readonly technique: 'raise'
  readonly press: SimulatedPress
  readonly shape: PressingShape
  readonly sheet: FormedSheet
  readonly mat: MatLaw & LaidMat
  /** s_b, mm/MPa. */
  readonly softness: number
  /** Height of all layers but shape and sheets. */
  readonly otherLayersMm: number
  readonly passes: number
}

/** What one pass raises: relief along the outline in mm, mean by length and least. */
export interface RaisePassTold extends PassTold<FineFeel> {
  readonly keptMm: number
  readonly leastKeptMm: number
}

/** Raises pass by pass. */
export const simulateRaise = ({
  press,
  shape,
  sheet,
  mat,
  softness,
  otherLayersMm,
  passes,
}: RaisePressing): Pressed<RaisePassTold> => {
  const squeezeMm = otherLayersMm + shape.heightMm + sheet.count * sheet.caliperMm - press.gapMm
  const loops = placeLines(shape.lines.filter(isClosed), shape)
  const run = new ReliefSimulation(press, loops, shape.heightMm, mat)
  const { keptShare, setPerPass } = sheet
  run.start({ mat, keptShare, setPerPass, softness, squeezeMm })
  return pressThrough(press, squeezeMm, passes, run, fineFeelOf, ({ keptMm, leastKeptMm }) => ({ keptMm, leastKeptMm }))
}
