import { FRESH_PAD_STIFFNESS } from '../../press/bed.js'
import { CLEAN_CUT } from '../../press/constants.js'
import type { Press } from '../../press/press.js'
import { pileMmOf } from '../../job/cut-context.js'
import { defaultHouseRules } from '../../job/house-rules.js'
import { measured } from '../../units/measured.js'
import { type CutPassFigures, simulatePasses, standardRun } from './figures.js'
import { ordinaryCut } from './ordinary-cut.js'
import { usualSqueezeMm } from '../usually-wanted.js'

/** What a press does with one and the same cut, so that builds can be compared. */
export interface PressSample {
  readonly first: CutPassFigures
  /** Passes until clean; undefined where the house's most are not enough. */
  readonly passes: number | undefined
}

/** mm. The card of the sample, about 240 g/m². */
const CALIPER_MM = 0.3
const SHEETS = 2

/** Presses a typical lace die over two cards on fresh pads at the usual squeeze. Some tens of milliseconds. */
export const pressSample = ({ frame, drive }: Pick<Press, 'frame' | 'drive'>): PressSample => {
  const cut = ordinaryCut(
    {
      id: 'sample',
      name: 'sample',
      pressClass: 'small-hand',
      throatMm: frame.throatMm,
      frame,
      drive,
      knownGood: [],
      felt: [],
    },
    { dieClass: 'thin-lace', height: measured(1, 'table') },
    { id: 'sample', caliper: measured(CALIPER_MM, 'caliper'), count: SHEETS },
  )
  const bed = { indentStiffness: FRESH_PAD_STIFFNESS, softness: 0 }
  const { passes } = simulatePasses(standardRun(cut), cut, bed, usualSqueezeMm('thin-lace', pileMmOf(cut)), {
    least: 1,
    most: defaultHouseRules.mostPasses,
  })
  const cleanAt = passes.findIndex((pass) => pass.cutFraction >= CLEAN_CUT)
  return { first: passes[0] as CutPassFigures, passes: cleanAt === -1 ? undefined : cleanAt + 1 }
}
