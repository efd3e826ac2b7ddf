import { crossedCells, reachAlong } from '../diagnosis/laid-cut.js'
import { placeLines } from '../geometry/place-lines.js'
import { PLAIN_LAYING } from '../goals/laying.js'
import type { CutContext } from '../job/cut-context.js'
import { type RandomSource, randomNormal } from '../numerics/random.js'
import type { HangingStretch } from '../outcomes/hanging-stretch.js'
import { hangingOf, stretchesOf } from '../outcomes/stretches.js'
import { layOutDies } from '../placement/lay-out.js'
import type { DiePose } from '../placement/place-die.js'
import { CLEAN_CELL } from '../press/constants.js'
import type { CutSimulation } from '../press/cut-simulation.js'

/** How unsure an eye is of how far a stretch is cut, as a share of the sheets; along so many mm it is wrong in the same way. Diagnosis notes. */
const SEEN_SPREAD = 0.12
const ALIKE_MM = 20

/** The stretches that a person would point out on a cut; or, where it hangs anywhere, so much of the line in patches. */
export const pointedOut = (cut: CutContext, hung: CutSimulation | number, random: RandomSource): HangingStretch[] => {
  const stretches = stretchesOf(cut.dies)
  let reach: Float64Array | undefined
  if (typeof hung !== 'number') {
    const poses = layOutDies(cut.dies, cut.press.throatMm, PLAIN_LAYING.rotationDeg)
    const lines = cut.dies.map((die, at) => placeLines(die.outline.lines, poses[at] as DiePose))
    reach = reachAlong(crossedCells(stretches, lines, hung.cells), hung.reach)
  }
  let patch = ''
  let drawn = 0
  const hangs = stretches.map(({ die, line, fromMm }, at): boolean => {
    const here = `${die} ${line} ${Math.floor(fromMm / ALIKE_MM)}`
    if (here !== patch) [patch, drawn] = [here, reach ? SEEN_SPREAD * randomNormal(random) : random()]
    return reach ? (reach[at] as number) + drawn < CLEAN_CELL : drawn < (hung as number)
  })
  return hangingOf(stretches, cut.dies, (at) => hangs[at] as boolean)
}
