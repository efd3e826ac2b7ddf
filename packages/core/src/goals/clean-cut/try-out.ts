import { layOutDies } from '../../placement/lay-out.js'
import { linesPosed } from '../../placement/lines-laid.js'
import type { Bed } from '../../press/bed.js'
import type { CutContext } from '../../job/cut-context.js'
import type { Laying } from '../laying.js'
import type { LineMap } from '../line-map.js'
import { cutMapOf } from './cut-map.js'
import { cellsOf, lawOf } from './cut-setup.js'
import { type CutPassFigures, figuresOf } from './figures.js'
import { type Drive, handleForceN } from '../../press/drive.js'
import { CutSimulation } from '../../press/cut-simulation.js'
import type { ForceCurve } from '../../press/press-passes.js'

/** What pressing a cut does in its last pass, in enough detail to draw it: the cut map after it, the load along the feed. */
export interface TryOut extends CutPassFigures {
  readonly map: LineMap
  readonly load: LoadCurve
  /** Whether every station of every pass was solved; else there is nothing to trust. */
  readonly solved: boolean
}

/** What the drive has to bear along the feed, N: at the crank's end for a hand press, at the nip for a motor. */
export interface LoadCurve {
  readonly xMm: Float64Array
  readonly loadN: Float64Array
}

/** What this user's hand, or the motor, can bear, N; measured as a load curve is. */
export const limitOf = ({ press: { drive }, rules }: CutContext): number =>
  rules.handShare * (drive.by === 'hand' ? drive.limitN : drive.stallN)

const loadOf = (drive: Drive, { xMm, forceN, torqueNmm }: ForceCurve): LoadCurve => ({
  xMm,
  loadN: drive.by === 'hand' ? torqueNmm.map((torque) => handleForceN(drive, torque) as number) : forceN,
})

/** Presses a cut at a squeeze in mm so many times on the standard grid, and tells of the last pass. */
export const tryOut = (cut: CutContext, bed: Bed, squeezeMm: number, passes: number, laying: Laying): TryOut => {
  const poses = laying.poses ?? layOutDies(cut.dies, cut.press.throatMm, laying.rotationDeg)
  const cells = cellsOf(cut, { ...laying, poses })
  const run = new CutSimulation(cut.press.frame, cells)
  run.start({ law: lawOf(cut, bed), bedSoftness: bed.softness, squeezeMm })
  let outcome = run.pass()
  let solved = outcome.status === 'solved'
  for (let pass = 1; pass < passes; pass++) {
    outcome = run.pass()
    solved &&= outcome.status === 'solved'
  }
  return {
    ...figuresOf(cut, outcome, run),
    map: cutMapOf(linesPosed(cut.dies, poses), cells, run.cut),
    load: loadOf(cut.press.drive, run.forceCurve()),
    solved,
  }
}
