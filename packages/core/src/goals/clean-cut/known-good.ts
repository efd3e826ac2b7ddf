import { factsOfDieClass } from '../../dies/classes/list.js'
import type { CutContext } from '../../job/cut-context.js'
import { defaultHouseRules } from '../../job/house-rules.js'
import type { Plate } from '../../layers/plate.js'
import { type Bed, bedOf, softnessOf } from '../../press/bed.js'
import type { KnownGoodStack, Press } from '../../press/press.js'
import type { MeasuredMm } from '../../units/measured.js'
import type { CutResponse } from './cut-response.js'
import { ordinaryCut } from './ordinary-cut.js'
import { USUAL_HALF_WINDOW_MM, usualSqueezeMm } from './rule-of-thumb.js'

/** "It cuts clean" is said of stacks that do so in at most so many passes. From memory. */
const KNOWN_PASSES = 2
/** mm. And that do not go deeper into the bed than this. From memory. */
const KNOWN_OVERCUT_MM = 0.35
/** And "the handle feels normal" below this share of the limit: firm at most. */
const KNOWN_EFFORT = 0.8
/** mm. No memory of a stack is better than this. */
const LEAST_KNOWN_SPREAD_MM = 0.05

/** The bed that a known stack must have had: the hardest plate for lace, else the softest thing it holds. */
const bedOfKnown = (known: KnownGoodStack): Bed => {
  const kindsFirst: readonly Plate['kind'][] = factsOfDieClass(known.dieClass).lacy
    ? ['hard-plate', 'soft-mat', 'cutting-pad']
    : ['soft-mat', 'cutting-pad', 'hard-plate']
  const plate = kindsFirst.flatMap((kind) => known.plates.find((each) => each.kind === kind) ?? [])[0]
  return plate
    ? { indentStiffness: bedOf(plate).indentStiffness, softness: softnessOf(plate) }
    : { indentStiffness: 110, softness: 0 }
}

/** The squeeze that a stack known to cut clean must have had, with how vague that is, mm. */
export const wantedByKnown = (
  press: Press,
  known: KnownGoodStack,
  responseOf: (cut: CutContext, bed: Bed) => CutResponse,
): MeasuredMm => {
  const cut = ordinaryCut(
    press,
    { dieClass: known.dieClass, height: known.dieHeight },
    { id: 'known', caliper: known.sheetCaliper, count: known.sheetCount },
    { ...defaultHouseRules, mostPasses: KNOWN_PASSES },
  )
  const response = responseOf(cut, bedOfKnown(known))
  const lowMm = response.goodFrom(KNOWN_PASSES)
  const highMm = Math.min(response.overcutFrom(KNOWN_OVERCUT_MM), response.effortFrom(KNOWN_EFFORT))
  if (!(highMm > lowMm) || !Number.isFinite(highMm))
    return {
      valueMm: usualSqueezeMm(known.dieClass, response.pileMm),
      spreadMm: USUAL_HALF_WINDOW_MM / Math.sqrt(3),
    }
  // Anywhere between is as likely: the spread of a uniform value is its width over √12.
  const spreadMm = Math.max(LEAST_KNOWN_SPREAD_MM, (highMm - lowMm) / Math.sqrt(12))
  return { valueMm: (lowMm + highMm) / 2, spreadMm }
}
