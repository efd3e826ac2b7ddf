import type { RidgeMat } from '../laws/ridge.js'
import { CreaseSimulation } from '../mats/crease-simulation.js'
import { laidDies, type PressingDie, squeezeWithDies } from './cut.js'
import {
  type FineFeel,
  fineFeelOf,
  type PassTold,
  type Pressed,
  pressThrough,
  type SimulatedPress,
} from './press-through.js'

/** A sheet that is pressed into a mat: as for cutting, and how much of a shape it keeps. */
export interface FormedSheet {
  readonly caliperMm: number
  /** Thicknesses that are pressed as one: a folded front is two. */
  readonly count: number
  readonly shearStrengthMPa: number
  readonly yieldShare: number
  readonly keptShare: number
  readonly setPerPass: number
}

/** A crease, free of shelves and jobs. Lengths in mm. */
export interface CreasePressing {
  readonly technique: 'crease'
  readonly press: SimulatedPress
  readonly dies: readonly PressingDie[]
  readonly sheet: FormedSheet
  readonly mat: RidgeMat
  /** s_b of what lies beyond the mat, mm/MPa. */
  readonly softness: number
  /** Height of all layers but dies and sheets. */
  readonly otherLayersMm: number
  readonly passes: number
}

/** What one pass creases: depth kept in mm (mean by line length, and least), shares of the line that were cut. */
export interface CreasePassTold extends PassTold<FineFeel> {
  readonly keptMm: number
  readonly leastKeptMm: number
  readonly cutThroughShare: number
  readonly matCutShare: number
}

/** Creases pass by pass. */
export const simulateCrease = (pressing: CreasePressing): Pressed<CreasePassTold> => {
  const { press, dies, sheet, mat, softness, passes } = pressing
  const squeezeMm = squeezeWithDies(pressing)
  const run = new CreaseSimulation(press, laidDies(dies))
  const { caliperMm, count, ...strength } = sheet
  run.start({ law: { mat, sheet: { ...strength, thicknessMm: caliperMm * count } }, softness, squeezeMm })
  return pressThrough(
    press,
    squeezeMm,
    passes,
    run,
    fineFeelOf,
    ({ keptMm, leastKeptMm, cutThroughShare, matCutShare }) => ({ keptMm, leastKeptMm, cutThroughShare, matCutShare }),
  )
}
