import type { Die } from '../dies/die.js'
import type { HouseRules } from '../job/house-rules.js'
import type { BladeSide } from '../layers/layer.js'
import type { Plate } from '../layers/plate.js'
import type { Learnt } from '../learning/learnt.js'
import type { Sheet } from '../materials/sheet.js'
import type { PlanRequest } from '../planner/plan.js'
import type { Press } from '../press/press.js'
import { asPressed } from '../techniques/as-pressed.js'
import type { TechniqueId } from '../techniques/list.js'

/** How operations of one kind are pressed: what those of a chart, or of an evening on one press, have in common. */
export interface PressedOn {
  readonly technique: TechniqueId
  readonly press: Press
  readonly bladeSide: BladeSide
  readonly rules: HouseRules
  readonly shelf: readonly Plate[]
}

/** What goes through a press at once. */
export interface Operation {
  /** One, or several that go through together. */
  readonly dies: readonly Die[]
  readonly sheet: Sheet
  readonly sheetCount: number
  /** Plates that are otherwise under these dies than on the shelf: worn there, laid another way. */
  readonly worn: readonly Plate[]
  /** Plate ids of stacks that did this on the press before; none where it says nothing. */
  readonly workedBefore?: readonly (readonly string[])[] | undefined
  /** What the log says of the press with it. */
  readonly learnt?: Learnt | undefined
}

/** What a planner is asked for an operation. */
export const requestOfOperation = (
  { technique, press, bladeSide, rules, shelf }: PressedOn,
  { dies, sheet, sheetCount, worn, workedBefore = [], learnt }: Operation,
): PlanRequest => {
  const asWorn = new Map(worn.map((plate) => [plate.id, plate]))
  return {
    technique,
    region: 'all',
    cut: asPressed(technique, { press, dies, sheet, sheetCount, bladeSide, rules }),
    shelf: shelf.map((plate) => asWorn.get(plate.id) ?? plate),
    workedBefore,
    learnt,
  }
}
