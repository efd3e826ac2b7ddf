import type { Polyline } from '../../geometry/polyline.js'
import { placeLines } from '../../geometry/place-lines.js'
import { feelOf } from '../drive.js'
import type { MatLaw } from '../laws/mat.js'
import { FolderSimulation } from '../mats/folder-simulation.js'
import type { LaidMat } from '../mats/relief-simulation.js'
import { type PassTold, type Pressed, pressThrough, type SimulatedPress } from './press-through.js'

/** A folder pressed, free of shelves and jobs. Lengths in mm; its thickness has the sheet in it. */
export interface FolderPressing {
  readonly technique: 'folder'
  readonly press: SimulatedPress
  readonly folder: MatLaw & LaidMat & { readonly lines: readonly Polyline[] }
  readonly sheet: {
    readonly caliperMm: number
    readonly count: number
    readonly shearStrengthMPa: number
    readonly wedgeRatio: number
  }
  /** Height of all layers but the folder. */
  readonly otherLayersMm: number
  readonly passes: number
}

/** What one pass forms: share of the pattern (mean by area, and least), greatest pressure in MPa, share of its line cut. */
export interface FolderPassTold extends PassTold {
  readonly formedShare: number
  readonly leastFormedShare: number
  readonly peakPressureMPa: number
  /** Absent where it has no cutting lines. */
  readonly cutFraction?: number
}

/** Presses a folder pass by pass. */
export const simulateFolder = ({
  press,
  folder,
  sheet,
  otherLayersMm,
  passes,
}: FolderPressing): Pressed<FolderPassTold> => {
  const squeezeMm = otherLayersMm + folder.thicknessMm - press.gapMm
  const lines = placeLines(folder.lines, { xMm: folder.xMm, yMm: folder.yMm, rotationDeg: 0 })
  const run = new FolderSimulation(press, folder, lines)
  const { caliperMm, count, shearStrengthMPa, wedgeRatio } = sheet
  run.start({ folder, squeezeMm, sheet: { thicknessMm: caliperMm * count, shearStrengthMPa, wedgeRatio } })
  return pressThrough(
    press,
    squeezeMm,
    passes,
    run,
    feelOf,
    ({ formedShare, leastFormedShare, peakPressureMPa, cutFraction }) => ({
      formedShare,
      leastFormedShare,
      peakPressureMPa,
      ...(cutFraction === undefined ? {} : { cutFraction }),
    }),
  )
}
