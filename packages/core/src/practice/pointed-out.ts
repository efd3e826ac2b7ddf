import { crossedCells, reachAlong } from '../diagnosis/laid-cut.js'
import { CORRELATED_MM, SEEN_SPREAD } from '../diagnosis/place-evidence.js'
import type { CutContext } from '../job/cut-context.js'
import { type RandomSource, randomNormal } from '../numerics/random.js'
import type { HangingStretch } from '../outcomes/hanging-stretch.js'
import { hangingOf, stretchesOf } from '../outcomes/stretches.js'
import { linesLaid } from '../placement/lines-laid.js'
import { CLEAN_CELL } from '../press/constants.js'
import type { CutSimulation } from '../press/cut-simulation.js'

/** The stretches that a person would point out on a cut; or, where it hangs anywhere, so much of the line in patches. */
export const pointedOut = (cut: CutContext, hung: CutSimulation | number, random: RandomSource): HangingStretch[] => {
  const stretches = stretchesOf(cut.dies)
  let reach: Float64Array | undefined
  if (typeof hung !== 'number') {
    const lines = linesLaid(cut.dies, cut.press.throatMm)
    reach = reachAlong(crossedCells(stretches, lines, hung.cells), hung.reach)
  }
  let patch = ''
  let drawn = 0
  const hangs = stretches.map(({ die, line, fromMm }, at): boolean => {
    const here = `${die} ${line} ${Math.floor(fromMm / CORRELATED_MM)}`
    if (here !== patch) [patch, drawn] = [here, reach ? SEEN_SPREAD * randomNormal(random) : random()]
    return reach ? (reach[at] as number) + drawn < CLEAN_CELL : drawn < (hung as number)
  })
  return hangingOf(stretches, cut.dies, (at) => hangs[at] as boolean)
}
