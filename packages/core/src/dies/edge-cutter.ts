import { crestOf, pitchOf } from '../borders/pitch.js'
import type { EdgeCutter } from '../borders/ribbon-of-runs.js'
import type { Die } from './die.js'

/** Whether a die has lines of its own, in which a pattern can be looked for. */
export const isDrawn = ({ outline }: Pick<Die, 'outline'>): boolean => outline.source !== 'stand-in'

/** A die as it cuts along a ribbon's edge; its pitch (mm) as told where none is found in its lines. */
export const edgeCutterOf = (die: Pick<Die, 'lengthMm' | 'outline'>, pitchToldMm: number): EdgeCutter => {
  const { lines } = die.outline
  const pitchMm = (isDrawn(die) ? pitchOf(lines) : undefined) ?? pitchToldMm
  return { dieLengthMm: die.lengthMm, pitchMm, crestMm: crestOf(lines, pitchMm) }
}
