import type { Polyline } from '../../geometry/polyline.js'
import { placeLines } from '../../geometry/place-lines.js'
import type { DiePose } from '../../placement/place-die.js'
import type { Bed } from '../bed.js'
import { CutSimulation } from '../cut-simulation.js'
import { feelOf } from '../drive.js'
import type { BladeShape } from '../laws/blade.js'
import { type HeightMap, layOnGrid, type PlacedDie } from '../nip/contact-cells.js'
import { type PassTold, type Pressed, pressThrough, type SimulatedPress } from './press-through.js'

/** A die in a pressing; heights in mm. */
export interface PressingDie extends BladeShape, DiePose {
  readonly lines: readonly Polyline[]
  readonly heightMm: number
}

/** A cut, free of shelves and jobs. Lengths in mm. */
export interface CutPressing {
  readonly technique: 'cut'
  readonly press: SimulatedPress
  readonly dies: readonly PressingDie[]
  readonly sheet: {
    readonly caliperMm: number
    readonly count: number
    readonly shearStrengthMPa: number
    readonly wedgeRatio: number
    readonly squashModulusMPa: number
  }
  readonly bed: Bed
  /** Height of all layers but dies and sheets. */
  readonly otherLayersMm: number
  readonly passes: number
  readonly heights?: HeightMap | undefined
}

/** What one pass cuts, as the pressing's file tells it. */
export interface CutPassTold extends PassTold {
  /** Share of the line length that is clean, 0…1. */
  readonly cutFraction: number
  /** Depths as a share of the sheets: mean weighted by line length, and least. */
  readonly meanDepth: number
  readonly leastDepth: number
  readonly overcutMm: number
}

/** The height of the tallest of some dies, mm. */
const tallestOf = (dies: readonly PressingDie[]): number => Math.max(...dies.map((die) => die.heightMm))

/** Dies where they lie in the stack, each as much lower as it is than the tallest. */
export const laidDies = (dies: readonly PressingDie[]): PlacedDie[] =>
  dies.map((die) => ({
    lines: placeLines(die.lines, die),
    shape: { bladeHeightMm: die.bladeHeightMm, bodyStripMm: die.bodyStripMm },
    lowerMm: tallestOf(dies) - die.heightMm,
  }))

/** Squeeze of a pressing with dies, mm: other layers + tallest die + sheets − gap. */
export const squeezeWithDies = ({
  otherLayersMm,
  dies,
  sheet,
  press,
}: Pick<CutPressing, 'otherLayersMm' | 'dies' | 'press'> & {
  readonly sheet: { readonly caliperMm: number; readonly count: number }
}): number => otherLayersMm + tallestOf(dies) + sheet.count * sheet.caliperMm - press.gapMm

/** The press run of a cut, laid out and ready for its first pass. */
const setUpPressing = (pressing: CutPressing): CutSimulation => {
  const { press, dies, sheet, bed, heights } = pressing
  const run = new CutSimulation(press, layOnGrid(laidDies(dies), press.throatMm, heights))
  run.start({
    law: {
      sheetsMm: sheet.count * sheet.caliperMm,
      shearStrengthMPa: sheet.shearStrengthMPa,
      wedgeRatio: sheet.wedgeRatio,
      indentStiffness: bed.indentStiffness,
      squashModulusMPa: sheet.squashModulusMPa,
    },
    bedSoftness: bed.softness,
    squeezeMm: squeezeWithDies(pressing),
  })
  return run
}

/** Cuts pass by pass. */
export const simulateCut = (pressing: CutPressing): Pressed<CutPassTold> =>
  pressThrough(
    pressing.press,
    squeezeWithDies(pressing),
    pressing.passes,
    setUpPressing(pressing),
    feelOf,
    ({ cutFraction, meanDepth, leastDepth, overcutMm }) => ({ cutFraction, meanDepth, leastDepth, overcutMm }),
  )
