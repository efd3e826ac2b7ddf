import { typicalDie } from '../dies/typical.js'
import type { Plate } from '../layers/plate.js'
import { strengthOfKind } from '../materials/sheet-kind.js'
import { type Bed, bedOf, softnessOf } from '../press/bed.js'
import { type LearntGap, learntGap } from '../calibration/learnt-gap.js'
import type { Learnt } from '../calibration/learnt.js'
import { estimateGap } from '../press/gap.js'
import type { KnownGoodStack, Press } from '../press/press.js'
import { defaultHouseRules } from '../techniques/house-rules.js'
import type { CutContext } from '../techniques/technique.js'
import type { MeasuredMm } from '../units/measured.js'
import { CutResponse } from '../response/cut-response.js'
import { bedKey, cellsOf, type Laying, PLAIN_LAYING, PLANNING_GRID } from '../response/cut-setup.js'
import { fingerprintOf } from '../response/fingerprint.js'
import { USUAL_HALF_WINDOW_MM, usualSqueezeMm } from './rule-of-thumb.js'

/** "It cuts clean" is said of stacks that do so in at most so many passes. From memory. */
const KNOWN_PASSES = 2
/** mm. And that do not go deeper into the bed than this. From memory. */
const KNOWN_OVERCUT_MM = 0.35
/** And "the handle feels normal" below this share of the limit: firm at most. */
const KNOWN_EFFORT = 0.8
/** mm. No memory of a stack is better than this. */
const LEAST_KNOWN_SPREAD_MM = 0.05

/** How many responses are remembered; each holds a few dozen simulations of one lay-out. */
const MOST_REMEMBERED = 40

/** The bed that a known stack must have had: the hardest plate for lace, else the softest thing it holds. */
const bedOfKnown = (known: KnownGoodStack): Bed => {
  const kindsFirst: readonly Plate['kind'][] =
    known.dieClass === 'thin-lace'
      ? ['hard-plate', 'soft-mat', 'cutting-pad']
      : ['soft-mat', 'cutting-pad', 'hard-plate']
  const plate = kindsFirst.flatMap((kind) => known.plates.find((each) => each.kind === kind) ?? [])[0]
  return plate
    ? { indentStiffness: bedOf(plate).indentStiffness, softness: softnessOf(plate) }
    : { indentStiffness: 110, softness: 0 }
}

/** Simulated responses, made when first asked for and remembered, and what follows from them for a press's gap. */
export class PressModel {
  private readonly responses = new Map<string, CutResponse>()

  /** How a cut on a bed answers to the squeeze. */
  responseOf(cut: CutContext, bed: Bed, laying: Laying = PLAIN_LAYING): CutResponse {
    const { press, dies, sheet, sheetCount, rules } = cut
    const key = JSON.stringify([
      press.frame,
      press.drive,
      dies.map((die) => [fingerprintOf(die.outline.lines), die.height, die.bladeHeightMm, die.bodyStripMm]),
      [sheet.caliper.valueMm, sheet.shearStrengthMPa, sheet.squashModulusMPa, sheetCount],
      bedKey(bed),
      [laying.rotationDeg, laying.poses ?? null],
      rules.mostPasses,
    ])
    const known = this.responses.get(key)
    // A height map is a function and has no name, so a response to it is not remembered.
    if (known && !laying.heights) return known
    const response = new CutResponse(cut, bed, cellsOf(cut, laying, PLANNING_GRID), rules.mostPasses)
    if (laying.heights) return response
    const oldest = this.responses.keys().next()
    if (this.responses.size >= MOST_REMEMBERED && !oldest.done) this.responses.delete(oldest.value)
    this.responses.set(key, response)
    return response
  }

  /** A press's gap by its known-good stacks: height − the squeeze at which their die and sheets come clean, simulated. */
  /** And by its logged runs, where there are any. */
  gapOf(press: Press, learnt?: Learnt): LearntGap {
    return learntGap(
      press,
      estimateGap(press, (known) => this.wantedBy(press, known)),
      learnt,
    )
  }

  private wantedBy(press: Press, known: KnownGoodStack): MeasuredMm {
    const cut: CutContext = {
      press,
      dies: [typicalDie(known.dieClass, known.dieHeight)],
      sheet: {
        id: 'known',
        name: 'card',
        kind: 'smooth-card',
        caliper: known.sheetCaliper,
        ...strengthOfKind('smooth-card'),
      },
      sheetCount: known.sheetCount,
      bladeSide: 'down',
      rules: { ...defaultHouseRules, mostPasses: KNOWN_PASSES },
    }
    const response = this.responseOf(cut, bedOfKnown(known))
    const lowMm = response.cleanFrom(KNOWN_PASSES)
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
}
