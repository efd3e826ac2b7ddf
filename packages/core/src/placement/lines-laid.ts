import type { Die } from '../dies/die.js'
import { placeLines } from '../geometry/place-lines.js'
import { layOutDies } from './lay-out.js'
import type { DiePose } from './place-die.js'

/** The lines of dies where they are posed, die by die; mm, x along the feed, y across. */
export const linesPosed = (dies: readonly Pick<Die, 'outline'>[], poses: readonly DiePose[]): number[][][] =>
  dies.map(({ outline }, at) => placeLines(outline.lines, poses[at] as DiePose))

/** The same where dies are laid the plain way, in a press with a throat so wide, mm. */
export const linesLaid = (dies: readonly Die[], throatMm: number, rotationDeg = 0): number[][][] =>
  linesPosed(dies, layOutDies(dies, throatMm, rotationDeg))
