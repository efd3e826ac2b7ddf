import { factsOfDieClass } from '../dies/classes/list.js'
import { tallest } from '../dies/die.js'
import { ordinaryCut } from '../goals/clean-cut/ordinary-cut.js'
import type { Response } from '../goals/response.js'
import { usuallyWanted } from '../goals/usually-wanted.js'
import { wantedByKnown } from '../goals/wanted-by-known.js'
import { type CutContext, jobLayer } from '../job/cut-context.js'
import { defaultHouseRules } from '../job/house-rules.js'
import type { Stack } from '../layers/stack.js'
import type { WantedSqueeze } from '../learning/told.js'
import type { Computed } from '../goals/computed.js'
import type { PlateKind } from '../materials/plate-kind.js'
import type { Bed } from '../press/bed.js'
import type { KnownGoodStack, Press } from '../press/press.js'
import { asPressed } from '../techniques/as-pressed.js'
import { type LaidLayer, withRoles } from '../techniques/give-roles.js'
import { computedOf } from '../techniques/computed-of.js'
import { type TechniqueId, techniqueIds, techniqueOf } from '../techniques/list.js'
import { methodOf } from '../techniques/method.js'
import { followsSequence } from '../techniques/sequence.js'

/** What a known stack is for. */
export const techniqueOfKnown = ({ technique }: KnownGoodStack): TechniqueId =>
  techniqueIds.find((each) => each === technique) ?? 'cut'

/** What was pressed in a known stack: a typical die of its class over plain card. */
const cutOfKnown = (press: Press, known: KnownGoodStack): CutContext =>
  ordinaryCut(
    press,
    { dieClass: known.dieClass, height: known.dieHeight },
    { id: 'known', caliper: known.sheetCaliper, count: known.sheetCount },
    {
      bladeSide: known.bladeSide ?? techniqueOf(techniqueOfKnown(known)).bladeSide ?? 'down',
      rules: { ...defaultHouseRules, passes: 'as-predicted', hardPlateUnderOutline: 'allowed' },
    },
  )

/** Dies and sheets as they lie between plates, bottom to top. */
const pressedIn = (cut: CutContext): readonly [LaidLayer, LaidLayer] => {
  const [dies, sheets] = [jobLayer('dies', cut) as LaidLayer, jobLayer('sheets', cut) as LaidLayer]
  return cut.bladeSide === 'down' ? [sheets, dies] : [dies, sheets]
}

/** Where the plate lies that a known stack's blade or shape is pressed against, where its order follows no sequence: the hardest for lace, else the softest. */
const bedIndexIn = ({ dieClass, plates }: KnownGoodStack): number => {
  const kindsFirst: readonly PlateKind[] = factsOfDieClass(dieClass).lacy
    ? ['embossing-mat', 'hard-plate', 'soft-mat', 'cutting-pad']
    : ['embossing-mat', 'soft-mat', 'cutting-pad', 'hard-plate']
  const kind = kindsFirst.find((each) => plates.some((plate) => plate.kind === each))
  return plates.findIndex((plate) => plate.kind === kind)
}

/** The plates of a known stack round what is pressed: in an order that its technique has, else with its likeliest bed against the sheets. */
export const stackOfKnown = (known: KnownGoodStack, cut: CutContext, technique: TechniqueId): Stack => {
  const method = methodOf({ technique, region: 'all' })
  const sequences = method.sequences(cut)
  const laid = known.plates.map((plate): LaidLayer => ({ is: 'plate', plate }))
  const [lower, upper] = pressedIn(cut)
  /** Dies and sheets over so many plates each. */
  const pressedAt = (lowerAt: number, upperAt: number): Stack =>
    withRoles(
      [...laid.slice(0, lowerAt), lower, ...laid.slice(lowerAt, upperAt), upper, ...laid.slice(upperAt)],
      method,
      cut,
    )
  for (const places of sequences)
    for (let lowerAt = laid.length; lowerAt >= 0; lowerAt--)
      // Foil lies between die and sheet; else they lie together.
      for (let upperAt = lowerAt; upperAt <= laid.length; upperAt++) {
        const stack = pressedAt(lowerAt, upperAt)
        if (followsSequence(stack, places)) return stack
      }
  const bedAt = bedIndexIn(known)
  const at = cut.bladeSide === 'down' ? bedAt + 1 : Math.max(0, bedAt)
  return pressedAt(at, at)
}

/** Which squeezes a known stack may have had on a press, by what it is for, in as many passes as were told. */
export const squeezesOfKnown = (
  press: Press,
  known: KnownGoodStack,
  responseOf: (goal: Computed, cut: CutContext, bed: Bed) => Response,
): WantedSqueeze => {
  const technique = techniqueOfKnown(known)
  const goal = computedOf({ technique })
  const cut = asPressed(technique, cutOfKnown(press, known))
  const stack = stackOfKnown(known, cut, technique)
  const bed = goal.bedOfStack(stack)
  if (!bed) return usuallyWanted(known)
  const wanted = wantedByKnown(
    known,
    responseOf(goal, cut, bed),
    goal.advice.passes(cut, stack),
    cut.rules.mostPasses,
    press.alwaysBack,
  )
  // A folder is measured closed over its sheet, which counts once more in the height that these squeezes are taken from.
  const twiceMm = known.dieHeight.valueMm - tallest(cut.dies).valueMm
  return wanted.map((band) => ({ ...band, fromMm: band.fromMm + twiceMm, toMm: band.toMm + twiceMm }))
}
