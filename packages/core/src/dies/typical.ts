import { type Die } from './die.js'
import { type DieClass, factsOfDieClass } from './classes/list.js'
import { usualFeedEnd } from './feed-end.js'
import { difficultyOf } from './difficulty.js'
import { standInOutline } from './stand-in.js'
import type { MeasuredMm } from '../units/measured.js'

/** A typical die of a class, for stacks that are known only by the class they cut. */
export const typicalDie = (dieClass: DieClass, height: MeasuredMm): Die => {
  const { bladeHeightMm, bodyStripMm, cased, laciness, typicalSizeMm } = factsOfDieClass(dieClass)
  const [lengthMm, widthMm] = typicalSizeMm
  return {
    id: `typical ${dieClass}`,
    name: dieClass,
    dieClass,
    lengthMm,
    widthMm,
    height,
    bladeHeightMm,
    bodyStripMm,
    fitForFoam: cased,
    feedEnd: usualFeedEnd(dieClass),
    difficulty: difficultyOf(dieClass, 'used'),
    outline: standInOutline(dieClass, lengthMm, widthMm, laciness),
  }
}
