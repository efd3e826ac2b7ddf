import { factsOfDieClass } from '../../dies/classes/list.js'
import type { CutContext } from '../../job/cut-context.js'
import { defaultHouseRules } from '../../job/house-rules.js'
import type { Plate } from '../../layers/plate.js'
import type { WantedSqueeze } from '../../learning/told.js'
import { type Bed, bedOf, softnessOf } from '../../press/bed.js'
import type { KnownGoodStack, Press } from '../../press/press.js'
import type { CutResponse } from './cut-response.js'
import { ordinaryCut } from './ordinary-cut.js'
import { usuallyWanted } from '../usually-wanted.js'

/** "It cuts clean" is said of stacks that do so in at most so many passes. From memory. */
const KNOWN_PASSES = 2
/** mm. And that do not go deeper into the bed than this. From memory. */
const KNOWN_OVERCUT_MM = 0.35
/** And "the handle feels normal" below this share of the limit: firm at most. */
const KNOWN_EFFORT = 0.8

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

/** Between which squeezes a stack known to cut clean must have had its own, mm: anywhere between is as likely. */
export const wantedByKnown = (
  press: Press,
  known: KnownGoodStack,
  responseOf: (cut: CutContext, bed: Bed) => CutResponse,
): WantedSqueeze => {
  const cut = ordinaryCut(
    press,
    { dieClass: known.dieClass, height: known.dieHeight },
    { id: 'known', caliper: known.sheetCaliper, count: known.sheetCount },
    { ...defaultHouseRules, mostPasses: KNOWN_PASSES },
  )
  const response = responseOf(cut, bedOfKnown(known))
  const lowMm = response.goodFrom(KNOWN_PASSES)
  const highMm = Math.min(response.overcutFrom(KNOWN_OVERCUT_MM), response.effortFrom(KNOWN_EFFORT))
  return highMm > lowMm && Number.isFinite(highMm) ? { lowMm, highMm } : usuallyWanted(known)
}
