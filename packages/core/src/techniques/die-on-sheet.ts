import { factsOfDieClass } from '../dies/classes/list.js'
import type { Die } from '../dies/die.js'
import type { Finding } from '../faults/finding.js'
import { sizeOf } from '../geometry/box.js'
import { isClosed } from '../geometry/polyline.js'
import { rectangleFits } from '../geometry/rectangle-fits.js'
import type { CutContext } from '../job/cut-context.js'
import type { FindingCode } from './finding-code.js'
import { finding } from './technique.js'

type Size = readonly [number, number]

/** What a die that cuts, creases or foils is to its sheet: larger, or so large that no closed line of it comes out. */
const cutterOnSheet = (die: Die, sizeMm: Size): Finding<FindingCode>[] => {
  const closed = die.outline.lines.filter(isClosed)
  // Open lines are borders and edges: they run on from cut to cut, or off the sheet, as they are meant to.
  if (closed.length === 0 || rectangleFits([die.lengthMm, die.widthMm], sizeMm)) return []
  const values = { die: die.name, dieMm: Math.max(die.lengthMm, die.widthMm), limitMm: Math.max(...sizeMm) }
  return closed.some((line) => rectangleFits(sizeOf(line), sizeMm))
    ? [finding('die-larger-than-sheet', 'caution', values)]
    : [finding('no-line-on-sheet', 'stop', values)]
}

/** What dies and folders are to a sheet that goes through as it is; nothing where the sheet's size is not known, or its piece was laid by hand. */
export const onSheet = ({ dies, sheet: { sizeMm, name } }: CutContext): Finding<FindingCode>[] => {
  if (!sizeMm) return []
  return dies.flatMap((die): Finding<FindingCode>[] => {
    const { use } = factsOfDieClass(die.dieClass)
    if (use === 'die') return cutterOnSheet(die, sizeMm)
    if (use === 'shape') return []
    const fits = rectangleFits(sizeMm, [die.lengthMm, die.widthMm])
    return fits ? [] : [finding('folder-smaller-than-sheet', 'caution', { die: die.name, sheet: name })]
  })
}
