import type { CutContext } from '../../job/cut-context.js'
import { pileMmOf } from '../../job/cut-context.js'
import { mostDifficult } from '../../dies/difficulty.js'
import { factsOfDieClass } from '../../dies/classes/list.js'
import { boxAround, middleOf } from '../../geometry/box.js'
import { layOutDies } from '../../placement/lay-out.js'
import { placeLines } from '../../geometry/place-lines.js'
import { chanceAtLeast } from '../../numerics/normal.js'
import { CLEAN_CELL, CLEAN_CUT } from '../../press/constants.js'
import { FolderSimulation } from '../../press/mats/folder-simulation.js'
import { cutMapOf } from '../clean-cut/cut-map.js'
import { matGoal } from '../mats/mat-goal.js'
import type { MatSpec, Rig } from '../mats/mat-spec.js'
import { reachedBy } from '../mats/quantile.js'
import { type FormedSeen, formedSeen } from './looks.js'
import { formedTries } from './tries.js'
import { FOLDER_MPA, FORMED_FROM, PATCHY, SEEN_SHARE, TEARS_MPA, TEARS_SPREAD } from './constants.js'
import { NEARLY_ALL } from '../mats/constants.js'

const MEAN = 0
const MOST = 1
const PRESSURE = 2
const REACH = 3

const tearsFrom = (cut: CutContext): number =>
  cut.dies.some(({ dieClass }) => factsOfDieClass(dieClass).use === 'deep-folder') ? TEARS_MPA.deep : TEARS_MPA.flat

const cutsToo = (cut: CutContext): boolean =>
  cut.dies.some(({ dieClass }) => factsOfDieClass(dieClass).use === 'cutting-folder')

/** What a look shows where a press does just what is forecast. */
const seenIn = (values: readonly number[], cut: CutContext): FormedSeen => {
  if ((values[PRESSURE] as number) >= tearsFrom(cut)) return 'torn'
  if ((values[MEAN] as number) < PATCHY) return 'nothing'
  if ((values[MOST] as number) < FORMED_FROM) return 'patchy'
  const reach = values[REACH]
  if (reach === undefined) return 'formed'
  return reach >= CLEAN_CELL ? 'clean' : 'hanging'
}

const rigOf: MatSpec['rig'] = (cut, laying, grid): Rig => {
  const [folder] = cut.dies
  const poses = laying.poses ?? layOutDies(cut.dies, cut.press.throatMm, laying.rotationDeg)
  const pose = poses[0] ?? { xMm: 0, yMm: cut.press.throatMm / 2, rotationDeg: 0 }
  const turned = Math.round(pose.rotationDeg / 90) % 2 !== 0
  const [lengthMm, widthMm] = turned
    ? [folder?.widthMm ?? 1, folder?.lengthMm ?? 1]
    : [folder?.lengthMm ?? 1, folder?.widthMm ?? 1]
  const lines = cutsToo(cut) && folder ? placeLines(folder.outline.lines, pose) : []
  const box = boxAround(lines)
  const [xMm, yMm] = box ? middleOf(box) : [pose.xMm, pose.yMm]
  const run = new FolderSimulation(cut.press.frame, { lengthMm, widthMm, xMm, yMm }, lines, grid)
  // Closed on its sheet; the die's height leaves the sheet out, which is a layer of its own.
  const thicknessMm = (folder?.height.valueMm ?? 0) + pileMmOf(cut)
  const sheet = { thicknessMm: pileMmOf(cut), shearStrengthMPa: cut.sheet.shearStrengthMPa * mostDifficult(cut.dies) }
  const reachOfMost = (): number =>
    run.blades ? reachedBy(run.blades.reach, run.lineCells.lengthMm, CLEAN_CUT) : Infinity
  const values = () => [
    run.area.formedMean().formedShare,
    reachedBy(run.area.formed, run.area.cells.share, NEARLY_ALL),
    run.area.peakPressureMPa,
    ...(run.blades ? [reachOfMost()] : []),
  ]
  let last: ReturnType<FolderSimulation['pass']> | undefined
  return {
    begin(_bed, squeezeMm, strength, fresh) {
      const folding = { folder: { thicknessMm, modulusMPa: FOLDER_MPA * strength }, squeezeMm, sheet }
      if (fresh) run.start(folding)
      else run.goOn(folding)
    },
    pass() {
      last = run.pass()
      return last
    },
    values,
    figures: () => ({
      of: 'formed',
      seen: seenIn(values(), cut),
      ...run.area.formedMean(),
      peakPressureMPa: run.area.peakPressureMPa,
      cutFraction: last?.cutFraction,
    }),
    map: () => cutMapOf([lines], run.lineCells, run.blades?.cut ?? new Float64Array(0)),
  }
}

/** What is particular to a folder. */
export const formedSpec: MatSpec = {
  seen: formedSeen,
  feels: 'coarse',
  usualPasses: 1,
  reason: 'folder',
  bedRole: 'pad',
  // The folder itself is what gives way, whatever pads lie around it.
  bedOfPlate: () => ({ indentStiffness: 0, softness: 0 }),
  bedOfStack: (stack) => (stack.some(({ is }) => is === 'dies') ? { indentStiffness: 0, softness: 0 } : undefined),
  usualSqueezeMm: () => 0.5,
  halfWindowMm: 0.2,
  looksMm: () => [0.05, 0.2, 0.35, 0.5, 0.7, 0.95, 1.3],
  rig: rigOf,
  goodness: (values) => Math.min((values[MOST] as number) - FORMED_FROM, (values[REACH] ?? Infinity) - CLEAN_CELL),
  harm: (values, cut) => (values[PRESSURE] as number) / tearsFrom(cut) - 1,
  tightEffort: 0.8,
  chanceOfSeen(values, seen, cut) {
    const torn = chanceAtLeast(1, (values[PRESSURE] as number) / tearsFrom(cut), TEARS_SPREAD)
    const any = chanceAtLeast(PATCHY, values[MEAN] as number, SEEN_SHARE)
    const full = any * chanceAtLeast(FORMED_FROM, values[MOST] as number, SEEN_SHARE)
    const isCut = values[REACH] === undefined ? 0 : chanceAtLeast(CLEAN_CELL, values[REACH], SEEN_SHARE)
    const hangs = values[REACH] === undefined ? 0 : 1 - isCut
    switch (seen) {
      case 'torn':
        return torn
      case 'clean':
        return full * isCut * (1 - torn)
      case 'hanging':
        return full * hangs * (1 - torn)
      case 'formed':
        return values[REACH] === undefined ? full * (1 - torn) : 0
      case 'patchy':
        return (any - full) * (1 - torn)
      default:
        return (1 - any) * (1 - torn)
    }
  },
  straight: [0.06, 0.06, 1, 0.06],
  tries: formedTries,
  worst: { harm: 'tears', short: 'patchy' },
}

/** What is computed of it. */
export const formedComputed = matGoal(formedSpec)
