import { boxAround } from '../geometry/box.js'
import type { Polyline } from '../geometry/polyline.js'
import type { Bed } from './bed.js'
import type { BladeShape } from './laws/blade.js'
import { type Drive, effortOf, feelOf, handleForceN, type PredictedFeel } from './drive.js'
import type { RollerFrame } from './mechanics.js'
import { type HeightMap, layOnGrid } from './nip/contact-cells.js'
import { type DiePose, placeLines } from '../placement/place-die.js'
import { CutSimulation } from './cut-simulation.js'

/** A die in a pressing; heights in mm. */
export interface PressingDie extends BladeShape, DiePose {
  readonly lines: readonly Polyline[]
  readonly heightMm: number
}

/** Everything a simulated pressing needs, free of shelves and jobs. Lengths in mm. */
export interface SimulatedPressing {
  readonly press: RollerFrame & { readonly gapMm: number; readonly drive: Drive }
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

/** What one pass does, as the pressing's file tells it. */
export interface PressingPass {
  readonly peakForceN: number
  readonly meanForceN: number
  /** Share of the line length that is clean, 0…1. */
  readonly cutFraction: number
  /** Depths as a share of the sheets: mean weighted by line length, and least. */
  readonly meanDepth: number
  readonly leastDepth: number
  readonly overcutMm: number
  /** At the crank's end; null for a motor. */
  readonly handleForceN: number | null
  readonly feel: PredictedFeel
}

export type PressingResult =
  | { readonly status: 'solved'; readonly squeezeMm: number; readonly passes: readonly PressingPass[] }
  /** A station did not converge; there is no number to trust. */
  | { readonly status: 'stalled'; readonly squeezeMm: number; readonly pass: number }

/** Squeeze of a pressing, mm: other layers + tallest die + sheets − gap. */
export const squeezeOfPressing = ({ otherLayersMm, dies, sheet, press }: SimulatedPressing): number =>
  otherLayersMm + Math.max(...dies.map((die) => die.heightMm)) + sheet.count * sheet.caliperMm - press.gapMm

/** The press run of a pressing, laid out and ready for its first pass. */
export const setUpPressing = (pressing: SimulatedPressing): CutSimulation => {
  const { press, dies, sheet, bed, heights } = pressing
  const tallestMm = Math.max(...dies.map((die) => die.heightMm))
  const placed = dies.map((die) => ({
    lines: placeLines(die.lines, die),
    shape: { bladeHeightMm: die.bladeHeightMm, bodyStripMm: die.bodyStripMm },
    lowerMm: tallestMm - die.heightMm,
  }))
  const run = new CutSimulation(press, layOnGrid(placed, press.throatMm, heights))
  run.start({
    law: {
      sheetsMm: sheet.count * sheet.caliperMm,
      shearStrengthMPa: sheet.shearStrengthMPa,
      wedgeRatio: sheet.wedgeRatio,
      indentStiffness: bed.indentStiffness,
      squashModulusMPa: sheet.squashModulusMPa,
    },
    bedSoftness: bed.softness,
    squeezeMm: squeezeOfPressing(pressing),
  })
  return run
}

/** Presses a pressing pass by pass. */
export const simulatePressing = (pressing: SimulatedPressing): PressingResult => {
  const run = setUpPressing(pressing)
  const squeezeMm = squeezeOfPressing(pressing)
  const { drive } = pressing.press
  const passes: PressingPass[] = []
  for (let pass = 1; pass <= pressing.passes; pass++) {
    const outcome = run.pass()
    if (outcome.status === 'stalled') return { status: 'stalled', squeezeMm, pass }
    const load = { torqueNmm: outcome.peakTorqueNmm, forceN: outcome.peakForceN }
    passes.push({
      peakForceN: outcome.peakForceN,
      meanForceN: outcome.meanForceN,
      cutFraction: outcome.cutFraction,
      meanDepth: outcome.meanDepth,
      leastDepth: outcome.leastDepth,
      overcutMm: outcome.overcutMm,
      handleForceN: handleForceN(drive, outcome.peakTorqueNmm) ?? null,
      feel: feelOf(effortOf(drive, load)),
    })
  }
  return { status: 'solved', squeezeMm, passes }
}

/** mm. A die that reaches out of the throat by less than this does so by rounding. */
const ROUNDING_MM = 1e-6

/** Dies that reach out of the throat, and so would be cut in part without anyone having asked for it: from and to, mm across. */
export const diesOutOfThroat = ({
  press,
  dies,
}: SimulatedPressing): { readonly die: number; readonly fromMm: number; readonly toMm: number }[] =>
  dies.flatMap((die, at) => {
    const box = boxAround(placeLines(die.lines, die))
    return box && (box.fromY < -ROUNDING_MM || box.toY > press.throatMm + ROUNDING_MM)
      ? [{ die: at, fromMm: box.fromY, toMm: box.toY }]
      : []
  })
