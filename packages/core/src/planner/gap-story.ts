import { OFFSETS, offsetMmAt } from '../calibration/axes.js'
import { spreadAfterAnother } from '../calibration/evidence.js'
import { beliefOf } from '../calibration/learnt-gap.js'
import type { Learnt } from '../calibration/learnt.js'
import { intervalOf, marginalsOf, momentsOf, normalized, priorGrid } from '../calibration/posterior.js'
import { REPEAT_SPREAD_MM } from '../calibration/trial.js'
import { typicalDie } from '../dies/typical.js'
import { strengthOfKind } from '../materials/sheet-kind.js'
import { FRESH_PAD_STIFFNESS } from '../press/bed.js'
import { gapOfClass } from '../press/press-class.js'
import type { Press } from '../press/press.js'
import { defaultHouseRules } from '../techniques/house-rules.js'
import type { CutContext } from '../techniques/technique.js'
import { measured } from '../units/measured.js'
import type { PressModel } from './press-model.js'
import { usualSqueezeMm } from './rule-of-thumb.js'

/** How a press's gap came to be known, for telling it. Chances add up to 1; a gap in mm belongs to each. */
export interface GapStory {
  readonly gapsMm: readonly number[]
  /** Believed of the class alone, and with everything that is known. */
  readonly prior: readonly number[]
  readonly now: readonly number[]
  readonly gapMm: number
  readonly spreadMm: number
  /** Where the gap lies in nine cases of ten, mm. */
  readonly ninetyMm: readonly [number, number]
  /** The spread that one more run with an ordinary outline over one card is going to leave, mm. */
  readonly spreadAfterAnotherMm: number
}

const CALIPER_MM = 0.3

/** An ordinary cut: an outline over one card on a fresh pad, by a stack that is measured well. */
const ordinaryCut = (press: Press): CutContext => ({
  press,
  dies: [typicalDie('thin-outline', measured(1, 'caliper'))],
  sheet: {
    id: 'ordinary',
    name: 'card',
    kind: 'smooth-card',
    caliper: measured(CALIPER_MM, 'caliper'),
    ...strengthOfKind('smooth-card'),
  },
  sheetCount: 1,
  bladeSide: 'down',
  rules: defaultHouseRules,
})

/** Tells how a press's gap came to be known: from its class, its known stacks and its runs. Some hundred milliseconds. */
export const gapStoryOf = (press: Press, learnt: Learnt | undefined, model: PressModel): GapStory => {
  const classGapMm = gapOfClass(press.pressClass).valueMm
  const chances = beliefOf(press, model.gapOf(press), learnt)
  const { offsets } = marginalsOf(chances)
  const { mean, spread } = momentsOf(offsets, offsetMmAt)
  const [low, high] = intervalOf(offsets, offsetMmAt, 0.9)
  const pressed = {
    cut: ordinaryCut(press),
    rounds: [
      {
        bed: { indentStiffness: FRESH_PAD_STIFFNESS, softness: 0 },
        nominalSqueezeMm: usualSqueezeMm('thin-outline', CALIPER_MM) + mean,
        look: { passes: 2, seen: 'clean', hangingShare: null, hangingPlace: null, feel: 'light' } as const,
      },
    ],
    heightSpreadMm: REPEAT_SPREAD_MM,
  }
  return {
    gapsMm: Array.from({ length: OFFSETS }, (_, row) => classGapMm + offsetMmAt(row)),
    prior: [...marginalsOf(normalized(priorGrid())).offsets],
    now: [...offsets],
    gapMm: classGapMm + mean,
    spreadMm: spread,
    ninetyMm: [classGapMm + low, classGapMm + high],
    spreadAfterAnotherMm: spreadAfterAnother(chances, pressed),
  }
}
