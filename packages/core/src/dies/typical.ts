import { type Die } from './die.js'
import { type DieClass, factsOfDieClass } from './die-class.js'
import { standInOutline, usualLaciness } from './stand-in.js'
import type { MeasuredMm } from '../units/measured.js'

/** mm, along the feed and across. A die as people mean it who say "it cuts thin lace". From memory. */
const sizes: Record<DieClass, readonly [lengthMm: number, widthMm: number]> = {
  'thin-outline': [80, 60],
  'thin-lace': [90, 80],
  'thin-border': [140, 22],
  'small-cased': [90, 60],
  'large-cased': [125, 100],
}

/** A typical die of a class, for stacks that are known only by the class they cut. */
export const typicalDie = (dieClass: DieClass, height: MeasuredMm): Die => {
  const [lengthMm, widthMm] = sizes[dieClass]
  const { bladeHeightMm, bodyStripMm, cased } = factsOfDieClass(dieClass)
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
    outline: standInOutline(dieClass, lengthMm, widthMm, usualLaciness(dieClass)),
  }
}
